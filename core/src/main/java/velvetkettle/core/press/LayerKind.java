package velvetkettle.core.press;

/** What a layer of the Stack is, for drawing it and for computing it. */
public enum LayerKind {
  HEATED_PLATEN,
  COVER,
  CARRIER,
  PAPER,
  FILM,
  BLOCKER,
  INK,
  GLUE,
  PATCH,
  STONE,
  FRONT,
  SEPARATOR,
  BACK,
  PAD,
  LOWER_PLATEN
}
