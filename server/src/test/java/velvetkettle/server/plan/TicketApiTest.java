package velvetkettle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class TicketApiTest extends ServerTest {
  @Test
  @DisplayName("the last ticket is the newest one, and a shop without any says so")
  void last() throws Exception {
    database.update("truncate ticket cascade");
    get("/api/tickets/last")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.ticket").doesNotExist());
    put("/api/tickets/" + UUID.randomUUID(), ticket()).andExpect(status().isOk());
    Map<String, Object> other = new HashMap<>(ticket());
    other.put("title", "the newer one");
    put("/api/tickets/" + UUID.randomUUID(), other).andExpect(status().isOk());
    get("/api/tickets/last").andExpect(jsonPath("$.ticket.title").value("the newer one"));
  }

  @Test
  void aTicketIsKeptAndComesBack() throws Exception {
    String id = UUID.randomUUID().toString();
    JsonNode made = json(put("/api/tickets/" + id, ticket()).andExpect(status().isOk()));
    assertThat(made.path("name").asText()).matches("VK-\\d+");
    assertThat(made.path("version").asInt()).isEqualTo(1);
    assertThat(json(get("/api/tickets/" + id))).isEqualTo(made);
  }

  @Test
  @DisplayName("the same request twice leaves one ticket, at the same version")
  void askedTwice() throws Exception {
    String id = UUID.randomUUID().toString();
    put("/api/tickets/" + id, ticket());
    Map<String, Object> changed = ticket();
    changed.put("version", 1);
    changed.put("pieces", 21);
    put("/api/tickets/" + id, changed).andExpect(jsonPath("$.version").value(2));
    put("/api/tickets/" + id, changed).andExpect(jsonPath("$.version").value(2));
  }

  @Test
  @DisplayName("an older version is refused with both versions, and nothing is overwritten")
  void anOldVersionIsRefused() throws Exception {
    String id = UUID.randomUUID().toString();
    put("/api/tickets/" + id, ticket());
    Map<String, Object> second = ticket();
    second.put("version", 1);
    second.put("title", "second");
    put("/api/tickets/" + id, second).andExpect(status().isOk());
    Map<String, Object> late = ticket();
    late.put("version", 1);
    late.put("title", "late");
    put("/api/tickets/" + id, late)
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.type").value("urn:velvet-kettle:problem:stale"))
        .andExpect(jsonPath("$.yours").value(1))
        .andExpect(jsonPath("$.current").value(2));
    get("/api/tickets/" + id).andExpect(jsonPath("$.title").value("second"));
  }

  @Test
  void ticketsMadeAtOnceGetDifferentNumbers() throws Exception {
    ExecutorService people = Executors.newFixedThreadPool(6);
    try {
      List<Callable<String>> work = new ArrayList<>();
      for (int n = 0; n < 12; n++) {
        work.add(
            () -> json(put("/api/tickets/" + UUID.randomUUID(), ticket())).path("name").asText());
      }
      List<String> names = new ArrayList<>();
      for (Future<String> name : people.invokeAll(work)) {
        names.add(name.get());
      }
      assertThat(names).doesNotHaveDuplicates().allMatch(name -> name.startsWith("VK-"));
    } finally {
      people.shutdownNow();
    }
  }

  @Test
  void listsArePagedAndSearched() throws Exception {
    String word = "w" + UUID.randomUUID().toString().substring(0, 8);
    for (int n = 0; n < 5; n++) {
      Map<String, Object> form = ticket();
      form.put("title", "Order " + n + " " + word.toUpperCase());
      form.put("dueAt", "2026-12-0" + (5 - n) + "T10:00:00Z");
      put("/api/tickets/" + UUID.randomUUID(), form);
    }
    get("/api/tickets?search=" + word + "&size=2&page=1")
        .andExpect(jsonPath("$.total").value(5))
        .andExpect(jsonPath("$.items.length()").value(2))
        .andExpect(jsonPath("$.items[0].title").value("Order 2 " + word.toUpperCase()));
    get("/api/tickets?search=" + word + "&station=PRESS").andExpect(jsonPath("$.total").value(0));
  }

  @ParameterizedTest
  @ValueSource(strings = {"%25", "%00%25", "_", "%5C", "'", "%22", "%27%3B drop table ticket%3B--"})
  @DisplayName("a search is taken by its letters, whatever they mean elsewhere")
  void searchIsLiteral(String search) throws Exception {
    put("/api/tickets/" + UUID.randomUUID(), ticket());
    get("/api/tickets?search=" + search.replace(" ", "%20"))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.total").value(0));
  }

  static Stream<Arguments> badTickets() {
    return Stream.of(
        bad("no title", form -> form.put("title", " "), "title"),
        bad("a title of 81", form -> form.put("title", "x".repeat(81)), "title"),
        bad("no pieces", form -> form.put("pieces", 0), "pieces"),
        bad("too many pieces", form -> form.put("pieces", 10_001), "pieces"),
        bad("no due time", form -> form.put("dueAt", null), "dueAt"),
        bad("nothing goes on", form -> form.put("decorations", List.of()), "decorations"),
        bad("over 100 %", form -> label(form, "60% cotton 60% polyester"), "garment.label"),
        bad("no such fibre", form -> label(form, "100% sailcloth"), "garment.label"),
        bad("a label of 301", form -> label(form, "x".repeat(301)), "garment.label"),
        bad("too wide", form -> decoration(form, "width", 3001), "decorations[0].width"),
        bad("an unknown medium", form -> decoration(form, "medium", "tar"), "decorations.medium"),
        bad(
            "a piece of no such fibre",
            form -> {
              Map<String, Object> piece = TicketForms.decoration();
              piece.putAll(Map.of("kind", "APPLIQUE", "ownLabel", "100% sailcloth"));
              form.put("decorations", List.of(piece));
            },
            "decorations[0].ownLabel"),
        bad("over nothing", form -> decoration(form, "over", "b"), "decorations[0].over"),
        bad("over itself", form -> decoration(form, "over", "a"), "decorations[0].over"),
        bad("no colours", form -> decoration(form, "colours", 0), "decorations[0].colours"));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("badTickets")
  void badInputNamesItsFieldAndIsNotKept(String what, Change change, String field)
      throws Exception {
    Map<String, Object> form = ticket();
    change.to(form);
    String id = UUID.randomUUID().toString();
    put("/api/tickets/" + id, form)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value(field))
        .andExpect(jsonPath("$.detail").isNotEmpty());
    get("/api/tickets/" + id).andExpect(status().isNotFound());
  }

  static Stream<Arguments> unreadable() {
    return Stream.of(
        Arguments.of("not JSON", "{", "not readable"),
        Arguments.of(
            "an unknown field", changed("\"title\"", "\"titel\""), "titel: there is no such field"),
        Arguments.of(
            "an unknown word",
            changed("\"TOP\"", "\"TOGA\""),
            "garment.kind: one of TOP, LONG_SLEEVE, SHIRT"),
        Arguments.of(
            "a number left out", changed("\"pieces\":20", "\"pieces\":null"), "pieces: is missing"),
        Arguments.of(
            "text for a number",
            changed("\"pieces\":20", "\"pieces\":\"many\""),
            "pieces: should be a whole number."),
        Arguments.of(
            "a list for a word",
            changed("\"TOP\"", "[\"TOP\"]"),
            "garment.kind: one of TOP, LONG_SLEEVE, SHIRT"),
        Arguments.of(
            "a number for a list",
            changed("\"obstacles\":[]", "\"obstacles\":7"),
            "garment.obstacles: should be a list."),
        Arguments.of(
            "a null in a list",
            changed("\"obstacles\":[]", "\"obstacles\":[null]"),
            "holds a null. Leave it out."),
        Arguments.of(
            "an id that is none", changed(PRESS, "no-id"), "pressId: should be an id of 36 signs."),
        Arguments.of(
            "no moment",
            changed("\"2026-11-26T16:00:00Z\"", "true"),
            "dueAt: should be a moment such as 2026-05-04T09:30:00Z."),
        Arguments.of(
            "a NUL", changed("Harbour Rowers, training", "a\\u0000b"), "title: holds a sign"),
        Arguments.of(
            "half a letter", changed("rowing top", "\\ud83d"), "garment.name: holds a sign"),
        Arguments.of(
            "a far future", changed("2026-11-26T", "+99999-11-26T"), "dueAt: lies outside"),
        Arguments.of("larger than a ticket", "\"" + "x".repeat(600_000) + "\"", "not readable"),
        Arguments.of("very deep", "[".repeat(60) + "]".repeat(60), "not readable"));
  }

  private static String changed(String from, String to) {
    try {
      return JSON.writeValueAsString(ticket()).replace(from, to);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("unreadable")
  void whatCannotBeReadIsSaidSo(String what, String body, String says) throws Exception {
    JsonNode problem =
        json(put("/api/tickets/" + UUID.randomUUID(), body).andExpect(status().isBadRequest()));
    assertThat(problem.path("detail").asText())
        .contains(says)
        .doesNotContain("DeserializationConfig", "velvetkettle", "java.");
    assertThat(problem.path("type").asText()).isEqualTo("urn:velvet-kettle:problem:unreadable");
  }

  @Test
  void whatIsNotThereSaysSo() throws Exception {
    get("/api/tickets/" + UUID.randomUUID())
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.type").value("urn:velvet-kettle:problem:not-found"));
    get("/api/tickets/not-an-id")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.type").value("urn:velvet-kettle:problem:400"));
    get("/api/tickets?size=0")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("size"));
    get("/api/nothing").andExpect(status().isNotFound());
    Map<String, Object> form = ticket();
    form.put("pressId", UUID.randomUUID().toString());
    put("/api/tickets/" + UUID.randomUUID(), form).andExpect(status().isNotFound());
  }

  @Test
  @DisplayName("a ticket travels: method, cut, press, check, done")
  void stations() throws Exception {
    String id = UUID.randomUUID().toString();
    Map<String, Object> form = ticket();
    form.put("pieces", 1);
    expectStation(
        json(put("/api/tickets/" + id, form)), "METHOD", "DONE OPEN WAITING WAITING WAITING");
    put("/api/tickets/" + id + "/cut", "").andExpect(jsonPath("$.station").value("METHOD"));
    decoration(form, "medium", "film-block");
    form.put("version", 1);
    put("/api/tickets/" + id, form);
    put("/api/tickets/" + id + "/plans/" + UUID.randomUUID(), "");
    expectStation(json(get("/api/tickets/" + id)), "CUT", "DONE DONE OPEN OPEN OPEN");
    expectStation(
        json(put("/api/tickets/" + id + "/cut", "")), "PRESS", "DONE DONE DONE OPEN OPEN");
    expectStation(json(delete("/api/tickets/" + id + "/cut")), "CUT", "DONE DONE OPEN OPEN OPEN");
  }

  private static void expectStation(JsonNode ticket, String station, String states) {
    assertThat(ticket.path("station").asText()).isEqualTo(station);
    List<String> found = new ArrayList<>();
    ticket.path("stations").forEach(s -> found.add(s.path("state").asText()));
    assertThat(String.join(" ", found)).isEqualTo(states);
  }

  /** Something done to a form. */
  interface Change {
    void to(Map<String, Object> form);
  }

  private static Arguments bad(String what, Change change, String field) {
    return Arguments.of(what, change, field);
  }

  private static void label(Map<String, Object> form, String label) {
    Map<String, Object> garment = TicketForms.garment();
    garment.put("label", label);
    form.put("garment", garment);
  }

  private static void decoration(Map<String, Object> form, String field, Object value) {
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put(field, value);
    form.put("decorations", List.of(decoration));
  }
}
