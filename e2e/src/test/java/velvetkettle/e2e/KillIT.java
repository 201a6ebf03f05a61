package velvetkettle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/**
 * Kills the application, its database or both at random moments while several people write, waits
 * until they are back by themselves, and asks for everything that was answered with 2xx. {@code
 * ./kettle bench kill} does it fifty times.
 */
class KillIT {
  private static final int PEOPLE = 3;

  private final int kills = Integer.getInteger("kettle.kills", 5);
  private final Random random = new Random(Long.getLong("kettle.seed", 20));

  /** Ticket id to the title it was last answered with. */
  private final Map<String, String> tickets = new ConcurrentHashMap<>();

  /** Run id to how many reports were answered. */
  private final Map<String, Integer> runs = new ConcurrentHashMap<>();

  private String press = "";
  private String plan = "";

  @Test
  @DisplayName("every write answered with 2xx survives kill -9, and it comes back by itself")
  void survives() throws Exception {
    try (Kettle kettle = Kettle.empty()) {
      prepare(kettle);
      for (int n = 1; n <= kills; n++) {
        writeUntilKilled(kettle, 300 + random.nextInt(1700));
        kettle.waitUntilBack();
        expectEverything(kettle);
      }
      System.out.printf(
          "kill: %d times, %d tickets and %d runs with %d reports answered, none lost%n",
          kills,
          tickets.size(),
          runs.size(),
          runs.values().stream().mapToInt(Integer::intValue).sum());
    }
    assertThat(tickets).hasSizeGreaterThan(kills);
    assertThat(runs).isNotEmpty();
  }

  private void prepare(Kettle kettle) throws IOException {
    press = Shop.JSON.readTree(kettle.get("/api/presses").body()).at("/items/0/id").asText();
    String ticket = UUID.randomUUID().toString();
    assertThat(kettle.put("/api/tickets/" + ticket, form("for the plan", 0)).statusCode())
        .isEqualTo(200);
    plan = UUID.randomUUID().toString();
    assertThat(kettle.put("/api/tickets/" + ticket + "/plans/" + plan, "").statusCode())
        .isEqualTo(200);
  }

  private void writeUntilKilled(Kettle kettle, int milliseconds) throws Exception {
    AtomicBoolean alive = new AtomicBoolean(true);
    ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
    try {
      List<Future<?>> writing = new ArrayList<>();
      for (int n = 0; n < PEOPLE; n++) {
        Random own = new Random(random.nextLong());
        writing.add(people.submit(() -> write(kettle, own, alive)));
      }
      TimeUnit.MILLISECONDS.sleep(milliseconds);
      fault(kettle);
      alive.set(false);
      for (Future<?> person : writing) {
        person.get(60, TimeUnit.SECONDS);
      }
    } finally {
      people.shutdownNow();
    }
  }

  private void fault(Kettle kettle) {
    int which = random.nextInt(3);
    if (which != 1) {
      kettle.killApplication();
    }
    if (which != 0) {
      kettle.killDatabase();
    }
  }

  private Void write(Kettle kettle, Random own, AtomicBoolean alive) throws IOException {
    String run = null;
    while (alive.get()) {
      try {
        if (run == null) {
          run = UUID.randomUUID().toString();
          answered(kettle.put("/api/runs/" + run, "{\"planId\":\"" + plan + "\"}"));
          runs.put(run, 0);
        } else if (own.nextBoolean()) {
          answered(kettle.post("/api/runs/" + run + "/events", report()));
          runs.merge(run, 1, Integer::sum);
        } else {
          writeTicket(kettle, own);
        }
      } catch (IOException killed) {
        // No answer: it may or may not have been kept, and nobody was told that it was.
        if (run != null && !runs.containsKey(run)) {
          run = null;
        }
      }
    }
    return null;
  }

  private void writeTicket(Kettle kettle, Random own) throws IOException {
    String id = UUID.randomUUID().toString();
    String first = "order " + own.nextInt(1_000_000);
    answered(kettle.put("/api/tickets/" + id, form(first, 0)));
    tickets.put(id, first);
    String second = first + " changed";
    try {
      answered(kettle.put("/api/tickets/" + id, form(second, 1)));
      tickets.put(id, second);
    } catch (IOException killed) {
      tickets.put(id, "either");
      throw killed;
    }
  }

  private static void answered(HttpResponse<String> response) throws IOException {
    if (response.statusCode() == 503) {
      throw new IOException("away");
    }
    assertThat(response.statusCode()).as(response.body()).isEqualTo(200);
  }

  private void expectEverything(Kettle kettle) throws IOException {
    for (Map.Entry<String, String> ticket : tickets.entrySet()) {
      HttpResponse<String> kept = kettle.get("/api/tickets/" + ticket.getKey());
      assertThat(kept.statusCode()).as("ticket " + ticket).isEqualTo(200);
      if (!ticket.getValue().equals("either")) {
        assertThat(Shop.JSON.readTree(kept.body()).path("title").asText())
            .isEqualTo(ticket.getValue());
      }
    }
    for (Map.Entry<String, Integer> run : runs.entrySet()) {
      JsonNode kept = Shop.JSON.readTree(kettle.get("/api/runs/" + run.getKey()).body());
      assertThat(kept.path("reported").asInt())
          .as("run " + run)
          .isGreaterThanOrEqualTo(run.getValue());
    }
  }

  private static String report() {
    return "[{\"id\":\"%s\",\"kind\":\"SOMETHING_WRONG\",\"step\":null,\"at\":\"%s\"}]"
        .formatted(UUID.randomUUID(), Instant.now());
  }

  private String form(String title, int version) throws IOException {
    return form(title, version, press);
  }

  /** A ticket for one small thing on a tee. */
  static String form(String title, int version, String press) throws IOException {
    ObjectNode form = (ObjectNode) Shop.JSON.readTree(TICKET);
    form.put("title", title);
    form.put("version", version);
    form.put("pressId", press);
    return Shop.JSON.writeValueAsString(form);
  }

  private static final String TICKET =
      """
      {"title": "", "customer": "Harbour Rowers", "dueAt": "2026-11-26T16:00:00Z", "pieces": 5000,
       "pressId": "", "version": 0,
       "garment": {"name": "tee", "kind": "TOP", "label": "100% cotton", "fabric": "JERSEY",
         "colour": "white", "depth": "WHITE", "hue": "NEUTRAL", "dye": "UNDYED", "finish": "NONE",
         "obstacles": [], "iron": "UNKNOWN", "size": "ADULT"},
       "decorations": [{"id": "a", "description": "anchor", "kind": "LOGO", "width": 100,
         "height": 100, "colours": 1, "lightest": "DARK", "placement": "CHEST", "surface": "ANY",
         "thinnestStroke": null, "layered": false,
         "stoneSize": null, "stones": 0, "medium": "film-smooth", "materialId": null}]}
      """;
}
