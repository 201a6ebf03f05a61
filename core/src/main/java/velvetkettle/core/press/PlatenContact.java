package velvetkettle.core.press;

import velvetkettle.core.quantity.Bounds;

/**
 * How the force and the warmth of a platen reach the art that lies under it, at the weakest of its
 * positions.
 *
 * @param loaded what carries the force, mm2: the garment under the platen, or what lifts the art
 * @param share of the mean pressure over that, which reaches the art: below 1 where seams or a
 *     pocket beside it carry more, 0.05 to 1
 * @param coolest how far the coolest place of the art is off what the platen is set to, K at 150 °C
 * @param hottest of the art, likewise
 * @param over what part of the time the platen is over a place and touches it: 1 where it is held,
 *     less where it is kept moving or has holes, 0.02 to 1
 */
public record PlatenContact(
    double loaded, double share, double coolest, double hottest, double over) {
  /** Nearer to each other than this one place stands for all, K. */
  private static final double EVEN = 0.5;

  private static final double LEAST_SHARE = 0.05;

  private static final double LEAST_OVER = 0.02;

  /** Of a sole with holes for steam, what is sole (engineering estimate). */
  private static final double SOLE = 0.93;

  public PlatenContact {
    Bounds.check("loaded area", loaded, 1, 25e6, "mm²");
    Bounds.check("share of the pressure", share, LEAST_SHARE, 1, "");
    Bounds.check("share of the time", over, LEAST_OVER, 1, "");
  }

  /** Held on it. */
  public PlatenContact(double loaded, double share, double coolest, double hottest) {
    this(loaded, share, coolest, hottest, 1);
  }

  /** Small art in the middle of a platen that lies on cloth with all of its face. */
  public static PlatenContact middleOf(Press press) {
    return new PlatenContact(press.area(), 1, 0, 0);
  }

  /**
   * The same under an iron that is kept moving: it passes over all of the art and half its own
   * length beyond, so that no place has less than another; the holes pass over a place too.
   *
   * @param width of the art, mm
   * @param height likewise
   */
  public PlatenContact keptMoving(Press iron, double width, double height) {
    double swept = (width + iron.platenWidth().count()) * (height + iron.platenDepth().count());
    double touches = iron.kind().steams() ? SOLE : 1;
    double passes = touches * iron.area() / swept;
    return new PlatenContact(loaded, share, coolest, hottest, Math.max(LEAST_OVER, passes));
  }

  /** The same set down and held. */
  public PlatenContact held() {
    return new PlatenContact(loaded, share, coolest, hottest, 1);
  }

  public boolean isEven() {
    return hottest - coolest < EVEN;
  }

  /** The same for what harm comes where it is hottest. */
  public PlatenContact atHottest() {
    return new PlatenContact(loaded, share, hottest, hottest, over);
  }

  /**
   * How far the coolest place is off a setting, K.
   *
   * @param celsius of the platen
   * @param room °C
   */
  public double off(double celsius, double room) {
    // A platen as warm as its room is even.
    return coolest * Math.max(0, celsius - room) / (PlatenMap.AT - room);
  }

  /** How much higher a setting makes the coolest place as hot as the hottest is now, K. */
  public double apart(double celsius, double room) {
    return isEven()
        ? 0
        : (hottest - coolest) * Math.max(0, celsius - room) / (PlatenMap.AT - room + coolest);
  }
}
