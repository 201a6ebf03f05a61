package velvetkettle.core.day;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Orders of all kinds: presses, cold and warm peels, several rounds, pieces already begun. */
final class RandomBatches {
  private final Random random;
  private final int longest;

  /**
   * @param longest of all times, s
   */
  RandomBatches(long seed, int longest) {
    random = new Random(seed);
    this.longest = longest;
  }

  /** A chain of visits as hands would do it: laid and pressed, then peeled, perhaps again. */
  List<Visit> chain(int visits) {
    List<Visit> chain = new ArrayList<>();
    String lies = null;
    for (int v = 0; v < visits; v++) {
      Set<String> presses = new HashSet<>();
      if (lies != null) {
        presses.add(lies);
      }
      boolean last = v == visits - 1;
      String on = last || random.nextInt(3) == 0 ? null : press();
      if (on != null) {
        presses.add(on);
      } else if (random.nextInt(4) == 0) {
        presses.add(press());
      }
      chain.add(new Visit(new Visit.Steps(v + 1, v + 1), 1 + time(), presses, on, rest(on)));
      lies = on;
    }
    return chain;
  }

  /** What lay on a press before lies there no more. */
  private static void relay(List<Visit> chain) {
    if (chain.size() > 1) {
      Visit second = chain.get(1);
      Set<String> presses = second.lies() == null ? Set.of() : Set.of(second.lies());
      chain.set(
          1, new Visit(second.steps(), second.hands(), presses, second.lies(), second.rest()));
    }
  }

  private String press() {
    return "press " + (1 + random.nextInt(2));
  }

  private int time() {
    return random.nextInt(longest);
  }

  private Rest rest(String on) {
    int least = time();
    return switch (random.nextInt(on == null ? 4 : 3)) {
      case 0 -> Rest.exactly(least);
      case 1 -> new Rest(least, least + time());
      case 2 -> Rest.atLeast(least);
      default -> Rest.NONE;
    };
  }

  /** Up to two orders with up to so many pieces together. */
  List<Batch> orders(int pieces, int visits) {
    List<Batch> all = new ArrayList<>();
    int left = pieces;
    int number = 0;
    while (left > 0) {
      int some = 1 + random.nextInt(left);
      Set<String> after = new HashSet<>();
      if (number > 0 && random.nextInt(3) == 0) {
        after.add("batch " + (number - 1));
      }
      List<Visit> chain = chain(1 + random.nextInt(visits));
      int free = 0;
      if (random.nextInt(3) == 0) {
        chain.set(0, new Visit(new Visit.Steps(1, 1), 1 + time(), Set.of(), null, Rest.NONE));
        free = 1;
        relay(chain);
      }
      all.add(Batch.of("batch " + number++, chain, some, after).withFree(free));
      left -= some;
    }
    return all;
  }

  int places() {
    return 1 + random.nextInt(3);
  }
}
