package velvetkettle.core.media;

/** Dye that turns to gas and settles inside polyester: nothing lies on the cloth afterwards. */
public sealed interface Sublimation extends PressMedium permits DirectSublimation {}
