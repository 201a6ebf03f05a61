package velvetkettle.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The order over sets against all orders one by one. */
class OrderSolverTest {
  @Test
  @DisplayName("no order of up to six things costs less, over 400 random costs (seed 1)")
  void neverBeaten() {
    Random random = new Random(1);
    int impossible = 0;
    for (int n = 0; n < 400; n++) {
      int things = 1 + random.nextInt(6);
      OrderSolver.Cost cost = randomCost(random, things);
      int[] order = OrderSolver.cheapest(things, cost);
      long best = EveryOrder.least(things, cost);
      if (order == null) {
        assertThat(best).isGreaterThanOrEqualTo(OrderSolver.IMPOSSIBLE);
        impossible++;
      } else {
        assertThat(EveryOrder.price(order, cost)).isEqualTo(best);
      }
    }
    assertThat(impossible).isBetween(20, 380);
  }

  @Test
  @DisplayName("the same cost keeps the things as they were named")
  void asNamed() {
    assertThat(OrderSolver.cheapest(4, (thing, later) -> 7)).containsExactly(3, 2, 1, 0);
    OrderSolver.Cost named = (thing, later) -> Integer.bitCount(later & ((1 << thing) - 1));
    assertThat(OrderSolver.cheapest(4, named)).containsExactly(0, 1, 2, 3);
  }

  @Test
  @DisplayName("nothing is in order; a circle has none; more than twelve are refused")
  void edges() {
    assertThat(OrderSolver.cheapest(0, (thing, later) -> 1)).isEmpty();
    OrderSolver.Cost circle =
        (thing, later) -> (later & 1 << (thing + 1) % 3) != 0 ? OrderSolver.IMPOSSIBLE : 0;
    assertThat(OrderSolver.cheapest(3, circle)).isNull();
    assertThatIllegalArgumentException()
        .isThrownBy(() -> OrderSolver.cheapest(13, (thing, later) -> 1));
  }

  /** Pairs that forbid each other, and a cost of each thing under each set. */
  private static OrderSolver.Cost randomCost(Random random, int things) {
    long[][] costs = new long[things][1 << things];
    for (int thing = 0; thing < things; thing++) {
      int never = 0;
      for (int other = 0; other < things; other++) {
        never |= other != thing && random.nextInt(4) == 0 ? 1 << other : 0;
      }
      for (int later = 0; later < 1 << things; later++) {
        costs[thing][later] = (later & never) != 0 ? OrderSolver.IMPOSSIBLE : random.nextInt(1000);
      }
    }
    return (thing, later) -> costs[thing][later];
  }
}
