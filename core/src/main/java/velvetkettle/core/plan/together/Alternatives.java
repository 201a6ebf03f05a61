package velvetkettle.core.plan.together;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;

/** What else would go together on a garment with several decorations. */
public final class Alternatives {
  /** Of each decoration. */
  private static final int MOST = 3;

  private Alternatives() {}

  /** Nothing for a single decoration: its options say it all. */
  public static List<Alternative> of(Combination taken) {
    List<Alternative> found = new ArrayList<>();
    List<DecorationPlan> plans = taken.decorations();
    for (int i = 0; i < plans.size() && plans.size() > 1; i++) {
      DecorationPlan plan = plans.get(i);
      int at = i;
      plan.options().stream()
          .filter(option -> !option.medium().equals(plan.medium()))
          .limit(MOST)
          .map(option -> alternative(taken, taken.with(at, option), plan, option))
          .flatMap(List::stream)
          .forEach(found::add);
    }
    return found;
  }

  private static List<Alternative> alternative(
      Combination taken, Combination other, DecorationPlan plan, Option option) {
    if (!other.together().possible()) {
      return List.of();
    }
    Option now = plan.current();
    double order = now == null ? 0 : now.standing().order().count();
    long tight = taken.together().possible() ? taken.together().tight() : 0;
    return List.of(
        new Alternative(
            plan.decoration(),
            option.medium(),
            option.name(),
            (int) Math.round(option.standing().order().count() - order),
            (int) (other.together().tight() - tight)));
  }
}
