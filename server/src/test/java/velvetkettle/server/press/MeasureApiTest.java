package velvetkettle.server.press;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

/** A press measured by strips, nine places and a probe. */
class MeasureApiTest extends ServerTest {
  private final String id = UUID.randomUUID().toString();

  @BeforeEach
  void buy() throws Exception {
    put("/api/presses/" + id, TicketForms.press("Probed press")).andExpect(status().isOk());
  }

  @AfterEach
  void forget() {
    database.update("update press set gone = true where name = 'Probed press'");
  }

  private static Map<String, Object> strips(int... read) {
    Map<String, Object> form = new HashMap<>();
    form.put("strips", IntStream.of(read).mapToObj(r -> Map.of("dial", 150, "read", r)).toList());
    form.put("version", 1);
    return form;
  }

  @Test
  @DisplayName("two strips say how far the display is off; kept, the next plan is set by it")
  void stripsKept() throws Exception {
    JsonNode tried =
        json(
            post("/api/presses/" + id + "/measuring", strips(140, 142)).andExpect(status().isOk()));
    assertThat(tried.at("/calibration/readsHigh").asDouble()).isCloseTo(8.4, within(0.2));
    assertThat(tried.at("/said/0").asText()).contains("reads 9 °C high");
    get("/api/presses?size=200");
    put("/api/presses/" + id + "/measuring", strips(140, 142))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.press.calibration.measured").value(true))
        .andExpect(jsonPath("$.press.calibration.on").isNotEmpty())
        .andExpect(jsonPath("$.measuredLongAgo").value(false));
    JsonNode plan =
        json(post("/api/plans/preview", TicketForms.navyRowingTop(id)).andExpect(status().isOk()));
    JsonNode recipe = plan.at("/decorations/0/options/0/recipe");
    assertThat(
            recipe.at("/setting/dial/value").asDouble() - recipe.at("/setting/platen").asDouble())
        .isCloseTo(8, within(1.0));
  }

  @Test
  @DisplayName("measured half a year ago it says so; changing its name keeps what was measured")
  void longAgo() throws Exception {
    put("/api/presses/" + id + "/measuring", strips(140)).andExpect(status().isOk());
    database.update("update press set measured_on = measured_on - 200 where id = ?::uuid", id);
    Map<String, Object> form = TicketForms.press("Probed press");
    form.put("measured", true);
    form.put("readsHigh", 9.0);
    form.put("platenWidth", 420);
    form.put("version", 2);
    put("/api/presses/" + id, form)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.measuredLongAgo").value(true))
        .andExpect(jsonPath("$.press.calibration.giveOrTake").value(5.7));
  }

  @Test
  @DisplayName("an older version is refused, and nothing at all as well")
  void refused() throws Exception {
    Map<String, Object> old = strips(140);
    old.put("version", 0);
    put("/api/presses/" + id + "/measuring", old).andExpect(status().isConflict());
    post("/api/presses/" + id + "/measuring", strips()).andExpect(status().is4xxClientError());
    Map<String, Object> eight = strips(140);
    eight.put("nine", Map.of("dial", 150, "read", Collections.nCopies(8, 140)));
    post("/api/presses/" + id + "/measuring", eight)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("nine.read"));
    Map<String, Object> misread = strips(140);
    misread.put(
        "nine", Map.of("dial", 150, "read", List.of(140, 141, 139, 140, 142, 140, 139, 141, 320)));
    post("/api/presses/" + id + "/measuring", misread)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("more than 50")));
    post("/api/presses/" + UUID.randomUUID() + "/measuring", strips(140))
        .andExpect(status().isNotFound());
  }

  private ResultActions trace(String table) throws Exception {
    return http.perform(
        MockMvcRequestBuilders.post("/api/presses/traces")
            .header("Host", "127.0.0.1")
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content(table.getBytes(StandardCharsets.UTF_8)));
  }

  private static String rising(String title, String separator, boolean comma) {
    StringBuilder table = new StringBuilder(title).append('\n');
    for (int n = 0; n < 40; n++) {
      double celsius = n < 4 ? 23 : 140 - 117 * Math.exp(-(n - 3) / 4.0);
      String line = String.format(java.util.Locale.ROOT, "%.1f%s%.2f", n * 0.5, separator, celsius);
      table.append(comma ? line.replace('.', ',') : line).append('\n');
    }
    return table.toString();
  }

  @Test
  @DisplayName("a trace as a table, with point or comma: the press closes where the probe rises")
  void traces() throws Exception {
    JsonNode points = json(trace(rising("s,°C", ",", false)).andExpect(status().isOk()));
    JsonNode commas = json(trace(rising("Zeit;Temperatur", ";", true)).andExpect(status().isOk()));
    assertThat(commas).isEqualTo(points);
    assertThat(points.get(0).path("second").asDouble()).isZero();
    assertThat(points).hasSize(37);
    JsonNode fahrenheit = json(trace("s,°F\n" + rising("s,°C", ",", false).split("\n", 2)[1]));
    assertThat(last(fahrenheit)).isCloseTo((last(points) - 32) / 1.8, within(0.01));
    Map<String, Object> form = strips(140);
    form.put(
        "probe",
        Map.of(
            "dial",
            150,
            "fabric",
            "JERSEY",
            "fibre",
            "COTTON",
            "moments",
            JSON.convertValue(points, List.class)));
    JsonNode measured =
        json(post("/api/presses/" + id + "/measuring", form).andExpect(status().isOk()));
    assertThat(measured.at("/calibration/contact").asDouble()).isPositive();
    assertThat(measured.path("said")).hasSize(2);
  }

  private static double last(JsonNode moments) {
    return moments.get(moments.size() - 1).path("celsius").asDouble();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "hello",
        "s,°C\n1,20\n2,20\n3,20\n",
        "1,20\n2,30\nthree,40\n",
        "1,20\n2,30\n2,40\n",
        "1,1e999\n"
      })
  @DisplayName("what is no trace says what is wrong with it")
  void noTrace(String table) throws Exception {
    trace(table)
        .andExpect(status().is4xxClientError())
        .andExpect(jsonPath("$.fields[0].message").isNotEmpty());
  }
}
