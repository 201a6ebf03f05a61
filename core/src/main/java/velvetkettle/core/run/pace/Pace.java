package velvetkettle.core.run.pace;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.run.device.SimulatedPress;

/**
 * What a run does about a press that gets its heat back slowly.
 *
 * @param loses how much cooler the glue line gets than planned when pieces follow one another as
 *     they come and nothing is done about it
 * @param withPause set by so much more, and waited so long beside what passes anyway until the
 *     platen is there again; null where the press never gets there
 * @param withoutPause set by so much more, pieces may follow one another as they come; null where
 *     the first would get too hot by that
 */
public record Pace(Kelvin loses, @Nullable Pause withPause, @Nullable Kelvin withoutPause) {
  /**
   * @param hotter by how much it is set higher
   * @param pause more than passes between two pieces anyway
   */
  public record Pause(Kelvin hotter, Seconds pause) {}

  /** The glue line may be off the plan's by that much, K (engineering estimate). */
  public static final double MAY_BE_OFF = 3;

  /** Nearer than that nobody has to know, K: as much as a display shows. */
  private static final double TO_BE_TOLD = 1;

  /** A platen that is so near its setting is there, K. */
  private static final double THERE = 0.5;

  /** Nobody sets a press higher than that because it is slow, K. */
  private static final int HIGHEST = 15;

  /** After so many pieces each finds what the one before it found. */
  private static final int STEADY = 12;

  private static final double STEP = 5;
  private static final double LONGEST = 600;

  /** Whether it is worth telling. */
  public boolean needed() {
    return loses.degrees() > TO_BE_TOLD;
  }

  /**
   * @param pressing as planned
   * @param press by its nature, as hot as planned; what it shows is known, so its display is right
   * @param between from the end of a piece to the closing on the next, s
   */
  public static Pace of(Pressing pressing, SimulatedPress press, Seconds between) {
    double planned =
        Reading.of(pressing, PressSimulation.nominal(pressing, Detail.FINE).acts()).glueLine();
    Question question = new Question(pressing, press, between, planned);
    double loses = planned - question.steady(0);
    if (loses <= TO_BE_TOLD) {
      return new Pace(Kelvin.of(Math.max(0, loses)), null, null);
    }
    return new Pace(Kelvin.of(loses), question.withPause(), question.withoutPause());
  }

  private record Question(
      Pressing pressing, SimulatedPress press, Seconds between, double planned) {
    /** The glue line once every piece finds the same. */
    double steady(int hotter) {
      PacedPress paced = ready(hotter);
      double glue = paced.piece();
      for (int piece = 1; piece < STEADY; piece++) {
        paced.standing(between);
        glue = paced.piece();
      }
      return glue;
    }

    /** As hot as it is set. */
    private PacedPress ready(int hotter) {
      SimulatedPress set =
          press.set(press.dial().plus(Kelvin.of(hotter))).opened(press.target() + hotter);
      return new PacedPress(pressing, set, hotter);
    }

    /** Each piece finds the platen as it is set: what is lost under the closed press remains. */
    @Nullable Pause withPause() {
      int hotter = 0;
      while (hotter < HIGHEST && ready(hotter).piece() < planned - TO_BE_TOLD / 2) {
        hotter++;
      }
      if (!isThereAgain(hotter, LONGEST)) {
        return null;
      }
      double shortest = 0;
      double enough = LONGEST;
      if (isThereAgain(hotter, 0)) {
        enough = 0;
      }
      while (enough - shortest > STEP) {
        double middle = STEP * Math.floor((enough + shortest) / 2 / STEP);
        if (isThereAgain(hotter, middle)) {
          enough = middle;
        } else {
          shortest = middle;
        }
      }
      return new Pause(Kelvin.of(hotter), Seconds.of(enough));
    }

    /** Whether every piece finds the platen as it is set, and not only the second. */
    private boolean isThereAgain(int hotter, double pause) {
      PacedPress paced = ready(hotter);
      for (int piece = 0; piece < STEADY; piece++) {
        paced.piece();
        paced.standing(Seconds.of(between.count() + pause));
        if (paced.press().platen() < press.target() + hotter - THERE) {
          return false;
        }
      }
      return true;
    }

    @Nullable Kelvin withoutPause() {
      int hotter = 0;
      while (hotter <= HIGHEST && steady(hotter) < planned - TO_BE_TOLD / 2) {
        hotter++;
      }
      boolean tooHotFirst = ready(hotter).piece() > planned + MAY_BE_OFF;
      return hotter > HIGHEST || tooHotFirst ? null : Kelvin.of(hotter);
    }
  }
}
