package velvetkettle.core.heat.conduction;

import velvetkettle.core.heat.dose.Adhesive;

/**
 * The interface that is being bonded.
 *
 * @param below index of the part whose lower face it is
 * @param dose bond dose so far, s at 130 °C and 20 kPa
 */
public record GlueLine(int below, Adhesive adhesive, double dose) {
  /** 1 when bonded. */
  public double reached() {
    return dose / adhesive.needed();
  }
}
