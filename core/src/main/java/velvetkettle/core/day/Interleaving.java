package velvetkettle.core.day;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.plan.Step;

/**
 * The pieces of one or several orders, one into the waits of the other.
 *
 * @param schedule over the batches of all orders
 * @param works the orders, with where their pieces cool
 */
public record Interleaving(Schedule schedule, List<OrderWork> works) {
  /**
   * An order to be done.
   *
   * @param id tells orders apart
   * @param handTools names of the tools that hands hold down as long as they press
   * @param pieces at least 1
   */
  public record Order(String id, List<Step> steps, Set<String> handTools, int pieces) {
    public Order {
      steps = List.copyOf(steps);
      handTools = Set.copyOf(handTools);
    }
  }

  public Interleaving {
    works = List.copyOf(works);
  }

  /**
   * The shorter of two: with what cools laid aside, and left on the press. Of orders that need the
   * same press the later one waits for the earlier, as it is set otherwise.
   *
   * @param coolingPlaces how many pieces may cool beside the presses at once
   */
  public static Interleaving of(List<Order> orders, int coolingPlaces) {
    Interleaving beside = of(orders, coolingPlaces, OrderWork.Cooling.BESIDE);
    Interleaving on = of(orders, coolingPlaces, OrderWork.Cooling.ON_THE_PRESS);
    Schedule shorter =
        beside.schedule().seconds() < on.schedule().seconds() ? beside.schedule() : on.schedule();
    // One piece after the other, nobody lays anything aside.
    Schedule told =
        new Schedule(
            shorter.placements(),
            shorter.seconds(),
            on.schedule().oneByOne(),
            beside.schedule().shortest() && on.schedule().shortest());
    return new Interleaving(told, shorter == beside.schedule() ? beside.works() : on.works());
  }

  private static Interleaving of(List<Order> orders, int coolingPlaces, OrderWork.Cooling cooling) {
    List<OrderWork> works = new ArrayList<>();
    List<Batch> batches = new ArrayList<>();
    for (Order order : orders) {
      OrderWork work = new OrderWork(order.id(), order.steps(), order.handTools(), cooling);
      Set<String> after = new HashSet<>();
      for (OrderWork before : works) {
        if (!disjoint(before.tools(), work.tools())) {
          batches.stream()
              .map(Batch::id)
              .filter(id -> id.startsWith(before.id() + "/"))
              .forEach(after::add);
        }
      }
      batches.addAll(work.batches(order.pieces(), after));
      works.add(work);
    }
    return new Interleaving(Scheduler.of(batches, coolingPlaces), works);
  }

  private static boolean disjoint(Set<String> some, Set<String> others) {
    return some.stream().noneMatch(others::contains);
  }
}
