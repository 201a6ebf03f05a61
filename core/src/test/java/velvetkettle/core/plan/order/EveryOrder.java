package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.List;

/** All orders one by one: what the order over sets is checked against. */
public final class EveryOrder {
  private EveryOrder() {}

  /**
   * What the cheapest of all orders costs; at least {@link OrderSolver#IMPOSSIBLE} if none goes.
   */
  public static long least(int things, OrderSolver.Cost cost) {
    return of(things).stream().mapToLong(order -> price(order, cost)).min().orElseThrow();
  }

  public static long price(int[] order, OrderSolver.Cost cost) {
    long price = 0;
    int later = 0;
    for (int place = order.length - 1; place >= 0; place--) {
      price = Math.min(OrderSolver.IMPOSSIBLE, price + cost.of(order[place], later));
      later |= 1 << order[place];
    }
    return price;
  }

  private static List<int[]> of(int things) {
    List<int[]> orders = new ArrayList<>();
    extend(new int[things], 0, 0, orders);
    return orders;
  }

  private static void extend(int[] order, int place, int used, List<int[]> orders) {
    if (place == order.length) {
      orders.add(order.clone());
      return;
    }
    for (int thing = 0; thing < order.length; thing++) {
      if ((used & 1 << thing) == 0) {
        order[place] = thing;
        extend(order, place + 1, used | 1 << thing, orders);
      }
    }
  }
}
