package velvetkettle.core.plan.recipe;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.heat.HeatReading;
import velvetkettle.core.heat.HeatReading.Slowed;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** What the heat computation says of a press time, as lines of evidence. */
public final class HeatEvidence {
  private HeatEvidence() {}

  /** Less is not worth a line, K. */
  private static final double NOTICED = 2;

  /** One line for each thing that heat says of this time. */
  public static List<Evidence> of(Seconds time, HeatReading heat, PlatenContact under) {
    List<Evidence> lines = new ArrayList<>();
    lines.add(
        model(
            heat.stack().side() == Side.FACE
                ? "why.heat.glue-line"
                : "why.heat.glue-line-through-cloth",
            heat.glueLine(),
            heat.giveOrTake()));
    if (under.coolest() <= -NOTICED) {
      lines.add(model("why.heat.coolest-place", Kelvin.of(Math.round(-under.coolest()))));
    }
    for (Slowed slowed : heat.slowed()) {
      lines.add(model("why.heat.layer-above", slowed.by(), slowed.layer()));
    }
    Seconds bonded = heat.bondedAfter();
    if (bonded != null) {
      lines.add(model("why.heat.bonded", bonded, time, heat.bond()));
    }
    return lines;
  }

  private static Evidence model(String key, Object... arguments) {
    return new Evidence(Source.MODEL, Sentence.of(key, arguments));
  }
}
