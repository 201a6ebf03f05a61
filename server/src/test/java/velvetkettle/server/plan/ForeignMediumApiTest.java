package velvetkettle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.MessageSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.context.support.StaticMessageSource;
import org.springframework.http.MediaType;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import velvetkettle.core.media.ForeignMedium;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.server.HttpTest;
import velvetkettle.server.PrivatePostgres;
import velvetkettle.server.TicketForms;
import velvetkettle.server.speech.Speech;

/** A medium that no code was written for, with a name and its traits, from the order to the log. */
class ForeignMediumApiTest extends HttpTest {
  private static final String KEY = ForeignMedium.DYED_FLOCK.key();
  private static final String STAR =
      "<svg xmlns='http://www.w3.org/2000/svg' width='80mm' height='80mm' viewBox='0 0 80 80'>"
          + "<path fill='#1d3c6e' d='M40 2 L78 40 L40 78 L2 40 Z'/></svg>";

  private final String ticket = UUID.randomUUID().toString();
  private final String plan = UUID.randomUUID().toString();
  private JsonNode made;

  /** Its own, because nobody else knows what is kept in it. */
  @DynamicPropertySource
  static void ownDatabase(DynamicPropertyRegistry registry) {
    registry.add("spring.datasource.url", () -> PrivatePostgres.freshUrl("foreign_medium"));
  }

  @TestConfiguration
  static class Foreign {
    @Bean
    @Primary
    MediaCatalogue withForeign() {
      return ForeignMedium.CATALOGUE;
    }

    /** Its name is all that the words need of it. */
    @Bean
    @Primary
    Speech withItsName(MessageSource words) {
      StaticMessageSource names = new StaticMessageSource();
      names.addMessage("medium." + KEY, Locale.ENGLISH, "dyed flock");
      names.setParentMessageSource(words);
      return new Speech(names);
    }
  }

  @BeforeEach
  void taken() throws Exception {
    Map<String, Object> form = ticket();
    Map<String, Object> garment = TicketForms.garment();
    garment.putAll(
        Map.of("label", "100% cotton", "fabric", "JERSEY", "dye", "UNDYED", "depth", "WHITE"));
    garment.put("colour", "white");
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.putAll(Map.of("kind", "LOGO", "lightest", "DARK", "medium", KEY));
    form.put("garment", garment);
    form.put("decorations", List.of(decoration));
    form.put("pieces", 3);
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    made = json(put("/api/tickets/" + ticket + "/plans/" + plan, "").andExpect(status().isOk()));
  }

  @Test
  @DisplayName("every sentence of its plan has words, in which it has its name")
  void worded() {
    assertThat(made.at("/plan/decorations/0/medium").asText()).isEqualTo(KEY);
    assertThat(made.toString()).contains("dyed flock").doesNotContain("{0}", "??");
    assertThat(made.at("/plan/table").findValuesAsText("instruction")).contains("Mirror the art.");
    assertThat(made.at("/plan/steps").findValuesAsText("instruction"))
        .contains(
            "Cover: uncoated kraft paper. Close, straight down. Nothing may shift until it opens.");
  }

  @Test
  @DisplayName("it can lie on the shelf, and its name is in the list of media")
  void onTheShelf() throws Exception {
    JsonNode media = json(get("/api/vocabulary")).path("medium");
    assertThat(media.findValuesAsText("name")).contains("dyed flock");
    Map<String, Object> roll = new HashMap<>();
    roll.putAll(Map.of("name", "Quay flock", "medium", KEY, "colour", "navy", "depth", "DARK"));
    roll.putAll(Map.of("rollWidth", 500, "left", 4000, "version", 0));
    put("/api/materials/" + UUID.randomUUID(), roll).andExpect(status().isOk());
  }

  @Test
  @DisplayName("its art is printed as a whole, and weeds by its own stroke")
  void cut() throws Exception {
    String art = UUID.randomUUID().toString();
    http.perform(
            MockMvcRequestBuilders.put("/api/art/" + art + "?name=star.svg")
                .with(
                    request -> {
                      request.setServerName("127.0.0.1");
                      return request;
                    })
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(STAR.getBytes(StandardCharsets.UTF_8)))
        .andExpect(status().isOk());
    Map<String, Object> design = new LinkedHashMap<>();
    design.putAll(Map.of("decoration", "a", "artId", art, "medium", KEY, "width", 60));
    design.putAll(Map.of("overlap", "SIDE_BY_SIDE", "newBlade", false, "copies", 0));
    Map<String, Object> colour = new HashMap<>();
    colour.put("colour", "#1d3c6e");
    colour.put("sameAs", null);
    colour.put("cut", true);
    colour.put("materialId", null);
    design.put("colours", List.of(colour));
    design.put("replacements", List.of());
    design.put("print", Map.of("border", 2, "pageWidth", 210, "pageHeight", 297, "pageMargin", 10));
    JsonNode work = json(put("/api/cutting/readings/" + UUID.randomUUID(), design));
    while (work.path("state").asText().equals("RUNNING")) {
      work = json(get("/api/cutting/works/" + work.path("id").asText()));
    }
    assertThat(work.path("state").asText()).isEqualTo("DONE");
    assertThat(work.toString()).contains("\"mirrored\":true");
    JsonNode stations = json(get("/api/tickets/" + ticket)).path("stations");
    assertThat(stations.toString()).contains("Mirror");
  }

  @Test
  @DisplayName("it is pressed step by step, and the log keeps it by its key")
  void run() throws Exception {
    String run = UUID.randomUUID().toString();
    put("/api/runs/" + run, Map.of("planId", plan)).andExpect(status().isOk());
    List<Map<String, Object>> events = new ArrayList<>();
    int steps = made.at("/plan/steps").size();
    for (int piece = 1; piece <= 3; piece++) {
      for (int step = 1; step <= steps; step++) {
        events.add(event("STEP_DONE", step));
      }
      if (piece < 3) {
        events.add(event("PIECE_DONE", null));
      }
    }
    post("/api/runs/" + run + "/events", events).andExpect(status().isOk());
    Map<String, Object> outcome = new HashMap<>();
    outcome.putAll(Map.of("good", 3, "bad", 0, "seen", List.of("GOOD_BOND"), "note", ""));
    outcome.put("temperature", null);
    outcome.put("time", null);
    put("/api/runs/" + run + "/outcome", outcome).andExpect(status().isOk());
    List<String> logged =
        database.queryForList(
            "select medium from outcome where run_id = ?::uuid", String.class, run);
    assertThat(logged).containsExactly(KEY);
  }

  private static Map<String, Object> event(String kind, @Nullable Integer step) {
    Map<String, Object> event = new LinkedHashMap<>();
    event.put("id", UUID.randomUUID().toString());
    event.put("kind", kind);
    event.put("step", step);
    event.put("at", Instant.now().toString());
    return event;
  }
}
