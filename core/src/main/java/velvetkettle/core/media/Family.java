package velvetkettle.core.media;

/** What media are alike in how they are made; each has a file of its own beside this one. */
public enum Family {
  /** Coloured film, most of it on a carrier, cut, weeded and pressed. */
  FILM,
  /** A print made elsewhere or beforehand, with its own glue, already reversed on its carrier. */
  TRANSFER,
  /** Art printed on a sheet whose coating goes over to the cloth. */
  TRANSFER_PAPER,
  /** Dye that turns to gas and settles inside polyester: nothing lies on the cloth afterwards. */
  SUBLIMATION,
  /** Hot-fix stones: glass with glue on its back that melts into the cloth. */
  STONES,
  /** Fusible web between a piece of other cloth and the garment. */
  WEB,
  /** Something made beforehand, woven or embroidered, fixed with a fusible web. */
  PATCH
}
