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
    database.update("delete from cloth");
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
  @DisplayName("a garment is kept once, with its own weight; one that no such cloth has is refused")
  void blanks() throws Exception {
    Map<String, Object> garment = TicketForms.garment();
    garment.put("weight", 180);
    put("/api/cloths/" + UUID.randomUUID(), garment).andExpect(status().isOk());
    put("/api/cloths/" + UUID.randomUUID(), garment)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.garment.weight").value(180));
    get("/api/cloths").andExpect(jsonPath("$.total").value(1));
    garment.put("weight", 2000);
    put("/api/cloths/" + UUID.randomUUID(), garment)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("garment.weight"))
        .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("90 to 450")));
  }

  private String planned() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put("medium", "film-block");
    form.put("decorations", List.of(decoration));
    String ticket = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    put("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "").andExpect(status().isOk());
    return ticket;
  }
}
