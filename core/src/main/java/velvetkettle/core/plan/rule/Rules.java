package velvetkettle.core.plan.rule;

import java.util.List;
import java.util.Optional;

/**
 * All rules, in the order in which a veto is told: the first one that speaks is the one the maker
 * reads.
 */
public final class Rules {
  private static final List<Rule> ALL =
      List.of(
          new ClothTakesNoPress(),
          new CrossedIronOnMeltingCloth(),
          new ArtNeedsItsMedium(),
          new DarkClothHidesInk(),
          new SublimationNeedsPolyester(),
          new InkHasNoWhite(),
          new ToolTooSmall(),
          new StrokeTooThin(),
          new ChildrenUnderThree(),
          new PaleOnBlends(),
          new StretchNeedsStretch(),
          new WeakTrace(),
          new TestTheSwatch());

  private Rules() {}

  public static List<Rule> all() {
    return ALL;
  }

  public static List<Finding> judge(Weighing weighing) {
    return ALL.stream().map(rule -> rule.judge(weighing)).flatMap(Optional::stream).toList();
  }
}
