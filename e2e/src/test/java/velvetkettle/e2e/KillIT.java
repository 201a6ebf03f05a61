package velvetkettle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/**
 * Lets things happen to a shop while several people write: its application, its database or both
 * are killed, its connections cut, its disk filled. Each time it has to be back by itself, and
 * everything that was answered has to be there. {@code ./kettle bench kill} does it two hundred
 * times, and goes on where it was interrupted.
 */
class KillIT {
  /** What happens. The first five of a run are one of each. */
  private enum Fault {
    APPLICATION,
    DATABASE,
    FULL,
    CUT,
    BOTH
  }

  private final int faults = Integer.getInteger("kettle.faults", 5);
  private final int people = Integer.getInteger("kettle.people", 3);
  private final long seed = Long.getLong("kettle.seed", 20);

  /** Where a long run puts away how far it is; a short one begins anew. */
  private final String kept = System.getProperty("kettle.kept", "");

  private final Map<Fault, Integer> happened = new EnumMap<>(Fault.class);
  private long slowest;

  @Test
  @DisplayName(
      "every write answered with 2xx survives whatever happens, and it comes back by itself")
  void survives() throws Exception {
    Path folder = kept.isEmpty() ? Files.createTempDirectory("kettle-kill") : Path.of(kept);
    Disk disk = Disk.at(folder);
    boolean ended = false;
    try (Kettle kettle = Kettle.in(disk.folder())) {
      survives(kettle, disk, new Progress(Path.of(folder + ".json")));
      ended = true;
    } finally {
      if (ended || kept.isEmpty()) {
        disk.remove();
        Files.deleteIfExists(Path.of(folder + ".json"));
      }
    }
  }

  private void survives(Kettle kettle, Disk disk, Progress progress) throws Exception {
    Writers writers = progress.writers(kettle);
    writers.expectEverything();
    for (int n = progress.done(); n < faults; n++) {
      Random random = new Random(seed * 1_000_003 + n);
      happens(fault(n, random, disk), kettle, disk, writers, random);
      writers.expectWhatIsNew(random);
      progress.keep(n + 1, writers.book());
    }
    writers.expectEverything();
    System.out.printf(
        "kill: %d faults, now %s, %d tickets and %d runs with %d reports answered, none lost or doubled; back after %d ms at most%n",
        faults, happened, writers.tickets(), writers.runs(), writers.reports(), slowest);
    assertThat(writers.tickets()).isGreaterThan(faults);
    assertThat(writers.reports()).isPositive();
  }

  private static Fault fault(int n, Random random, Disk disk) {
    List<Fault> possible = new ArrayList<>(List.of(Fault.values()));
    if (!disk.isSmall()) {
      // An ordinary disk is not filled: other people's work may be on it.
      possible.remove(Fault.FULL);
    }
    return n < possible.size() ? possible.get(n) : possible.get(random.nextInt(possible.size()));
  }

  private void happens(Fault fault, Kettle kettle, Disk disk, Writers writers, Random random)
      throws Exception {
    writers.begin(people, random);
    TimeUnit.MILLISECONDS.sleep(300 + random.nextInt(1700));
    switch (fault) {
      case APPLICATION -> kettle.killApplication();
      case DATABASE -> kettle.killDatabase();
      case BOTH -> {
        kettle.killApplication();
        kettle.killDatabase();
      }
      case CUT ->
          kettle.postgres(
              "psql",
              "-qc",
              "select pg_terminate_backend(pid) from pg_stat_activity where usename = 'shop'");
      case FULL -> {
        disk.fill();
        TimeUnit.MILLISECONDS.sleep(1000 + random.nextInt(4000));
        disk.free();
      }
    }
    long began = System.nanoTime();
    kettle.waitUntilBack(() -> keeps(kettle, writers));
    long back = (System.nanoTime() - began) / 1_000_000;
    System.out.printf("kill: %s, back after %d ms%n", fault, back);
    slowest = Math.max(slowest, back);
    happened.merge(fault, 1, Integer::sum);
    writers.end();
  }

  /** Back is what keeps again, not what merely answers. */
  private static boolean keeps(Kettle kettle, Writers writers) throws IOException {
    String form = Writers.form("is it back", 0, writers.book().press());
    return kettle.put("/api/tickets/" + UUID.randomUUID(), form).statusCode() == 200
        && kettle.get("/api/today").statusCode() == 200;
  }

  /** How far a run is, in a file. */
  private final class Progress {
    private final Path file;
    private final JsonNode before;

    Progress(Path file) throws IOException {
      this.file = file;
      JsonNode read =
          Files.exists(file) ? Shop.JSON.readTree(file.toFile()) : Shop.JSON.createObjectNode();
      before = read.path("seed").asLong() == seed ? read : Shop.JSON.createObjectNode();
    }

    int done() {
      return before.path("done").asInt();
    }

    Writers writers(Kettle kettle) throws IOException {
      if (!before.has("book")) {
        return new Writers(kettle);
      }
      System.out.printf("kill: goes on after fault %d%n", done());
      return new Writers(kettle, Shop.JSON.treeToValue(before.get("book"), Writers.Book.class));
    }

    void keep(int done, Writers.Book book) throws IOException {
      ObjectNode now = Shop.JSON.createObjectNode();
      now.put("seed", seed).put("done", done).set("book", Shop.JSON.valueToTree(book));
      Path next = file.resolveSibling("progress.new");
      Shop.JSON.writeValue(next.toFile(), now);
      Files.move(next, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
      if (done % 10 == 0) {
        System.out.printf("kill: %d faults, slowest %d ms%n", done, slowest);
      }
    }
  }
}
