package velvetkettle.core.plan.recipe;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Every number of one medium on one garment, with its evidence.
 *
 * @param dial what to set on the press's display
 * @param platen what the platen then truly is
 * @param peelWait how long to wait for the peel after opening; null where it is peeled at once
 * @param glueSide how to tell which side is the glue
 * @param drying the pre-press that flattens and dries the cloth
 * @param coolBeforePlacing whether the cloth cools again before the medium is laid on
 * @param before the presses before the main one, in their order
 * @param after the presses after the peel, in their order
 * @param positions overlapping places of the platen that cover the design
 * @param tool how the tool in hand is set and held for this
 * @param firstWash how long the piece waits for its first wash
 * @param keepBack how long it stays in the shop
 */
public record Recipe(
    Recommended<Celsius> dial,
    Celsius platen,
    Recommended<Seconds> time,
    Recommended<Pressure> pressure,
    Recommended<Peel> peel,
    @Nullable Seconds peelWait,
    Recommended<CoverSheet> cover,
    Recommended<Orientation> orientation,
    CutFace cutFace,
    Side side,
    @Nullable Sentence glueSide,
    Recommended<Seconds> drying,
    boolean coolBeforePlacing,
    List<ShortPress> before,
    List<ShortPress> after,
    Stitch stitch,
    int positions,
    List<Sentence> tool,
    Recommended<Seconds> firstWash,
    Recommended<Seconds> keepBack) {
  public Recipe {
    before = List.copyOf(before);
    after = List.copyOf(after);
    tool = List.copyOf(tool);
  }

  /**
   * The same with what the heat computation says of its time and of its peel.
   *
   * @param wait for the peel; null where there is nothing to wait for
   */
  public Recipe heated(List<Evidence> ofTime, @Nullable Seconds wait, List<Evidence> ofPeel) {
    return with(time.and(ofTime), peel.and(ofPeel), wait, after);
  }

  /** A lower layer of film: two to five seconds, and no second press [handbook 3]. */
  public Recipe tacked() {
    Seconds tack = Seconds.of(4);
    Recommended<Seconds> brief = Recommended.of(tack, Evidence.trade("why.tack-layer", tack));
    return with(brief, peel, peelWait, List.of());
  }

  /** The same pressed longer, because the heat takes longer to come through. */
  public Recipe longer(Seconds whole) {
    Seconds more = Seconds.of(whole.count() - time.value().count());
    Evidence why = new Evidence(Source.MODEL, Sentence.of("why.heat.through-cloth", more));
    return with(new Recommended<>(whole, time.why()).and(List.of(why)), peel, peelWait, after);
  }

  private Recipe with(
      Recommended<Seconds> newTime,
      Recommended<Peel> newPeel,
      @Nullable Seconds newWait,
      List<ShortPress> newAfter) {
    return new Recipe(
        dial,
        platen,
        newTime,
        pressure,
        newPeel,
        newWait,
        cover,
        orientation,
        cutFace,
        side,
        glueSide,
        drying,
        coolBeforePlacing,
        before,
        newAfter,
        stitch,
        positions,
        tool,
        firstWash,
        keepBack);
  }

  public Setting setting() {
    return new Setting(dial.value(), platen, time.value(), pressure.value());
  }

  /** All the time under the closed press for one piece, without drying. */
  public Seconds underPress() {
    double extra = 0;
    for (ShortPress press : before) {
      extra += press.setting().time().count();
    }
    for (ShortPress press : after) {
      extra += press.setting().time().count();
    }
    return Seconds.of(time.value().times(positions).count() + extra);
  }
}
