package velvetkettle.core.plan.recipe;

import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.Drying;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.job.Ground;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.Dispute;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;

/**
 * How long the cloth is dried before a medium is laid on it: computed from its water and the room,
 * but never less than the medium asks for; from practice for a tool that is moved or vented.
 */
final class DryingWriter {
  /** The two schools that do not compute: flatten, or dry whatever the cloth is. */
  private static final Seconds QUICK = Seconds.of(3);

  private static final Seconds LONG = Seconds.of(12);

  private final HeatModel heat;
  private final Workplace workplace;
  private final Garment garment;
  private final Press press;
  private final Medium medium;
  private final Schools schools;

  DryingWriter(HeatModel heat, Workplace workplace, Medium medium, Schools schools) {
    this.heat = heat;
    this.workplace = workplace;
    garment = workplace.garment();
    press = workplace.press();
    this.medium = medium;
    this.schools = schools;
  }

  Recommended<Seconds> drying(Celsius platen, Pressure pressure, Seconds mainPress) {
    if (garment.fabric().is(Fabric.Trait.PILE)) {
      return Recommended.of(Seconds.of(0), Evidence.trade("why.pile-stays-up"));
    }
    Seconds least = medium.atPress().leastDrying();
    School school = schools.on(Dispute.PRE_PRESS);
    if (school == School.PRE_PRESS_QUICK) {
      return longer(least, QUICK, "why.school.pre-press-quick");
    }
    if (school == School.PRE_PRESS_LONG) {
      return longer(least, LONG, "why.school.pre-press-long");
    }
    if (workplace.isComputed()) {
      return computedDrying(least, platen, pressure, mainPress);
    }
    if (garment.fabric().is(Fabric.Trait.UNEVEN)) {
      return longer(least, Seconds.of(8), "why.dry-thick");
    }
    if (garment.blend().regain() >= 10) {
      return longer(least, Seconds.of(8), "why.dry-thirsty");
    }
    return garment.blend().regain() >= 2
        ? longer(least, Seconds.of(4), "why.dry-flat")
        : longer(least, Seconds.of(3), "why.dry-synthetic");
  }

  /** The cloth's own water in this room, but never less than the medium asks for. */
  private Recommended<Seconds> computedDrying(
      Seconds least, Celsius platen, Pressure pressure, Seconds mainPress) {
    Drying drying =
        heat.drying(
            workplace, LayUpActs.prePress(new Ground(garment, press)), platen, pressure, mainPress);
    Evidence why =
        new Evidence(
            Source.MODEL,
            Sentence.of(
                "why.dry-computed",
                (int) Math.round(drying.held()),
                workplace.workroom().air(),
                (int) Math.round(workplace.workroom().humidity()),
                drying.time(),
                (int) Math.round(drying.left())));
    return least.compareTo(drying.time()) > 0
        ? Recommended.of(least, Evidence.trade("why.dry-medium", medium.term(), least), why)
        : Recommended.of(drying.time(), why);
  }

  private Recommended<Seconds> longer(Seconds least, Seconds cloth, String why) {
    return least.compareTo(cloth) > 0
        ? Recommended.of(least, Evidence.trade("why.dry-medium", medium.term(), least))
        : Recommended.of(cloth, Evidence.trade(why, cloth));
  }
}
