package velvetkettle.core.media;

import velvetkettle.core.quantity.Worded;

/** How the material lies when it is cut or printed. */
public enum CutFace implements Worded {
  GLUE_UP,
  PRINT_SIDE,
  ALREADY_MADE,
  NOT_CUT;

  /** Whether there is anything to cut or print before the press. */
  public boolean worked() {
    return this == GLUE_UP || this == PRINT_SIDE;
  }

  @Override
  public String vocabulary() {
    return "cutface";
  }
}
