package velvetkettle.core.plan.together;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.LaterHeatTolerance;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.phase.Exposure;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.LaterPresses;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.OrderOfWork.SingleDecoration;
import velvetkettle.core.plan.order.OrderSolver;
import velvetkettle.core.plan.order.Precedence;
import velvetkettle.core.plan.order.Pressings;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;

/**
 * What is pressed onto one garment, together: the order in which nothing undoes what was done
 * before, and what every thing has had when the last press is over.
 *
 * <ol>
 *   <li>What a press gives a thing that lies there is computed once for each two.
 *   <li>Doses add up, so what a thing has in the end depends on which others come after it, not on
 *       their order: the order is solved over sets.
 *   <li>An order is as good as it keeps margins; then as it keeps to practice, hottest first, and
 *       the order in which the things were named.
 * </ol>
 */
public final class JointOrder {
  private static final long MARGIN = 1_000_000;

  /** Practice gives way where it would cost a margin. */
  private static final long UNUSUAL = 500_000;

  private static final long HOTTER_LATER = 1_000;

  private final HeatModel heat;
  private final List<Chosen> things;
  private final List<Pressing> pressings;
  private final List<Margins> alone;
  private final @Nullable LaterHeatTolerance[] bearings;
  private final Exposure[][] given;
  private final Margins[][] after;
  private final int @Nullable [] order;

  private JointOrder(JobRequest job, HeatModel heat, List<SingleDecoration> each) {
    this.heat = heat;
    things = each.stream().map(SingleDecoration::chosen).toList();
    alone = each.stream().map(SingleDecoration::margins).toList();
    pressings = things.stream().map(thing -> Pressings.of(job, thing)).toList();
    bearings = new LaterHeatTolerance[things.size()];
    given = new Exposure[things.size()][things.size()];
    after = new Margins[things.size()][1 << things.size()];
    order = OrderSolver.cheapest(things.size(), this::cost);
  }

  /**
   * @param pressed all of them with something to press, and not ruled out
   */
  static JointOrder of(JobRequest job, HeatModel heat, List<SingleDecoration> pressed) {
    return new JointOrder(job, heat, pressed);
  }

  boolean possible() {
    return order != null;
  }

  /** The things in their order; as they were named where no order is possible. */
  List<Chosen> inOrder() {
    return order == null ? things : IntStream.of(order).mapToObj(things::get).toList();
  }

  /** How many margins are tight when all is pressed; only where an order is possible. */
  long tight() {
    long tight = 0;
    for (int place = 0; order != null && place < order.length; place++) {
      tight += after(order[place], later(place)).tight();
    }
    return tight;
  }

  /** Each thing at its place; empty where no order is possible. */
  public List<SequenceEntry> told() {
    List<SequenceEntry> told = new ArrayList<>();
    for (int place = 0; order != null && place < order.length; place++) {
      int thing = order[place];
      int later = later(place);
      told.add(
          new SequenceEntry(
              things.get(thing).decoration().id(),
              why(thing, later, place),
              after(thing, later),
              added(thing, later)));
    }
    return told;
  }

  private int later(int place) {
    int later = 0;
    for (int p = place + 1; order != null && p < order.length; p++) {
      later |= 1 << order[p];
    }
    return later;
  }

  /** What a thing costs with those after it; see {@link OrderSolver}. */
  long cost(int thing, int later) {
    long cost = 0;
    for (int other : members(later)) {
      if (Precedence.against(things.get(thing), things.get(other)).isPresent()) {
        return OrderSolver.IMPOSSIBLE;
      }
      cost += UNUSUAL * Precedence.unusual(things.get(thing), things.get(other));
      boolean hotter = platen(other) > platen(thing);
      cost += (hotter ? HOTTER_LATER : 0) + (other < thing ? 1 : 0);
    }
    Margins margins = after(thing, later);
    return margins.ruleOut()
        ? OrderSolver.IMPOSSIBLE
        : cost + MARGIN * Math.max(0, margins.tight() - alone.get(thing).tight());
  }

  private static int[] members(int set) {
    return IntStream.range(0, Integer.SIZE - 1).filter(i -> (set & 1 << i) != 0).toArray();
  }

  private Margins after(int thing, int later) {
    Margins known = after[thing][later];
    if (known == null) {
      Exposure all = exposure(thing, later);
      known = all.equals(Exposure.NONE) ? alone.get(thing) : bearing(thing).after(all);
      after[thing][later] = known;
    }
    return known;
  }

  /** Computed only where something meets the thing. */
  private LaterHeatTolerance bearing(int thing) {
    LaterHeatTolerance known = bearings[thing];
    if (known == null) {
      known = heat.bearing(pressings.get(thing));
      bearings[thing] = known;
    }
    return known;
  }

