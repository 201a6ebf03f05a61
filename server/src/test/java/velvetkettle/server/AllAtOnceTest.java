package velvetkettle.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

/**
 * The same sent twenty times at once is answered like once; something else under the same id is
 * refused and says what differs; and what is counted is never more than there is.
 */
class AllAtOnceTest extends ServerTest {
  private static final int TIMES = 20;

  private final ExecutorService tabs = Executors.newFixedThreadPool(TIMES);
  private String ticket = "";
  private String plan = "";

  @BeforeEach
  void aPlannedTicket() throws Exception {
    Map<String, Object> form = ticket();
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put("medium", "film-block");
    form.put("decorations", List.of(decoration));
    form.put("pieces", 10);
    ticket = UUID.randomUUID().toString();
    plan = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    put("/api/tickets/" + ticket + "/plans/" + plan, "").andExpect(status().isOk());
  }

  @AfterEach
  void stop() {
    tabs.shutdownNow();
  }

  private record Answered(int status, JsonNode body) {}

  private List<Answered> all(List<Callable<Answered>> work) throws Exception {
    List<Answered> answers = new ArrayList<>();
    for (Future<Answered> answer : tabs.invokeAll(work)) {
      answers.add(answer.get());
    }
    return answers;
  }

  private Callable<Answered> putting(String path, Object body) {
    return () -> {
      ResultActions result = put(path, body);
      return new Answered(result.andReturn().getResponse().getStatus(), json(result));
    };
  }

  private void sameAnswer(String path, Object body) throws Exception {
    List<Callable<Answered>> work = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      work.add(putting(path, body));
    }
    List<Answered> answers = all(work);
    assertThat(answers).as(path).allMatch(answer -> answer.status == 200);
    assertThat(answers.stream().map(Answered::body).distinct()).as(path).hasSize(1);
  }

  @Test
  void ticketsPlansAndRuns() throws Exception {
    String path = "/api/tickets/" + UUID.randomUUID();
    sameAnswer(path, ticket());
    Map<String, Object> changed = ticket();
    changed.put("title", "Another title");
    put(path, changed).andExpect(status().isConflict()).andExpect(jsonPath("$.current").value(1));
    changed.put("version", 1);
    sameAnswer(path, changed);
    sameAnswer("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "");
    String run = UUID.randomUUID().toString();
    sameAnswer("/api/runs/" + run, Map.of("planId", plan));
    String other = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket + "/plans/" + other, "").andExpect(status().isOk());
    put("/api/runs/" + run, Map.of("planId", other))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.different[0]").value("planId"));
    put(path + "/plans/" + plan, "")
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.different[0]").value("ticketId"));
  }

  @Test
  void shelfPressesAndRoom() throws Exception {
    Map<String, Object> press = TicketForms.press("Quay press");
    String id = UUID.randomUUID().toString();
    sameAnswer("/api/presses/" + id, press);
    press.put("name", "Quay press, new");
    put("/api/presses/" + id, press).andExpect(status().isConflict());
    press.put("version", 1);
    sameAnswer("/api/presses/" + id, press);
    delete("/api/presses/" + id).andExpect(status().isNoContent());
    Map<String, Object> cloth = new LinkedHashMap<>();
    cloth.put("garment", TicketForms.garment());
    cloth.put("version", 0);
    String kept = "/api/cloths/" + UUID.randomUUID();
    sameAnswer(kept, cloth);
    delete(kept).andExpect(status().isNoContent());
    String room = "/api/workroom";
    int version = json(get(room)).path("version").asInt();
    sameAnswer(room, Map.of("air", 19, "humidity", 55, "version", version));
  }

  @Test
  @DisplayName("ten pieces stay ten, however many runs are logged at once")
  void neverMorePiecesThanThereAre() throws Exception {
    List<Callable<Answered>> work = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      String run = UUID.randomUUID().toString();
      put("/api/runs/" + run, Map.of("planId", plan)).andExpect(status().isOk());
      work.add(putting("/api/runs/" + run + "/outcome", outcome(4)));
    }
    List<Answered> answers = all(work);
    assertThat(answers.stream().filter(answer -> answer.status == 200)).hasSize(2);
    assertThat(answers.stream().filter(answer -> answer.status == 422)).hasSize(TIMES - 2);
    get("/api/tickets/" + ticket).andExpect(jsonPath("$.logged").value(8));
  }

  @Test
  void outcomesAndEvents() throws Exception {
    String run = UUID.randomUUID().toString();
    put("/api/runs/" + run, Map.of("planId", plan)).andExpect(status().isOk());
    sameAnswer("/api/runs/" + run + "/outcome", outcome(1));
    put("/api/runs/" + run + "/outcome", outcome(2))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.different[0]").value("good"));
    Map<String, Object> event = new LinkedHashMap<>();
    event.put("id", UUID.randomUUID().toString());
    event.put("kind", "STEP_DONE");
    event.put("step", 1);
    event.put("at", Instant.now().toString());
    post("/api/runs/" + run + "/events", List.of(event)).andExpect(status().isOk());
    event.put("step", 2);
    post("/api/runs/" + run + "/events", List.of(event))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.different[0]").value("step"));
  }

  private static Map<String, Object> outcome(int good) {
    Map<String, Object> outcome = new LinkedHashMap<>();
    outcome.put("good", good);
    outcome.put("bad", 0);
    outcome.put("seen", List.of("GOOD_BOND"));
    outcome.put("temperature", null);
    outcome.put("time", null);
    outcome.put("note", "");
    return outcome;
  }
}
