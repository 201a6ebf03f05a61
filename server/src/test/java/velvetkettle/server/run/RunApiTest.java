package velvetkettle.server.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.apache.ibatis.session.SqlSessionFactory;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import velvetkettle.server.HttpTest;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

/** At the press and after it: events are only added, outcomes are logged once. */
class RunApiTest extends ServerTest {
  private static final int PIECES = 2;

  @Autowired private SqlSessionFactory sessions;

  private String ticket = "";
  private String run = "";
  private int steps;

  @BeforeEach
  void aRunIsBegun() throws Exception {
    Map<String, Object> form = ticket();
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put("medium", "film-block");
    form.put("decorations", List.of(decoration));
    form.put("pieces", PIECES);
    ticket = UUID.randomUUID().toString();
    run = UUID.randomUUID().toString();
    String plan = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    JsonNode made = json(put("/api/tickets/" + ticket + "/plans/" + plan, ""));
    steps = made.at("/plan/steps").size();
    put("/api/runs/" + run, Map.of("planId", plan)).andExpect(status().isOk());
    put("/api/runs/" + run, Map.of("planId", plan)).andExpect(status().isOk());
  }

  @Test
  @DisplayName("a report sent again counts once, and the sequence has no gap")
  void reportsCountOnce() throws Exception {
    Map<String, Object> first = event("STEP_DONE", 1);
    Map<String, Object> second = event("STEP_DONE", 2);
    report(first);
    report(first, second);
    JsonNode now = json(report(second));
    assertThat(now.at("/progress/pieces/0/step").asInt()).isEqualTo(3);
    assertThat(now.path("reported").asInt()).isEqualTo(2);
    assertThat(sequences()).containsExactly(1, 2);
  }

  @Test
  @DisplayName("a clock that counts finer than what is kept makes no other report of the same")
  void aFineClock() throws Exception {
    Map<String, Object> fine = new HashMap<>(event("STEP_DONE", 1));
    fine.put("at", Instant.now().truncatedTo(ChronoUnit.MICROS).plusNanos(678).toString());
    report(fine);
    report(fine);
    String id = UUID.randomUUID().toString();
    Map<String, Object> ticket = new HashMap<>(ticket());
    ticket.put("dueAt", "2027-03-04T15:00:00.123456789Z");
    put("/api/tickets/" + id, ticket).andExpect(status().isOk());
    put("/api/tickets/" + id, ticket)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.version").value(1));
  }

  @Test
  @DisplayName("pieces stand side by side, and the time of each is told to the second it began")
  void piecesSideBySide() throws Exception {
    Instant begun = Instant.now().truncatedTo(ChronoUnit.MILLIS);
    Map<String, Object> first = event("STEP_STARTED", 1);
    first.putAll(Map.of("piece", 1, "seconds", 90, "at", begun.toString()));
    Map<String, Object> second = event("STEP_DONE", 1);
    second.put("piece", 2);
    JsonNode now = json(report(first, second));
    assertThat(now.at("/progress/pieces/0/piece").asInt()).isEqualTo(1);
    assertThat(now.at("/progress/pieces/0/timer/startedAt").asText()).isEqualTo(begun.toString());
    assertThat(now.at("/progress/pieces/0/timer/seconds").asInt()).isEqualTo(90);
    assertThat(now.at("/progress/pieces/1/step").asInt()).isEqualTo(2);
    JsonNode asked = json(get("/api/runs/" + run));
    assertThat(asked.path("progress")).isEqualTo(now.path("progress"));
    assertThat(asked.path("steps").asInt()).isEqualTo(steps);
    Map<String, Object> otherwise = new HashMap<>(first);
    otherwise.put("seconds", 91);
    report(otherwise).andExpect(status().isConflict());
    for (Map<String, Object> wrong :
        List.<Map<String, Object>>of(
            Map.of("piece", 0), Map.of("piece", 10_001), Map.of("seconds", 0))) {
      Map<String, Object> event = event("STEP_STARTED", 1);
      event.putAll(wrong);
      report(event).andExpect(status().isUnprocessableEntity());
    }
  }

  @Test
  @DisplayName("another screen takes a run over, and the one before is told")
  void takenOver() throws Exception {
    String screen = UUID.randomUUID().toString();
    Map<String, Object> taken = event("TAKEN_OVER", null);
    report(taken).andExpect(status().isUnprocessableEntity());
    taken.put("screen", screen);
    JsonNode now = json(report(taken));
    assertThat(now.at("/progress/screen").asText()).isEqualTo(screen);
    assertThat(now.path("logged").asBoolean()).isFalse();
  }