  /** What a thing gets from those that come after it. */
  Exposure exposure(int thing, int later) {
    Exposure sum = Exposure.NONE;
    for (int other : members(later)) {
      sum = sum.plus(exposureTo(thing, other));
    }
    return sum;
  }

  private Exposure exposureTo(int thing, int other) {
    Exposure known = given[thing][other];
    if (known == null) {
      Chosen lying = things.get(thing);
      Chosen pressed = things.get(other);
      known =
          Precedence.reaches(pressed, lying)
              ? heat.exposure(
                  pressings.get(other).workplace(),
                  pressings.get(thing),
                  LaterPresses.over(pressings.get(thing).garment(), lying, pressed))
              : Exposure.NONE;
      given[thing][other] = known;
    }
    return known;
  }

  private Sentence why(int thing, int later, int place) {
    if (things.size() == 1) {
      return Sentence.of("order.only");
    }
    for (int other : members(later)) {
      Optional<Precedence.Reason> reversed =
          Precedence.against(things.get(other), things.get(thing));
      if (reversed.isPresent()) {
        return reversed.get().why();
      }
    }
    if (later == 0) {
      return Sentence.of("order.last");
    }
    if (IntStream.of(members(later)).anyMatch(other -> platen(other) > platen(thing))) {
      return Sentence.of("order.margins");
    }
    boolean alike =
        IntStream.range(0, things.size()).allMatch(other -> platen(other) == platen(thing));
    return Sentence.of(alike ? "order.as-named" : place == 0 ? "order.hottest" : "order.next");
  }

  /** How hot the platen is at its main press, °C. */
  private double platen(int thing) {
    return things.get(thing).press().recipe().setting().platen().degrees();
  }

  /** Only what can be told: a tenth of a visible tint, a twentieth of a print's fading. */
  private @Nullable Sentence added(int thing, int later) {
    Exposure all = exposure(thing, later);
    if (all.equals(Exposure.NONE)) {
      return null;
    }
    Celsius hottest = Celsius.of(Math.round(all.hottestCloth()));
    int tint = (int) Math.min(100_000, Math.round(100 * all.tint()));
    return tint >= 1
        ? Sentence.of("order.added.tint", hottest, tint)
        : Sentence.of("order.added", hottest);
  }

  /** Which two cannot be on one garment; empty where an order is possible. */
  public Optional<Clash> clash() {
    if (order != null) {
      return Optional.empty();
    }
    for (int a = 0; a < things.size(); a++) {
      for (int b = a + 1; b < things.size(); b++) {
        Optional<Precedence.Reason> one = against(a, b);
        Optional<Precedence.Reason> two = against(b, a);
        if (one.isPresent() && two.isPresent()) {
          return Optional.of(clash(a, b, one.get(), two.get()));
        }
      }
    }
    return Optional.of(clashOfMany());
  }

  private Clash clash(int a, int b, Precedence.Reason one, Precedence.Reason two) {
    boolean same = one.why().equals(two.why());
    Sentence why = same ? one.why() : Sentence.of("order.either-way", one.why(), two.why());
    // That one lies over the other is not what is changed first.
    boolean layered = things.get(b).decoration().liesOver(things.get(a).decoration());
    return new Clash(id(a), id(b), why, layered ? one.lift() : two.lift());
  }

  private String id(int thing) {
    return things.get(thing).decoration().id();
  }

  /** Why the first cannot lie there while the second alone is pressed. */
  private Optional<Precedence.Reason> against(int first, int second) {
    Optional<Precedence.Reason> practice =
        Precedence.against(things.get(first), things.get(second));
    return practice.isPresent() || !after(first, 1 << second).ruleOut()
        ? practice
        : Optional.of(tooMuchHeat(first, second));
  }

  private Precedence.Reason tooMuchHeat(int first, int second) {
    String one = Precedence.name(things.get(first));
    String two = Precedence.name(things.get(second));
    return new Precedence.Reason(
        Sentence.of("order.too-much-heat", one, two),
        Sentence.of("order.too-much-heat.lift", one, two));
  }

  /** No two alone, so all of the others together: the one that gives most is named. */
  private Clash clashOfMany() {
    int all = (1 << things.size()) - 1;
    for (int thing = 0; thing < things.size(); thing++) {
      int first = thing;
      int most =
          IntStream.range(0, things.size())
              .filter(other -> other != first)
              .boxed()
              .max(Comparator.comparingDouble(other -> exposureTo(first, other).hottestCloth()))
              .orElseThrow();
      if (after(thing, all & ~(1 << thing)).ruleOut()) {
        Precedence.Reason reason = tooMuchHeat(thing, most);
        return new Clash(id(thing), id(most), reason.why(), reason.lift());
      }
    }
    Precedence.Reason circle =
        new Precedence.Reason(Sentence.of("order.circle"), Sentence.of("order.circle.lift"));
    return new Clash(id(0), id(1), circle.why(), circle.lift());
  }
}
