package velvetkettle.server.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class HeatApiTest extends ServerTest {
  private static final Path GOLDEN = Path.of("src/test/resources/golden");

  @Test
  @DisplayName("a kept plan tells its heat: curves over its own moments, events in words, the peel")
  void story() throws Exception {
    String plan = keptPlan("film-block");
    JsonNode story =
        json(get("/api/plans/" + plan + "/heat").andExpect(status().isOk())).at("/0/told/story");
    assertThat(story.path("seconds").size()).isGreaterThan(100);
    assertThat(story.at("/glueLine/0/celsius").size()).isGreaterThan(20);
    assertThat(story.path("events").findValuesAsText("what"))
        .contains("The glue begins to flow", "The bond is made");
    // Under the hot platen of an open clamshell nothing gets cold.
    assertThat(story.at("/peel/onTable/cold").asDouble()).isBetween(20.0, 120.0);
    assertThat(story.at("/peel/onPad/cold").isNull()).isTrue();
    assertThat(story.path("doses").get(0).asText()).startsWith("Bond: ");
  }

  @Test
  @DisplayName("asked for what is not there, it says what is missing and what to do")
  void notThere() throws Exception {
    String gone = UUID.randomUUID().toString();
    get("/api/plans/" + gone + "/heat")
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.detail").value(Matchers.containsString(gone)));
  }

  @Test
  void aPieceThatIsSewnHasNoHeat() throws Exception {
    get("/api/plans/" + keptPlan("no-heat") + "/heat")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$[0].told.story").isEmpty())
        .andExpect(
            jsonPath("$[0].told.untold").value(Matchers.containsString("Nothing is pressed")));
  }

  @Test
  @DisplayName("a plan from before heat was computed says so, and still opens")
  void anOlderPlan() throws Exception {
    String plan = keptPlan("film-block");
    database.update(
        "update plan set schema = 1, body = ?::jsonb, request = ?::jsonb where id = ?::uuid",
        golden("plan-schema-1.json"),
        golden("request-schema-1.json"),
        plan);
    get("/api/plans/" + plan).andExpect(status().isOk());
    get("/api/plans/" + plan + "/heat")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$[0].told.untold").value(Matchers.containsString("before the heat")));
  }

  @Test
  @DisplayName("how sure: what it stands on, beside practice, and what it leaves out, all in words")
  void certainty() throws Exception {
    JsonNode sure = json(get("/api/heat/certainty").andExpect(status().isOk()));
    assertThat(sure.path("facts").findValuesAsText("basis"))
        .contains("HANDBOOK", "ESTIMATE", "FITTED");
    assertThat(sure.path("practice").size()).isGreaterThan(20);
    assertThat(sure.path("leftOut").toString()).contains("sheet");
    assertThat(sure.toString()).doesNotContain("{0}", "{1}", "{2}", "??");
  }

  private String keptPlan(String medium) throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put("medium", medium);
    form.put("decorations", List.of(decoration));
    String ticket = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    String plan = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket + "/plans/" + plan, "").andExpect(status().isOk());
    return plan;
  }

  private static String golden(String name) throws IOException {
    return Files.readString(GOLDEN.resolve(name), StandardCharsets.UTF_8);
  }
}