  @Test
  @DisplayName("what follows a run is told where it stands, and of every report that is kept")
  void followed() throws Exception {
    MvcResult following =
        http.perform(
                MockMvcRequestBuilders.get("/api/runs/" + run + "/following")
                    .with(HttpTest::fromHere))
            .andExpect(request().asyncStarted())
            .andReturn();
    report(event("STEP_DONE", 1));
    await().untilAsserted(() -> assertThat(told(following)).hasSize(2));
    assertThat(told(following).get(1)).contains("\"step\":2");
    report(event("STEP_DONE", null)).andExpect(status().isUnprocessableEntity());
    report(event("SOMETHING_WRONG", null));
    await().untilAsserted(() -> assertThat(told(following)).hasSize(3));
    assertThat(told(following).get(2)).contains("\"trouble\":1");
    http.perform(
            MockMvcRequestBuilders.get("/api/runs/" + UUID.randomUUID() + "/following")
                .with(HttpTest::fromHere))
        .andExpect(status().isNotFound());
  }

  private static List<String> told(MvcResult following) throws Exception {
    String text = following.getResponse().getContentAsString();
    return text.lines().filter(line -> line.startsWith("data:")).toList();
  }

  @Test
  void reportsFromSeveralTabsKeepOneSequence() throws Exception {
    ExecutorService tabs = Executors.newFixedThreadPool(4);
    try {
      List<Callable<Integer>> work = new ArrayList<>();
      for (int n = 0; n < 16; n++) {
        work.add(
            () -> report(event("SOMETHING_WRONG", null)).andReturn().getResponse().getStatus());
      }
      for (Future<Integer> code : tabs.invokeAll(work)) {
        assertThat(code.get()).isEqualTo(200);
      }
    } finally {
      tabs.shutdownNow();
    }
    JsonNode now = json(get("/api/runs/" + run));
    assertThat(sequences()).isEqualTo(IntStream.rangeClosed(1, 16).boxed().toList());
    assertThat(now.at("/progress/trouble").asInt()).isEqualTo(16);
  }

  @Test
  @DisplayName("the last piece pressed sends the ticket to Check; the outcome ends it")
  void fromThePressToTheLog() throws Exception {
    pressAll();
    get("/api/tickets/" + ticket).andExpect(jsonPath("$.station").value("CHECK"));
    logged(1, 1).andExpect(status().isOk());
    get("/api/tickets/" + ticket)
        .andExpect(jsonPath("$.station").value("DONE"))
        .andExpect(jsonPath("$.logged").value(2));
    JsonNode again = json(post("/api/plans/preview", ticket()));
    assertThat(again.at("/decorations/0/options/0/standing/reasons").toString())
        .contains("Your log");
  }

  @Test
  @DisplayName("of several things, good counts for every medium and bad for the one it was seen on")
  void severalMedia() throws Exception {
    Map<String, Object> form = ticket();
    Map<String, Object> film = TicketForms.decoration();
    film.put("medium", "film-block");
    Map<String, Object> stones = TicketForms.decoration();
    stones.putAll(
        Map.of(
            "id",
            "b",
            "kind",
            "STONES",
            "stones",
            40,
            "medium",
            "stone-sheet",
            "placement",
            "BACK"));
    form.put("decorations", List.of(film, stones));
    form.put("pieces", 2);
    Map<String, Object> garment = TicketForms.garment();
    garment.put("fabric", "MESH");
    form.put("garment", garment);
    ticket = UUID.randomUUID().toString();
    run = UUID.randomUUID().toString();
    String plan = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    put("/api/tickets/" + ticket + "/plans/" + plan, "").andExpect(status().isOk());
    put("/api/runs/" + run, Map.of("planId", plan)).andExpect(status().isOk());
    Map<String, Object> outcome = outcome(1, 1);
    outcome.put("decoration", "c");
    put("/api/runs/" + run + "/outcome", outcome).andExpect(status().isUnprocessableEntity());
    outcome.put("decoration", "b");
    put("/api/runs/" + run + "/outcome", outcome).andExpect(status().isOk());
    List<Map<String, Object>> rows =
        database.queryForList("select medium, also::text from outcome where run_id = ?::uuid", run);
    assertThat(rows).hasSize(1);
    assertThat(rows.get(0)).containsEntry("medium", "stone-sheet");
    assertThat(rows.get(0).get("also")).isEqualTo("[\"film-block\"]");
    get("/api/tickets/" + ticket).andExpect(jsonPath("$.logged").value(2));
    String tried = json(get("/api/cloths?size=200")).toString();
    assertThat(tried).contains("{\"medium\":\"stones on a sheet\",\"good\":1,\"bad\":1}");
    assertThat(tried).contains("{\"medium\":\"blocker film\",\"good\":1,\"bad\":0}");
  }

  @Test
  @DisplayName("a cloth that was pressed is known from then on, once, with how it came out")
  void clothMemory() throws Exception {
    logged(1, 0);
    JsonNode cloths = json(get("/api/cloths?size=200")).path("items");
    List<String> tried = new ArrayList<>();
    cloths.forEach(
        cloth -> {
          if (cloth.path("name").asText().equals("rowing top")) {
            tried.add(cloth.path("tried").toString());
          }
        });
    assertThat(tried).hasSize(1);
    assertThat(tried.get(0)).contains("blocker film");
  }

  @Test
  void aPartOfThePiecesSendsItBackToThePress() throws Exception {
    report(event("STEP_DONE", 1));
    logged(1, 0).andExpect(status().isOk());
    get("/api/tickets/" + ticket)
        .andExpect(jsonPath("$.station").value("PRESS"))
        .andExpect(jsonPath("$.logged").value(1));
  }

