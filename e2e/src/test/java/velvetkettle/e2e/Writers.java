package velvetkettle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;

/**
 * People who write at once, and the book of what they were answered. What was answered has to be
 * there, once; what was not may be there or not.
 */
final class Writers {
  private static final String EITHER = "either";
  private static final String CHANGED = " changed";

  /** Ticket id to the title it was last answered with. */
  private final Map<String, String> tickets = new ConcurrentHashMap<>();

  /** Run id to the ids of the reports that were answered. */
  private final Map<String, Set<String>> runs = new ConcurrentHashMap<>();

  private final Kettle kettle;
  private final String press;
  private final String plan;

  /** What was found to be there. */
  private final Set<String> asked = new HashSet<>();

  private AtomicBoolean go = new AtomicBoolean();
  private final List<Future<?>> writing = new ArrayList<>();
  private ExecutorService people = Executors.newCachedThreadPool();

  Writers(Kettle kettle) throws IOException {
    this.kettle = kettle;
    press = Shop.JSON.readTree(kettle.get("/api/presses").body()).at("/items/0/id").asText();
    String ticket = UUID.randomUUID().toString();
    assertThat(kettle.put("/api/tickets/" + ticket, form("for the plan", 0)).statusCode())
        .isEqualTo(200);
    plan = UUID.randomUUID().toString();
    assertThat(kettle.put("/api/tickets/" + ticket + "/plans/" + plan, "").statusCode())
        .isEqualTo(200);
  }

  int tickets() {
    return tickets.size();
  }

  int runs() {
    return runs.size();
  }

  int reports() {
    return runs.values().stream().mapToInt(Set::size).sum();
  }

  /** Begins to write, with so many hands. */
  void begin(int hands, Random random) {
    people = Executors.newFixedThreadPool(hands);
    go = new AtomicBoolean(true);
    for (int n = 0; n < hands; n++) {
      Random own = new Random(random.nextLong());
      AtomicBoolean going = go;
      writing.add(people.submit(() -> write(own, going)));
    }
  }

  /** Ends when each has its last answer, or has been left without one. */
  void end() throws Exception {
    go.set(false);
    try {
      for (Future<?> person : writing) {
        person.get(90, TimeUnit.SECONDS);
      }
    } finally {
      writing.clear();
      people.shutdownNow();
    }
  }

  /** The book as it is now; what is written later is not in it. */
  Book book() {
    return new Book(
        press,
        plan,
        new TreeMap<>(tickets),
        runs.entrySet().stream()
            .collect(
                Collectors.toMap(
                    Map.Entry::getKey,
                    run -> Set.copyOf(run.getValue()),
                    (one, other) -> one,
                    TreeMap::new)));
  }

  /** Goes on with a book that was put away. */
  Writers(Kettle kettle, Book book) {
    this.kettle = kettle;
    press = book.press();
    plan = book.plan();
    tickets.putAll(book.tickets());
    book.runs().forEach((run, reports) -> runs.put(run, reported(reports)));
  }

  private static Set<String> reported(Set<String> before) {
    Set<String> reports = ConcurrentHashMap.newKeySet();
    reports.addAll(before);
    return reports;
  }

  /**
   * What was answered.
   *
   * @param tickets ticket id to the title it was last answered with
   * @param runs run id to the ids of the reports that were answered
   */
  record Book(
      String press, String plan, Map<String, String> tickets, Map<String, Set<String>> runs) {}

  private Void write(Random own, AtomicBoolean going) throws Exception {
    String run = null;
    while (going.get()) {
      try {
        if (run == null) {
          run = UUID.randomUUID().toString();
          answered(kettle.put("/api/runs/" + run, "{\"planId\":\"" + plan + "\"}"));
          runs.put(run, ConcurrentHashMap.newKeySet());
        } else if (own.nextBoolean()) {
          String id = UUID.randomUUID().toString();
          String report = report(id);
          answered(kettle.post("/api/runs/" + run + "/events", report));
          if (own.nextInt(4) == 0) {
            // As a page does that did not hear the answer.
            answered(kettle.post("/api/runs/" + run + "/events", report));
          }
          runs.get(run).add(id);
        } else {
          writeTicket(own);
        }
      } catch (IOException away) {
        // No answer, or told to come again: it may or may not have been kept, and nobody was told
        // that it was.
        if (run != null && !runs.containsKey(run)) {
          run = null;
        }
        TimeUnit.MILLISECONDS.sleep(200);
      }
    }
    return null;
  }

  private void writeTicket(Random own) throws IOException {
    String id = UUID.randomUUID().toString();
    String first = "order " + own.nextInt(1_000_000);
    answered(kettle.put("/api/tickets/" + id, form(first, 0)));
    tickets.put(id, first);
    String second = first + CHANGED;
    try {
      answered(kettle.put("/api/tickets/" + id, form(second, 1)));
      tickets.put(id, second);
    } catch (IOException away) {
      tickets.put(id, EITHER);
      throw away;
    }
  }

  private static void answered(HttpResponse<String> response) throws IOException {
    if (response.statusCode() == 503) {
      assertThat(response.headers().firstValue("Retry-After")).as(response.body()).isPresent();
      throw new IOException("away");
    }
    assertThat(response.statusCode()).as(response.body()).isEqualTo(200);
  }

  /** Asks for everything that was answered since this was asked last, and for some of the rest. */
  void expectWhatIsNew(Random random) throws IOException {
    Book all = book();
    all.tickets().keySet().removeIf(ticket -> asked.contains(ticket) && random.nextInt(100) > 0);
    all.runs().keySet().removeIf(run -> asked.contains(run) && random.nextInt(100) > 0);
    expect(all);
    asked.addAll(all.tickets().keySet());
    asked.addAll(all.runs().keySet());
  }

  /** Asks for everything that was answered. */
  void expectEverything() throws IOException {
    expect(book());
  }

  /** Asks for everything that is in a book. */
  void expect(Book book) throws IOException {
    for (Map.Entry<String, String> ticket : book.tickets().entrySet()) {
      HttpResponse<String> kept = kettle.get("/api/tickets/" + ticket.getKey());
      assertThat(kept.statusCode()).as("ticket " + ticket).isEqualTo(200);
      if (!ticket.getValue().equals(EITHER)) {
        // In a book that was copied while they wrote the change was sent, but not answered.
        assertThat(Shop.JSON.readTree(kept.body()).path("title").asText())
            .isIn(ticket.getValue(), ticket.getValue().replace(CHANGED, "") + CHANGED);
      }
    }
    for (Map.Entry<String, Set<String>> run : book.runs().entrySet()) {
      expectReports(run.getKey(), run.getValue());
    }
  }

  private void expectReports(String run, Set<String> answered) throws IOException {
    List<String> kept = new ArrayList<>();
    JsonNode page;
    int number = 0;
    do {
      page =
          Shop.JSON.readTree(
              kettle.get("/api/runs/" + run + "/events?size=200&page=" + number++).body());
      page.path("items").forEach(event -> kept.add(event.path("id").asText()));
    } while (kept.size() < page.path("total").asInt());
    assertThat(kept).as("run " + run).containsAll(answered);
    assertThat(new HashSet<>(kept)).as("none twice").hasSameSizeAs(kept);
    JsonNode told = Shop.JSON.readTree(kettle.get("/api/runs/" + run).body());
    assertThat(told.path("reported").asInt()).as("counted once").isEqualTo(kept.size());
  }

  private static String report(String id) {
    return "[{\"id\":\"%s\",\"kind\":\"SOMETHING_WRONG\",\"step\":null,\"at\":\"%s\"}]"
        .formatted(id, Instant.now());
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
