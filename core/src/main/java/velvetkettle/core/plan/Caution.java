package velvetkettle.core.plan;

import velvetkettle.core.quantity.Worded;

/**
 * What can hurt someone, said wherever it applies. Each defers to the maker's manual and local
 * rules where those speak.
 */
public enum Caution implements Worded {
  HOT,
  HOT_TIP,
  PINCH,
  ELECTRIC,
  VENTILATE,
  UNKNOWN_CLOTH,
  STEAM,
  SHEET_LIMIT,
  BLADE,
  SPRAY,
  SMALL_PARTS,
  CHILD,
  SKIN,
  METAL_ON_SKIN,
  GLUE_AND_NEEDLE;

  @Override
  public String vocabulary() {
    return "caution";
  }
}