  @Test
  void anOutcomeIsLoggedOnce() throws Exception {
    JsonNode once = json(logged(2, 0).andExpect(status().isOk()));
    assertThat(json(logged(2, 0).andExpect(status().isOk()))).isEqualTo(once);
    logged(1, 1)
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.type").value("urn:velvet-kettle:problem:different"))
        .andExpect(jsonPath("$.different[0]").value("good"));
  }

  @Test
  @DisplayName("more pieces than the order has left are a slip of the keyboard")
  void notMorePiecesThanTheOrder() throws Exception {
    logged(PIECES, 1)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("good"));
    logged(PIECES, 0).andExpect(status().isOk());
  }

  @Test
  void aBadPieceNeedsAFault() throws Exception {
    Map<String, Object> outcome = outcome(1, 1);
    outcome.put("seen", List.of("GOOD_BOND"));
    put("/api/runs/" + run + "/outcome", outcome)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").isNotEmpty());
    outcome.put("temperature", 900);
    put("/api/runs/" + run + "/outcome", outcome).andExpect(status().isBadRequest());
  }

  @Test
  @DisplayName("pieces with migration risk are kept back three days, and Today says so")
  void keptBack() throws Exception {
    JsonNode logged = json(logged(2, 0));
    assertThat(
            java.time.Duration.between(
                Instant.parse(logged.path("loggedAt").asText()),
                Instant.parse(logged.path("keepBackUntil").asText())))
        .isEqualTo(java.time.Duration.ofHours(72));
    database.update(
        "update outcome set keep_back_until = now() + interval '1 hour' where run_id = ?::uuid",
        run);
    JsonNode today = json(get("/api/today"));
    assertThat(today.path("keptBack").findValuesAsText("ticketId")).contains(ticket);
  }

  @Test
  void thereIsNoRunWithoutItsPlan() throws Exception {
    put("/api/runs/" + UUID.randomUUID(), Map.of("planId", UUID.randomUUID().toString()))
        .andExpect(status().isNotFound());
    post("/api/runs/" + UUID.randomUUID() + "/events", List.of(event("PAUSED", 1)))
        .andExpect(status().isNotFound());
    post("/api/runs/" + run + "/events", List.of()).andExpect(status().isUnprocessableEntity());
  }

  @Test
  @DisplayName(
      "what no clock and no plan could bring about is refused by name, and all sent with it")
  void impossibleEvents() throws Exception {
    Map<String, Object> good = event("STEP_DONE", 1);
    for (Object[] wrong :
        new Object[][] {
          {"STEP_DONE", steps + 1, 0, "[1].step"},
          {"STEP_DONE", null, 0, "[1].step"},
          {"STEP_STARTED", 499, 0, "[1].step"},
          {"SOMETHING_WRONG", null, -3600, "[1].at"},
          {"SOMETHING_WRONG", 1, 90, "[1].at"}
        }) {
      Map<String, Object> event = event((String) wrong[0], (Integer) wrong[1]);
      event.put("at", Instant.now().plusSeconds((Integer) wrong[2]).toString());
      report(good, event)
          .andExpect(status().isUnprocessableEntity())
          .andExpect(jsonPath("$.fields[0].field").value(wrong[3]));
    }
    assertThat(sequences()).isEmpty();
    report(good).andExpect(status().isOk());
  }

  private void pressAll() throws Exception {
    for (int piece = 1; piece <= PIECES; piece++) {
      for (int step = 1; step <= steps; step++) {
        report(event("STEP_DONE", step));
      }
      if (piece < PIECES) {
        report(event("PIECE_DONE", null));
      }
    }
  }

  @SafeVarargs
  private org.springframework.test.web.servlet.ResultActions report(Map<String, Object>... events)
      throws Exception {
    return post("/api/runs/" + run + "/events", List.of(events));
  }

  private org.springframework.test.web.servlet.ResultActions logged(int good, int bad)
      throws Exception {
    return put("/api/runs/" + run + "/outcome", outcome(good, bad));
  }

  private static Map<String, Object> outcome(int good, int bad) {
    Map<String, Object> outcome = new LinkedHashMap<>();
    outcome.put("good", good);
    outcome.put("bad", bad);
    outcome.put("seen", List.of(bad > 0 ? "EDGE_LIFTS" : "GOOD_BOND"));
    outcome.put("temperature", null);
    outcome.put("time", null);
    outcome.put("note", "");
    return outcome;
  }

  private static Map<String, Object> event(String kind, @Nullable Integer step) {
    Map<String, Object> event = new LinkedHashMap<>();
    event.put("id", UUID.randomUUID().toString());
    event.put("kind", kind);
    event.put("step", step);
    event.put("at", Instant.now().toString());
    return event;
  }

  private List<Integer> sequences() throws Exception {
    List<Integer> sequences = new ArrayList<>();
    json(get("/api/runs/" + run + "/events"))
        .path("items")
        .forEach(event -> sequences.add(event.path("sequence").asInt()));
    return sequences;
  }
}
