package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velvetkettle.core.heat.Drying;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.Judgement;
import velvetkettle.core.heat.LaterHeatTolerance;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.phase.Exposure;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.heat.window.Edge;
import velvetkettle.core.heat.window.WindowMap;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Says yes at once to all but what no fibre bears: for what does not depend on how warm something
 * gets.
 */
public final class QuickHeat implements HeatModel {
  /** Plans by it, over windows that are as wide as anybody could wish. */
  public static Planner planner() {
    return new Planner(new QuickHeat(), pressing -> wide(), MediaCatalogue.TRADE);
  }

  private static WindowMap wide() {
    List<Edge> edges = new ArrayList<>();
    for (Question question : Question.values()) {
      double at = question == Question.HOLD ? 0 : 900;
      edges.add(new Edge(question, true, List.of(at, at)));
      edges.add(new Edge(question, false, List.of(at, at)));
    }
    return new WindowMap(
        List.of(50.0, 300.0), List.of(1.0, 300.0), edges, List.of(), List.of(), List.of());
  }

  @Override
  public Judgement judge(Pressing pressing) {
    boolean bears = pressing.platen().compareTo(pressing.garment().blend().weakest().limit()) < 0;
    return new Judgement(
        new Margins(
            margin(Question.HOLD, true),
            margin(Question.MARK, bears || pressing.press().kind().setsSingleStones()),
            margin(Question.BLEED, true)),
        null);
  }

  private static Margin margin(Question question, boolean safe) {
    Sentence said = Sentence.of("hold.heat.strikes-through");
    return new Margin(question, safe ? Verdict.SAFE : Verdict.NO, said, said, null, false, null);
  }

  @Override
  public LaterHeatTolerance bearing(Pressing pressing) {
    throw new UnsupportedOperationException("nothing is computed");
  }

  @Override
  public Exposure exposure(Workplace workplace, Pressing lying, List<WorkPhase.Closed> presses) {
    return Exposure.NONE;
  }

  @Override
  public Drying drying(
      Workplace workplace, Stack bare, Celsius platen, Pressure pressure, Seconds mainPress) {
    return new Drying(Seconds.of(5), 8, 0);
  }

  @Override
  public Optional<Seconds> throughCloth(Pressing pressing) {
    return Optional.empty();
  }
}
