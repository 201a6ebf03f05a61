package velvetkettle.core.intake;

/** What an order says, in the order in which it matters where it is missing. */
public enum Field {
  LABEL,
  KIND,
  COLOUR,
  ART,
  LIGHT,
  WIDTH,
  PLACE,
  PIECES,
  DUE,
  HEIGHT,
  FABRIC,
  SIZES,
  /** Whom it fits. */
  FITS,
  /** What lies in the way of a platen. */
  OBSTACLES
}
