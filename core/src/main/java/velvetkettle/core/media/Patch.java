package velvetkettle.core.media;

/** Something made beforehand, woven or embroidered, fixed with a fusible web. */
public sealed interface Patch extends PressMedium permits StrongWebPatch {}
