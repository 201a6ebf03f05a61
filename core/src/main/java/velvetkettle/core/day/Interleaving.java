package velvetkettle.core.day;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.plan.Step;
import velvetkettle.core.run.RunProgress;

/**
 * The pieces of one or several orders, one into the waits of the other.
 *
 * @param schedule over the batches of all orders
 * @param works the orders, with where their pieces cool
 */
public record Interleaving(Schedule schedule, List<OrderWork> works) {
  /**
   * An order to be done, or to be gone on with.
   *
   * @param id tells orders apart
   * @param steps of its plan
   * @param pieces at least 1
   * @param progress where they stand
   */
  public record Order(String id, List<Step> steps, int pieces, RunProgress progress) {
    public Order {
      steps = List.copyOf(steps);
    }

    /** None of its pieces begun. */
    public static Order fresh(String id, List<Step> steps, int pieces) {
      return new Order(id, steps, pieces, RunProgress.BEGUN);
    }
  }

  /**
   * One visit, as hands go to it.
   *
   * @param order its id
   * @param piece its number, from 1; the tools are set with the first one that comes to it
   * @param sets whether the tools are set in it, for all pieces
   * @param first number of its first step
   * @param last and of its last
   * @param laidBack whether the piece is laid back on its tool first
   * @param laidAside whether it is laid aside afterwards, to cool
   * @param from s from now
   * @param until likewise
   */
  public record Turn(
      String order,
      int piece,
      boolean sets,
      int first,
      int last,
      boolean laidBack,
      boolean laidAside,
      int from,
      int until) {}

  /** The visits in the order in which hands go to them. */
  public List<Turn> turns() {
    List<Turn> turns = new ArrayList<>();
    for (Placement one : schedule.placements()) {
      OrderWork work =
          works.stream()
              .filter(each -> one.batch().startsWith(each.id() + "/"))
              .findFirst()
              .orElseThrow();
      Visit visit = work.visits(one.batch()).get(one.visit());
      turns.add(
          new Turn(
              work.id(),
              one.piece(),
              one.batch().startsWith(work.id() + "/set/"),
              visit.steps().first(),
              visit.steps().last(),
              visit.laidBack(),
              visit.laidAside(),
              one.from(),
              one.until()));
    }
    return turns;
  }

  public Interleaving {
    works = List.copyOf(works);
  }

  /**
   * With what cools laid aside, or left on the press, whichever is shorter for all pieces: once
   * begun, pieces lie as they were laid. Of orders that need the same press the later one waits for
   * the earlier, as it is set otherwise.
   *
   * @param coolingPlaces how many pieces may cool beside the presses at once
   * @param now for how long what was begun has rested
   */
  public static Interleaving of(List<Order> orders, int coolingPlaces, Instant now) {
    List<Order> fresh =
        orders.stream().map(o -> Order.fresh(o.id(), o.steps(), o.pieces())).toList();
    Interleaving beside = of(fresh, coolingPlaces, now, OrderWork.Cooling.BESIDE);
    Interleaving on = of(fresh, coolingPlaces, now, OrderWork.Cooling.ON_THE_PRESS);
    boolean aside = beside.schedule().seconds() < on.schedule().seconds();
    if (!orders.equals(fresh)) {
      return of(
          orders,
          coolingPlaces,
          now,
          aside ? OrderWork.Cooling.BESIDE : OrderWork.Cooling.ON_THE_PRESS);
    }
    Schedule shorter = aside ? beside.schedule() : on.schedule();
    // One piece after the other, nobody lays anything aside.
    Schedule told =
        new Schedule(
            shorter.placements(),
            shorter.seconds(),
            on.schedule().oneByOne(),
            beside.schedule().shortest() && on.schedule().shortest());
    return new Interleaving(told, aside ? beside.works() : on.works());
  }

  private static Interleaving of(
      List<Order> orders, int coolingPlaces, Instant now, OrderWork.Cooling cooling) {
    List<OrderWork> works = new ArrayList<>();
    List<Batch> batches = new ArrayList<>();
    for (Order order : orders) {
      OrderWork work = new OrderWork(order.id(), order.steps(), cooling);
      Set<String> after = new HashSet<>();
      for (OrderWork before : works) {
        if (!disjoint(before.tools(), work.tools())) {
          batches.stream()
              .map(Batch::id)
              .filter(id -> id.startsWith(before.id() + "/"))
              .forEach(after::add);
        }
      }
      batches.addAll(work.batches(order.progress(), order.pieces(), now, after));
      works.add(work);
    }
    return new Interleaving(Scheduler.of(batches, coolingPlaces), works);
  }

  private static boolean disjoint(Set<String> some, Set<String> others) {
    return some.stream().noneMatch(others::contains);
  }
}
