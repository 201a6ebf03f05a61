package velvetkettle.server.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.practice.Pieces;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

/** A simulated press over HTTP. */
class PracticeApiTest extends ServerTest {
  private static Map<String, Object> settings(double time, Object peelAfter) {
    Map<String, Object> settings = new HashMap<>();
    settings.put("drying", 5);
    settings.put("cover", "NONE");
    settings.put("time", time);
    settings.put("pressure", "MEDIUM");
    settings.put("peelAfter", peelAfter);
    return settings;
  }

  private static Map<String, Object> move(double dial, double standing, Object work) {
    Map<String, Object> move = new HashMap<>();
    move.put("dial", dial);
    move.put("standing", standing);
    move.put("work", work);
    return move;
  }

  private static Map<String, Object> work(String piece, Map<String, Object> settings) {
    Map<String, Object> work = new HashMap<>();
    work.put("piece", piece);
    work.put("settings", settings);
    return work;
  }

  private static Map<String, Object> shift(Object trial, List<Map<String, Object>> moves) {
    Map<String, Object> shift = new HashMap<>();
    shift.put("seed", 7);
    shift.put("kind", "PLATE_SWING");
    shift.put("trial", trial);
    shift.put("moves", moves);
    return shift;
  }

  @Test
  @DisplayName("every practice piece has its words, its Stack and its task")
  void pieces() throws Exception {
    JsonNode pieces = json(get("/api/practice/pieces").andExpect(status().isOk()));
    assertThat(pieces).hasSize(Pieces.ALL.size());
    for (JsonNode piece : pieces) {
      assertThat(piece.path("name").asText()).doesNotContain("practice.").isNotBlank();
      assertThat(piece.path("task").asText()).doesNotContain("practice.").isNotBlank();
      assertThat(piece.at("/stack/layers").size()).isGreaterThan(3);
    }
  }

  @Test
  @DisplayName(
      "switched on it warms up; a piece that was pressed too short comes off, and says why")
  void pressedTooShort() throws Exception {
    JsonNode cold = json(post("/api/practice", shift(null, List.of())).andExpect(status().isOk()));
    assertThat(cold.at("/standing/celsius/0").asDouble()).isLessThan(60);
    assertThat(cold.path("last").isNull()).isTrue();
    Map<String, Object> short3 = move(155, 1200, work("tee", settings(3, 25)));
    JsonNode pressed =
        json(
            post("/api/practice", shift(null, List.of(move(155, 60, null), short3)))
                .andExpect(status().isOk()));
    JsonNode last = pressed.path("last");
    assertThat(last.at("/whole/hold/verdict").asText()).isEqualTo("NO");
    assertThat(last.at("/whole/hold/sentence").asText()).startsWith("It comes off");
    assertThat(last.at("/wrong/0/because").toString()).contains("It was pressed for 3 s; ");
    assertThat(last.path("places")).hasSize(9);
    assertThat(pressed.path("strips")).hasSize(9);
    assertThat(Math.abs(pressed.at("/truth/readsHigh").asDouble())).isBetween(4.0, 15.0);
  }

  @Test
  @DisplayName("a thing of a ticket is practised on as it stands in the browser")
  void ownTicket() throws Exception {
    Map<String, Object> trial =
        Map.of(
            "ticket", TicketForms.navyRowingTop(PRESS), "decoration", "a", "medium", "film-block");
    post("/api/practice/piece", trial)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.key").isEmpty())
        .andExpect(jsonPath("$.peels").value(true));
    JsonNode pressed =
        json(
            post(
                    "/api/practice",
                    shift(trial, List.of(move(135, 1200, work(null, settings(15, 2))))))
                .andExpect(status().isOk()));
    assertThat(pressed.at("/last/whole/hold/sentence").asText()).startsWith("Peeled at");
  }

  @Test
  @DisplayName("what cannot be practised is refused with what to do")
  void refused() throws Exception {
    Map<String, Object> nothing = move(150, 1, null);
    post("/api/practice", shift(null, new ArrayList<>(Collections.nCopies(41, nothing))))
        .andExpect(status().is4xxClientError())
        .andExpect(jsonPath("$.detail").value(Matchers.containsString("40 times")));
    post("/api/practice", shift(null, List.of(move(150, 1, work("boat", settings(3, null))))))
        .andExpect(status().is4xxClientError())
        .andExpect(jsonPath("$.detail").value(Matchers.containsString("boat")));
    post("/api/practice", shift(null, List.of(move(150, 1, work(null, settings(3, null))))))
        .andExpect(status().is4xxClientError())
        .andExpect(jsonPath("$.detail").value(Matchers.containsString("ticket")));
    post("/api/practice", shift(null, List.of(move(900, 1, null))))
        .andExpect(status().is4xxClientError());
    post("/api/practice", shift(null, List.of(move(150, -1, null))))
        .andExpect(status().is4xxClientError());
    Map<String, Object> iron = shift(null, List.of());
    iron.put("kind", "IRON_DRY");
    post("/api/practice", iron)
        .andExpect(status().is4xxClientError())
        .andExpect(jsonPath("$.detail").value(Matchers.containsString("display")));
    Map<String, Object> wand =
        Map.of(
            "ticket", TicketForms.navyRowingTop(PRESS), "decoration", "a", "medium", "stone-wand");
    post("/api/practice/piece", wand).andExpect(status().is4xxClientError());
  }

  @Test
  @DisplayName("whatever comes of a piece has words, and no key or placeholder is left")
  void everythingHasWords() throws Exception {
    String[] pieces = {"tee", "bag", "sweater", "shirt", "rowing-top", "shell", "costume"};
    String[] covers = {"NONE", "COTTON", "PTFE"};
    for (int n = 0; n < 42; n++) {
      Map<String, Object> settings = settings(2 + 9 * (n % 8), n % 3 == 0 ? 2 : 90);
      settings.put("cover", covers[n % 3]);
      settings.put("drying", n % 2 == 0 ? 0 : 8);
      settings.put("pressure", n % 4 == 0 ? "LIGHT" : "FIRM");
      Map<String, Object> shift =
          shift(
              null,
              List.of(
                  move(
                      110 + 20 * (n % 6),
                      n % 5 == 0 ? 300 : 1500,
                      work(pieces[n % pieces.length], settings))));
      shift.put("seed", n);
      String said = json(post("/api/practice", shift).andExpect(status().isOk())).toString();
      assertThat(said).doesNotContain("{0}", "{1}", "{2}", "??", "blame.", "ended.", "story.");
    }
  }
}
