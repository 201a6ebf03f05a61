package velvetkettle.core.media.trait;

import velvetkettle.core.quantity.Worded;

/** How the material lies when it is cut or printed. */
public enum CutFace implements Worded {
  /** Carrier down on the mat, glue side up, kiss cut. */
  GLUE_UP,
  /** Printed on its coated side, which goes face down on the cloth. */
  PRINT_SIDE,
  /** Printed and cut as it will be seen. */
  FACE_UP,
  ALREADY_MADE,
  NOT_CUT;

  /** Whether there is anything to cut or print before the press. */
  public boolean worked() {
    return this == GLUE_UP || this == PRINT_SIDE || this == FACE_UP;
  }

  @Override
  public String vocabulary() {
    return "cutface";
  }
}
