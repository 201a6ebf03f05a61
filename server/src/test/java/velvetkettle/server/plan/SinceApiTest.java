package velvetkettle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class SinceApiTest extends ServerTest {
  @AfterEach
  void forget() {
    database.update("delete from schools");
  }

  @Test
  @DisplayName("a job that comes back says what is different since its plan, in words")
  void since() throws Exception {
    String ticket = planned();
    assertThat(json(get("/api/tickets/" + ticket + "/since"))).isEmpty();
    put("/api/schools", Map.of("kept", List.of("PRE_PRESS_LONG"), "version", 0))
        .andExpect(status().isOk());
    JsonNode told = json(get("/api/tickets/" + ticket + "/since"));
    assertThat(told.get(0).asText()).contains("How long is the pre-press?", "A long drying");
  }

  @Test
  @DisplayName(
      "a ticket that was never planned has nothing to compare, an unknown one is not there")
  void notPlanned() throws Exception {
    String ticket = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, TicketForms.navyRowingTop(PRESS)).andExpect(status().isOk());
    assertThat(json(get("/api/tickets/" + ticket + "/since"))).isEmpty();
    get("/api/tickets/" + UUID.randomUUID() + "/since").andExpect(status().isNotFound());
  }

  @Test
  @DisplayName("a press that was taken out of the drawer is told, and plans nothing any more")
  void pressGone() throws Exception {
    String press = UUID.randomUUID().toString();
    put("/api/presses/" + press, TicketForms.press("Old clam")).andExpect(status().isOk());
    String ticket = planned(press);
    delete("/api/presses/" + press).andExpect(status().isNoContent());
    delete("/api/presses/" + press).andExpect(status().isNoContent());
    assertThat(json(get("/api/tickets/" + ticket + "/since")).get(0).asText())
        .isEqualTo("Old clam is no longer in the drawer. Choose another press under Garment.");
    get("/api/tickets/" + ticket)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.press.name").value("Old clam"));
    put("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("pressId"));
    put("/api/tickets/" + UUID.randomUUID(), TicketForms.navyRowingTop(press))
        .andExpect(status().isUnprocessableEntity());
    put("/api/presses/" + press, TicketForms.press("Old clam")).andExpect(status().isNotFound());
    assertThat(get("/api/presses").andReturn().getResponse().getContentAsString())
        .doesNotContain("Old clam");
  }

  private String planned() throws Exception {
    return planned(PRESS);
  }

  private String planned(String press) throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(press);
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put("medium", "film-block");
    form.put("decorations", List.of(decoration));
    String ticket = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    put("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "").andExpect(status().isOk());
    return ticket;
  }
}
