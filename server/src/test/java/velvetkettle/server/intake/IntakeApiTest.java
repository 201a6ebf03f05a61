package velvetkettle.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import velvetkettle.server.ServerTest;

class IntakeApiTest extends ServerTest {
  private ResultActions read(String sentence) throws Exception {
    return post("/api/intake", Map.of("sentence", sentence, "today", "2026-11-30"));
  }

  @Test
  @DisplayName("an order comes back in the fields of a ticket, with what is said, usual and open")
  void order() throws Exception {
    read("20 navy hoodies 80/20 cotton poly, white crew name 250 mm on the back, for Friday 4 pm")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.values.garment").value("navy hoodies"))
        .andExpect(jsonPath("$.values.kind").value("SWEATSHIRT"))
        .andExpect(jsonPath("$.values.depth").value("DARK"))
        .andExpect(jsonPath("$.values.goesOn").value("white crew name"))
        .andExpect(jsonPath("$.values.width").value(250))
        .andExpect(jsonPath("$.values.dueDay").value("2026-12-04"))
        .andExpect(jsonPath("$.values.dueTime").value("16:00:00"))
        .andExpect(jsonPath("$.read[?(@.field=='KIND')].trust").value(hasItem("SAID")))
        .andExpect(jsonPath("$.read[?(@.field=='FABRIC')].trust").value(hasItem("USUAL")))
        .andExpect(jsonPath("$.question.about").value("OBSTACLES"))
        .andExpect(jsonPath("$.question.needed").value(false));
  }

  @Test
  @DisplayName("a sentence with nothing in it has no field, no question and no usual thing")
  void nothing() throws Exception {
    read("as discussed")
        .andExpect(jsonPath("$.read").isEmpty())
        .andExpect(jsonPath("$.question").doesNotExist())
        .andExpect(jsonPath("$.values.pieces").doesNotExist());
  }

  @Test
  @DisplayName(
      "what the ticket knows is neither asked for nor taken as usual, but for what is said")
  void known() throws Exception {
    Map<String, Object> order =
        Map.of(
            "sentence",
            "15 hoodies, logo 80 mm on the left chest",
            "today",
            "2026-11-30",
            "known",
            List.of("LABEL", "COLOUR", "FABRIC", "FITS", "OBSTACLES", "KIND"));
    post("/api/intake", order)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.values.fabric").doesNotExist())
        .andExpect(jsonPath("$.values.kind").value("SWEATSHIRT"))
        .andExpect(jsonPath("$.question").doesNotExist());
  }

  @Test
  @DisplayName("questions, reasons and hints are said in words, lengths in the units asked for")
  void words() throws Exception {
    read("20 navy tees of microfibre")
        .andExpect(jsonPath("$.question.ask").value("What does the label say?"))
        .andExpect(jsonPath("$.hints[0]").value(containsString("microfibre")));
    Map<String, String> order =
        Map.of("sentence", "20 navy cotton tees, logo on the back", "today", "2026-11-30");
    http.perform(
            MockMvcRequestBuilders.post("/api/intake")
                .header("Velvet-Units", "inch")
                .with(
                    request -> {
                      request.setServerName("127.0.0.1");
                      return request;
                    })
                .contentType(MediaType.APPLICATION_JSON)
                .content(JSON.writeValueAsString(order)))
        .andExpect(jsonPath("$.question.answers").value(hasItem(containsString(" in wide"))));
  }

  @Test
  @DisplayName("what cannot be a sentence is refused with its field")
  void refused() throws Exception {
    post("/api/intake", Map.of("sentence", "x".repeat(2001), "today", "2026-11-30"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("sentence"));
    for (Object today : List.of("", "30 Nov", "2026-13-01", Map.of())) {
      post("/api/intake", Map.of("sentence", "tees", "today", today))
          .andExpect(status().is4xxClientError());
    }
    post("/api/intake", "{\"sentence\": null}").andExpect(status().isUnprocessableEntity());
  }

  @Test
  @DisplayName("whatever is typed is answered")
  void soup() throws Exception {
    Random random = new Random(20);
    for (int i = 0; i < 300; i++) {
      StringBuilder typed = new StringBuilder();
      for (int n = random.nextInt(200); n > 0; n--) {
        typed.append((char) (1 + random.nextInt(random.nextInt(4) == 0 ? 0xD000 : 126)));
      }
      read(typed.toString()).andExpect(status().isOk());
    }
  }

  @Test
  @DisplayName("every template begins a ticket that can be kept and planned")
  void templates() throws Exception {
    JsonNode all = json(get("/api/intake/templates"));
    assertThat(all.size()).isGreaterThanOrEqualTo(10);
    for (JsonNode template : all) {
      Map<String, Object> ticket = new HashMap<>(ticket());
      ticket.put("garment", JSON.convertValue(template.get("garment"), Map.class));
      put("/api/tickets/" + UUID.randomUUID(), ticket).andExpect(status().isOk());
    }
    database.update("truncate ticket cascade");
  }
}
