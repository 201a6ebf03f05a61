package velvetkettle.core.work;

/** What a tool comes down for. */
public enum Purpose {
  /** It flattens and dries the bare cloth. */
  PRE_PRESS,
  /** It dries and sets a coat of primer. */
  PRIME,
  /** It holds a thing in its place until the main press. */
  TACK,
  /** It holds one colour until the press of the last one. */
  COLOUR,
  /** The press that its recipe is about. */
  MAIN,
  /** Once more on the bare thing, its carrier off. */
  SECOND,
  /** Once more through the cloth. */
  FROM_BACK
}
