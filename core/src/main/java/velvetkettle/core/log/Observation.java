package velvetkettle.core.log;

import velvetkettle.core.quantity.Worded;

/**
 * What a maker sees on a finished piece [common practice, no source]. The first says that nothing
 * is wrong.
 */
public enum Observation implements Worded {
  GOOD_BOND,
  EDGE_LIFTS,
  STAYED_ON_CARRIER,
  SHINY_BOX,
  SCORCHED,
  FILM_WRINKLED,
  DYE_CAME_THROUGH,
  PALE_PRINT,
  DOUBLE_EDGE,
  SPECKS,
  PATCH_EDGE_OPEN,
  OTHER;

  public boolean good() {
    return this == GOOD_BOND;
  }

  @Override
  public String vocabulary() {
    return "seen";
  }
}
