package velvetkettle.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import velvetkettle.core.day.Batch;
import velvetkettle.core.day.Rest;
import velvetkettle.core.day.Schedule;
import velvetkettle.core.day.Scheduler;
import velvetkettle.core.day.Visit;

/** Interleaving the pieces of one order, and of two on two presses. */
public final class DayBenchmarks {
  private static final int WARM_UP = 6;
  private static final int RUNS = 9;
  private static final int PLACES = 6;

  private DayBenchmarks() {}

  public static void main(String[] arguments) {
    System.out.println(
        "| pieces | orders | ms | one after the other, min | interleaved, min | saved, % |\n"
            + "|---|---|---|---|---|---|");
    for (int pieces : new int[] {4, 12, 40, 80}) {
      print(pieces, List.of(Batch.of("a", chain("plate"), pieces, Set.of())));
      print(
          pieces,
          List.of(
              Batch.of("a", chain("plate"), pieces / 2, Set.of()),
              Batch.of("b", chain("mini"), pieces - pieces / 2, Set.of())));
    }
  }

  /** Rolled, laid and pressed, laid aside, peeled, laid back and pressed again, looked at. */
  private static List<Visit> chain(String press) {
    Set<String> on = Set.of(press);
    List<Visit> chain = new ArrayList<>();
    chain.add(visit(1, 10, Set.of(), null, Rest.NONE));
    chain.add(visit(2, 23, on, press, Rest.exactly(3)));
    chain.add(visit(3, 46, on, press, Rest.exactly(15)));
    chain.add(visit(4, 11, on, null, Rest.atLeast(60)));
    chain.add(visit(5, 10, Set.of(), null, Rest.NONE));
    chain.add(visit(6, 18, on, press, Rest.exactly(5)));
    chain.add(visit(7, 33, on, null, Rest.NONE));
    return chain;
  }

  private static Visit visit(int step, int hands, Set<String> presses, String lies, Rest rest) {
    return new Visit(new Visit.Steps(step, step), hands, presses, lies, rest);
  }

  private static void print(int pieces, List<Batch> batches) {
    Schedule schedule = Scheduler.of(batches, PLACES);
    for (int i = 0; i < WARM_UP; i++) {
      schedule = Scheduler.of(batches, PLACES);
    }
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < RUNS; i++) {
      long before = System.nanoTime();
      schedule = Scheduler.of(batches, PLACES);
      times.add((System.nanoTime() - before) / 1e6);
    }
    times.sort(null);
    System.out.printf(
        "| %d | %d | %.1f | %.1f | %.1f | %.0f |%n",
        pieces,
        batches.size(),
        times.get(RUNS / 2),
        schedule.oneByOne() / 60.0,
        schedule.seconds() / 60.0,
        100.0 * schedule.saved() / schedule.oneByOne());
  }
}
