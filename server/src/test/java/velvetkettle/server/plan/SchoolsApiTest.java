package velvetkettle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class SchoolsApiTest extends ServerTest {
  @AfterEach
  void forget() {
    database.update("delete from schools");
  }

  @Test
  @DisplayName("every question of the trade is asked, ours is the default, and each says why")
  void oursFirst() throws Exception {
    JsonNode view = json(get("/api/schools"));
    assertThat(view.path("version").asInt()).isZero();
    assertThat(view.path("questions")).hasSize(10);
    for (JsonNode question : view.path("questions")) {
      assertThat(question.path("asks").asText()).endsWith("?");
      assertThat(question.at("/answers/0/ours").asBoolean()).isTrue();
      assertThat(question.at("/answers/0/kept").asBoolean()).isTrue();
      question
          .path("answers")
          .forEach(answer -> assertThat(answer.path("why").asText()).isNotBlank());
    }
  }

  @Test
  @DisplayName("what the shop keeps to is kept, in versions, and one school to a question")
  void kept() throws Exception {
    put("/api/schools", kept(0, "STITCH_ALWAYS", "COVER_PTFE")).andExpect(status().isOk());
    put("/api/schools", kept(0, "STITCH_ALWAYS", "COVER_PTFE"))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.version").value(1));
    put("/api/schools", kept(0, "PRE_WASH_ALWAYS")).andExpect(status().isConflict());
    put("/api/schools", kept(1, "STITCH_ALWAYS", "STITCH_BY_WEB"))
        .andExpect(status().isUnprocessableEntity());
    put("/api/schools", kept(1, "LUCK")).andExpect(status().isBadRequest());
    assertThat(json(get("/api/schools")).at("/questions/9/answers/1/kept").asBoolean()).isTrue();
  }

  @Test
  @DisplayName("new recipes follow it")
  void followed() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    String before = json(post("/api/plans/preview", form)).toString();
    put("/api/schools", kept(0, "PRE_PRESS_LONG")).andExpect(status().isOk());
    JsonNode after = json(post("/api/plans/preview", form));
    assertThat(before).doesNotContain("Your way is a long drying");
    assertThat(after.toString()).contains("Your way is a long drying");
  }

  private static Map<String, Object> kept(int version, String... schools) {
    return Map.of("kept", List.of(schools), "version", version);
  }
}
