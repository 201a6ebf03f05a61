package velvetkettle.server.press;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class WorkroomApiTest extends ServerTest {
  @BeforeEach
  @AfterEach
  void forget() {
    database.update("delete from workroom");
  }

  @Test
  @DisplayName("until it is read a usual room is assumed; then what was read is kept")
  void kept() throws Exception {
    get("/api/workroom")
        .andExpect(jsonPath("$.air").value(21))
        .andExpect(jsonPath("$.humidity").value(50))
        .andExpect(jsonPath("$.version").value(0));
    put("/api/workroom", room(18, 80, 0))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.version").value(1));
    get("/api/workroom").andExpect(jsonPath("$.humidity").value(80));
  }

  @Test
  @DisplayName("the same change twice leaves what one left; an older one is refused")
  void versions() throws Exception {
    put("/api/workroom", room(18, 80, 0)).andExpect(status().isOk());
    put("/api/workroom", room(18, 80, 0))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.version").value(1));
    put("/api/workroom", room(19, 40, 0)).andExpect(status().isConflict());
    put("/api/workroom", room(19, 40, 1)).andExpect(status().isOk());
    get("/api/workroom").andExpect(jsonPath("$.air").value(19));
  }

  @ParameterizedTest
  @CsvSource({"-1, 50, air", "46, 50, air", "20, 4, humidity", "20, 96, humidity"})
  void whatNoRoomHasIsRefusedByName(double air, double humidity, String field) throws Exception {
    put("/api/workroom", room(air, humidity, 0))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value(field));
  }

  @Test
  @DisplayName("damp air asks for a longer pre-press in new plans, and makes no kept plan old")
  void dampAirDriesLonger() throws Exception {
    Map<String, Object> tee = TicketForms.navyRowingTop(PRESS);
    Map<String, Object> garment = TicketForms.garment();
    garment.put("label", "100% cotton");
    garment.put("fabric", "JERSEY");
    garment.put("dye", "REACTIVE");
    tee.put("garment", garment);
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put("medium", "film-smooth");
    tee.put("decorations", List.of(decoration));
    String ticket = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, tee).andExpect(status().isOk());
    put("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "").andExpect(status().isOk());
    double usual = drying(json(post("/api/plans/preview", tee)));
    put("/api/workroom", room(18, 90, 0)).andExpect(status().isOk());
    JsonNode damp = json(post("/api/plans/preview", tee));
    assertThat(drying(damp)).isGreaterThan(usual);
    assertThat(damp.at("/decorations/0/options/0/recipe/presses/drying/why/0/sentence").asText())
        .contains("18 °C", "90 %");
    get("/api/tickets/" + ticket).andExpect(jsonPath("$.planCurrent").value(true));
  }

  private static double drying(JsonNode plan) {
    return plan.at("/decorations/0/options/0/recipe/presses/drying/value").asDouble();
  }

  private static Map<String, Object> room(double air, double humidity, int version) {
    return Map.of("air", air, "humidity", humidity, "version", version);
  }
}
