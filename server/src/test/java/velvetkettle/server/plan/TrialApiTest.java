package velvetkettle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

/** Settings tried on a ticket as it stands in the browser. */
class TrialApiTest extends ServerTest {
  private static Map<String, Object> trial(Map<String, Object> ticket, String medium) {
    return Map.of("ticket", ticket, "decoration", "a", "medium", medium);
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Object> settled(String medium, Map<String, Object> own) {
    Map<String, Object> ticket = TicketForms.navyRowingTop(PRESS);
    List<Map<String, Object>> decorations = (List<Map<String, Object>>) ticket.get("decorations");
    Map<String, Object> first = new HashMap<>(decorations.get(0));
    Map<String, Object> wanted = new HashMap<>(own);
    wanted.put("medium", medium);
    first.put("medium", medium);
    first.put("own", wanted);
    ticket.put("decorations", List.of(first));
    return ticket;
  }

  @Test
  @DisplayName("a window comes with its edges, its best setting and how far the press may stray")
  void window() throws Exception {
    Map<String, Object> ticket = TicketForms.navyRowingTop(PRESS);
    JsonNode window =
        json(post("/api/trials/window", trial(ticket, "film-block")).andExpect(status().isOk()));
    assertThat(window.path("map").path("celsius")).hasSize(21);
    assertThat(window.path("map").path("edges")).hasSize(6);
    assertThat(window.path("map").path("layers").size()).isGreaterThan(3);
    assertThat(window.path("best").path("dial").asDouble()).isBetween(130.0, 150.0);
    assertThat(window.path("strays").asDouble()).isPositive();
    assertThat(window.path("reliefs")).isEmpty();
  }

  @Test
  @DisplayName("what would be otherwise is said in words, and can be kept")
  void whatIfs() throws Exception {
    Map<String, Object> ticket = TicketForms.navyRowingTop(PRESS);
    JsonNode all =
        json(post("/api/trials/what-ifs", trial(ticket, "film-block")).andExpect(status().isOk()));
    assertThat(all.size()).isGreaterThanOrEqualTo(10);
    for (JsonNode each : all) {
      assertThat(each.path("what").asText()).doesNotContain("whatif.");
      assertThat(each.path("difference").asText()).doesNotContain("whatif.");
      each.path("told").forEach(said -> assertThat(said.asText()).doesNotContain("whatif."));
    }
    JsonNode kept = all.get(0).path("kept");
    assertThat(kept.path("medium").asText()).isEqualTo("film-block");
    Map<String, Object> own = JSON.convertValue(kept, Map.class);
    put("/api/tickets/" + UUID.randomUUID(), settled("film-block", own)).andExpect(status().isOk());
  }

  @Test
  @DisplayName("what was settled is kept with the ticket and pressed by its plan")
  void settledAndPlanned() throws Exception {
    String id = UUID.randomUUID().toString();
    Map<String, Object> own = Map.of("dial", 133, "time", 15);
    put("/api/tickets/" + id, settled("film-block", own)).andExpect(status().isOk());
    get("/api/tickets/" + id).andExpect(jsonPath("$.decorations[0].own.dial").value(133));
    JsonNode plan = json(put("/api/tickets/" + id + "/plans/" + UUID.randomUUID(), ""));
    JsonNode recipe = plan.at("/plan/decorations/0/options/0/recipe");
    assertThat(recipe.at("/setting/dial/value").asDouble()).isEqualTo(133);
    assertThat(recipe.at("/setting/time/value").asDouble()).isEqualTo(15);
    assertThat(recipe.at("/setting/dial/why/0/source").asText()).isEqualTo("YOURS");
  }

  @Test
  @DisplayName("one setting comes with its margins and its story")
  void setting() throws Exception {
    Map<String, Object> ticket = settled("film-block", Map.of("dial", 110, "time", 4));
    JsonNode tried =
        json(post("/api/trials/setting", trial(ticket, "film-block")).andExpect(status().isOk()));
    assertThat(tried.at("/margins/hold/verdict").asText()).isEqualTo("NO");
    assertThat(tried.at("/told/story/seconds").size()).isPositive();
    assertThat(tried.at("/stack/layers").size()).isGreaterThan(3);
  }

  @Test
  @DisplayName("a setting that no press has, another thing, an unknown medium: each says what")
  void refused() throws Exception {
    post("/api/trials/setting", trial(settled("film-block", Map.of("dial", 900)), "film-block"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("ticket.decorations[0].own.dial"));
    Map<String, Object> ticket = TicketForms.navyRowingTop(PRESS);
    post("/api/trials/window", Map.of("ticket", ticket, "decoration", "z", "medium", "film-block"))
        .andExpect(status().isNotFound());
    post("/api/trials/window", trial(ticket, "glue-gun")).andExpect(status().is4xxClientError());
  }
}
