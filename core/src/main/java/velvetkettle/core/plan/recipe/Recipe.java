package velvetkettle.core.plan.recipe;

import static java.util.Objects.requireNonNull;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Every number of one medium on one garment, with its evidence.
 *
 * @param setting of the main press
 * @param layUp how medium and sheets lie at the main press
 * @param peel when the carrier comes off
 * @param presses what closes beside the main press, and where
 * @param stitch whether a needle may or has to follow
 * @param waits what the finished piece waits for
 */
public record Recipe(
    ReasonedSetting setting,
    LayUp layUp,
    PeelAdvice peel,
    Presses presses,
    Stitch stitch,
    Waits waits) {
  public Recipe {
    requireNonNull(setting, "setting");
    requireNonNull(layUp, "layUp");
    requireNonNull(peel, "peel");
    requireNonNull(presses, "presses");
    requireNonNull(waits, "waits");
  }

  /**
   * The same with what the heat computation says of its time and of its peel.
   *
   * @param wait for the peel; null where there is nothing to wait for
   */
  public Recipe heated(List<Evidence> ofTime, @Nullable Seconds wait, List<Evidence> ofPeel) {
    PeelAdvice advised = new PeelAdvice(peel.when().and(ofPeel), wait);
    return with(setting.lasting(setting.time().and(ofTime)), advised, presses);
  }

  /** A lower layer of film: two to five seconds, and no second press [handbook 3]. */
  public Recipe tacked() {
    Seconds tack = Seconds.of(4);
    Recommended<Seconds> brief = Recommended.of(tack, Evidence.trade("why.tack-layer", tack));
    return with(setting.lasting(brief), peel, presses.after(List.of()));
  }

  /** The same pressed longer, because the heat takes longer to come through. */
  public Recipe longer(Seconds whole) {
    Seconds more = Seconds.of(whole.count() - setting.time().value().count());
    Evidence why = new Evidence(Source.MODEL, Sentence.of("why.heat.through-cloth", more));
    Recommended<Seconds> time = new Recommended<>(whole, setting.time().why()).and(List.of(why));
    return with(setting.lasting(time), peel, presses);
  }

  private Recipe with(ReasonedSetting otherSetting, PeelAdvice otherPeel, Presses otherPresses) {
    return new Recipe(otherSetting, layUp, otherPeel, otherPresses, stitch, waits);
  }

  /** All the time under the closed press for one piece, without drying. */
  public Seconds underPress() {
    Seconds main = setting.time().value().times(presses.positions());
    return Seconds.of(main.count() + presses.shortPresses());
  }
}
