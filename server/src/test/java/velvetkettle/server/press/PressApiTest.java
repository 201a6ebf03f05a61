package velvetkettle.server.press;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class PressApiTest extends ServerTest {
  private final String id = UUID.randomUUID().toString();

  @AfterEach
  void forget() {
    database.update("delete from press where name in ('Press', 'Stone wand')");
  }

  @Test
  @DisplayName("a press keeps its force and scale, a clad platen, and a wand its tips")
  void kept() throws Exception {
    put("/api/presses/" + id, press("PLATE_SWING", 9000, 9, true))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.press.closing.newtons").value(9000))
        .andExpect(jsonPath("$.press.cladInPtfe").value(true));
    Map<String, Object> wand = press("WAND", null, null, false);
    wand.put("tips", List.of("SS10", "SS16"));
    put("/api/presses/" + UUID.randomUUID(), wand)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.press.tips.length()").value(2));
  }

  @Test
  @DisplayName("what the work lies on is kept, else it is what its kind usually has; plans know it")
  void lowerSide() throws Exception {
    put("/api/presses/" + id, press("PLATE_CLAM", 9000, 9, false))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.press.lower").value("RUBBER_PAD"));
    Map<String, Object> bare = press("PLATE_CLAM", 9000, 9, false);
    bare.put("lower", "BARE");
    bare.put("version", 1);
    put("/api/presses/" + id, bare).andExpect(jsonPath("$.press.lower").value("BARE"));
    String plan = json(post("/api/plans/preview", TicketForms.navyRowingTop(id))).toString();
    assertThat(plan).contains("Bare platen").doesNotContain("Foam pad");
    Map<String, Object> another = press("PLATE_DRAW", 9000, 9, false);
    another.put("version", 2);
    put("/api/presses/" + id, another).andExpect(jsonPath("$.press.lower").value("FOAM_PAD"));
    another.put("lower", "CUSHION");
    put("/api/presses/" + id, another)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", Matchers.containsString("lower")));
  }

  @Test
  @DisplayName("stones of several sizes need a tip for each")
  void stonesOfSeveralSizes() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    Map<String, Object> stones = TicketForms.decoration();
    stones.put("kind", "STONES");
    stones.put("stoneSize", "SS10");
    stones.put("smallerStones", List.of("SS16"));
    stones.put("stones", 40);
    stones.put("medium", "stone-wand");
    form.put("decorations", List.of(stones));
    Map<String, Object> wand = press("WAND", null, null, false);
    wand.put("name", "Stone wand");
    wand.put("tips", List.of("SS10"));
    put("/api/presses/" + id, wand).andExpect(status().isOk());
    assertThat(post("/api/plans/preview", form).andReturn().getResponse().getContentAsString())
        .contains("No tip in the drawer fits SS16.");
    wand.put("tips", List.of("SS10", "SS16"));
    wand.put("version", 1);
    put("/api/presses/" + id, wand).andExpect(status().isOk());
    String steps = json(post("/api/plans/preview", form)).at("/steps").toString();
    // The largest first, whichever was named as such.
    assertThat(steps.indexOf("Stones of SS16"))
        .isPositive()
        .isLessThan(steps.indexOf("Stones of SS10"));
  }

  @Test
  @DisplayName("what a hand closes has no force of its own")
  void byHand() throws Exception {
    put("/api/presses/" + id, press("HAND_MINI", 9000, 9, false))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.press.closing").doesNotExist());
  }

  @ParameterizedTest
  @CsvSource({"newtons, 10", "newtons, 60000", "scale, 0", "scale, 101"})
  void whatNoPressHasIsRefusedByName(String field, int value) throws Exception {
    Map<String, Object> press = press("PLATE_CLAM", 5000, 9, false);
    press.put(field, value);
    put("/api/presses/" + id, press)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value(field));
  }

  @Test
  @DisplayName("single stones take the wand in the drawer, though the ticket is for another press")
  void theDrawerIsLookedThrough() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    Map<String, Object> stones = TicketForms.decoration();
    stones.put("kind", "STONES");
    stones.put("stoneSize", "SS10");
    stones.put("stones", 40);
    form.put("decorations", List.of(stones));
    String missing = json(post("/api/plans/preview", form)).toString();
    assertThat(missing).contains("Needs a hot-fix wand in the drawer.");
    Map<String, Object> wand = press("WAND", null, null, false);
    wand.put("name", "Stone wand");
    wand.put("tips", List.of("SS10"));
    put("/api/presses/" + id, wand).andExpect(status().isOk());
    JsonNode plan = json(post("/api/plans/preview", form));
    assertThat(plan.at("/decorations/0/options").findValuesAsText("press")).contains("Stone wand");
  }

  @Test
  @DisplayName("the last press stays in the drawer, because a shop without one plans nothing")
  void theLastPress() throws Exception {
    database.update("update press set owner = 'elsewhere' where id::text <> ?", PRESS);
    try {
      delete("/api/presses/" + PRESS)
          .andExpect(status().isUnprocessableEntity())
          .andExpect(jsonPath("$.detail", Matchers.containsString("Add another first")));
      put("/api/presses/" + id, press("PLATE_SWING", 9000, 9, true)).andExpect(status().isOk());
      delete("/api/presses/" + id).andExpect(status().isNoContent());
      get("/api/presses").andExpect(jsonPath("$.total").value(1));
    } finally {
      database.update("update press set owner = 'shop'");
    }
  }

  private static Map<String, Object> press(
      String kind, Integer newtons, Integer scale, boolean clad) {
    Map<String, Object> press = TicketForms.press("Press");
    press.put("kind", kind);
    press.put("newtons", newtons);
    press.put("scale", scale);
    press.put("cladInPtfe", clad);
    return press;
  }
}
