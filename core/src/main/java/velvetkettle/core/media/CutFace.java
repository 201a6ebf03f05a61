package velvetkettle.core.media;

import velvetkettle.core.quantity.Worded;

/** How the material lies when it is cut or printed. */
public enum CutFace implements Worded {
  GLUE_UP,
  PRINT_SIDE,
  ALREADY_MADE,
  NOT_CUT;

  @Override
  public String vocabulary() {
    return "cutface";
  }
}
