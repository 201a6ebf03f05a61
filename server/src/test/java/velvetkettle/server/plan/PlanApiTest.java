package velvetkettle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Plan;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class PlanApiTest extends ServerTest {
  @Test
  void tryingOutKeepsNothing() throws Exception {
    long before = count("plan");
    JsonNode plan = json(post("/api/plans/preview", ticket()).andExpect(status().isOk()));
    assertThat(plan.path("decorations").path(0).path("options").path(0).path("medium").asText())
        .isEqualTo("film-block");
    assertThat(plan.path("decorations").path(0).path("ruledOut"))
        .hasSize(MediaCatalogue.TRADE.all().size() - 1);
    assertThat(count("plan")).isEqualTo(before);
  }

  @Test
  @DisplayName("sentences come in the units asked for; numbers stay in °C and mm")
  void unitsOfSentences() throws Exception {
    String metric =
        post("/api/plans/preview", ticket()).andReturn().getResponse().getContentAsString();
    String imperial =
        http.perform(
                org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(
                        "/api/plans/preview")
                    .header("Host", "127.0.0.1")
                    .header("Velvet-Units", "fahrenheit,inch")
                    .contentType("application/json")
                    .content(JSON.writeValueAsString(ticket())))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(metric).contains("130 °C").doesNotContain("°F");
    assertThat(imperial).contains("266 °F").doesNotContain("°C");
    assertThat(
            JSON.readTree(imperial).at("/decorations/0/options/0/recipe/setting/platen").asDouble())
        .isEqualTo(
            JSON.readTree(metric).at("/decorations/0/options/0/recipe/setting/platen").asDouble());
  }

  @Test
  void askedTwiceWithOneIdItGivesOnePlan() throws Exception {
    String ticket = keptTicket("film-block");
    String plan = UUID.randomUUID().toString();
    JsonNode once = json(put("/api/tickets/" + ticket + "/plans/" + plan, ""));
    JsonNode twice = json(put("/api/tickets/" + ticket + "/plans/" + plan, ""));
    assertThat(twice).isEqualTo(once);
    get("/api/tickets/" + ticket + "/plans").andExpect(jsonPath("$.total").value(1));
  }

  @Test
  @DisplayName("a kept plan never changes: measuring the press makes it old, not different")
  void aKeptPlanStaysAsMade() throws Exception {
    String press = UUID.randomUUID().toString();
    put("/api/presses/" + press, press(0, 0)).andExpect(status().isOk());
    String ticket = keptTicket("film-block", press);
    String plan = UUID.randomUUID().toString();
    JsonNode made = json(put("/api/tickets/" + ticket + "/plans/" + plan, ""));
    put("/api/presses/" + press, press(8, 1)).andExpect(status().isOk());
    assertThat(json(get("/api/plans/" + plan))).isEqualTo(made);
    get("/api/tickets/" + ticket)
        .andExpect(jsonPath("$.planCurrent").value(false))
        .andExpect(jsonPath("$.stations[1].state").value("OPEN"));
    JsonNode again = json(put("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), ""));
    assertThat(again.path("number").asInt()).isEqualTo(2);
    assertThat(dial(again)).isEqualTo(dial(made) + 8);
  }

  @Test
  @DisplayName(
      "a plan does not grow old because its own film is cut, or costs more; another roll does")
  void filmIsTakenForIt() throws Exception {
    String material = "/api/materials/" + UUID.randomUUID();
    put(material, roll("navy", 4000, 0)).andExpect(status().isOk());
    Map<String, Object> form = ticket();
    Map<String, Object> film = TicketForms.decoration();
    film.put("medium", "film-block");
    film.put("materialId", material.replace("/api/materials/", ""));
    form.put("decorations", List.of(film));
    String ticket = "/api/tickets/" + UUID.randomUUID();
    put(ticket, form).andExpect(status().isOk());
    put(ticket + "/plans/" + UUID.randomUUID(), "").andExpect(status().isOk());
    put(material, roll("navy", 3100, 1)).andExpect(status().isOk());
    get(ticket).andExpect(jsonPath("$.planCurrent").value(true));
    get(ticket + "/since").andExpect(jsonPath("$").isEmpty());
    put(material, roll("white", 3100, 2)).andExpect(status().isOk());
    get(ticket).andExpect(jsonPath("$.planCurrent").value(false));
  }

  private static Map<String, Object> roll(String colour, int left, int version) {
    Map<String, Object> roll = new HashMap<>();
    roll.putAll(Map.of("name", "Quay film", "medium", "film-block", "colour", colour));
    roll.putAll(Map.of("depth", "DARK", "rollWidth", 500, "left", left, "version", version));
    return roll;
  }

  @Test
  @DisplayName("two things that no order brings onto one garment are named, and make no plan")
  void clash() throws Exception {
    Map<String, Object> below = decoration("a", "raised letters", "film-puff", "RAISED", null);
    Map<String, Object> above = decoration("b", "a thin line", "film-smooth", "ANY", "a");
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    Map<String, Object> garment = TicketForms.garment();
    garment.put("label", "100% cotton");
    garment.put("dye", "REACTIVE");
    form.put("garment", garment);
    form.put("decorations", List.of(below, above));
    JsonNode preview = json(post("/api/plans/preview", form).andExpect(status().isOk()));
    assertThat(preview.at("/together/clash/first").asText()).isEqualTo("a");
    assertThat(preview.at("/together/clash/reason").asText())
        .contains("“raised letters”", "“a thin line”");
    assertThat(preview.at("/together/sequence")).isEmpty();
    String ticket = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    put("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("decorations"));
    get("/api/tickets/" + ticket + "/plans").andExpect(jsonPath("$.total").value(0));
  }

  @Test
  @DisplayName("what was taken and will not do any more is weighed anew in a preview")
  void previewForgives() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    form.put("decorations", List.of(decoration("a", "letters", "film-smooth", "ANY", null)));
    JsonNode preview = json(post("/api/plans/preview", form).andExpect(status().isOk()));
    assertThat(preview.at("/decorations/0/taken").asBoolean()).isFalse();
    form.put("decorations", List.of(decoration("a", "letters", "film-block", "ANY", null)));
    assertThat(json(post("/api/plans/preview", form)).at("/decorations/0/taken").asBoolean())
        .isTrue();
  }

  private static Map<String, Object> decoration(
      String id, String description, String medium, String surface, @Nullable String over) {
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put("id", id);
    decoration.put("description", description);
    decoration.put("medium", medium);
    decoration.put("surface", surface);
    decoration.put("over", over);
    return decoration;
  }

  @Test
  void whatIsRuledOutCannotBeKept() throws Exception {
    String ticket = keptTicket("film-smooth");
    put("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.type").value("urn:velvet-kettle:problem:ruled-out"))
        .andExpect(
            jsonPath("$.detail")
                .value(org.hamcrest.Matchers.containsString("Needs a blocker film")));
    get("/api/tickets/" + ticket + "/plans").andExpect(jsonPath("$.total").value(0));
  }

  @Test
  void theStoredRequestHoldsCopiesOfSheetAndCalibration() throws Exception {
    String ticket = keptTicket("film-block");
    String plan = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket + "/plans/" + plan, "");
    JsonNode request =
        JSON.readTree(
            database.queryForObject(
                "select request::text from plan where id = ?::uuid", String.class, plan));
    assertThat(request.at("/press/calibration").isObject()).isTrue();
    assertThat(request.at("/decorations/0").has("material")).isTrue();
    Map<String, Object> row =
        database.queryForMap("select schema, rules from plan where id = ?::uuid", plan);
    assertThat(row.get("schema")).isEqualTo(Plan.SCHEMA);
    assertThat((String) row.get("rules")).isNotBlank();
  }

  private static double dial(JsonNode plan) {
    return plan.at("/plan/decorations/0/options/0/recipe/setting/dial/value").asDouble();
  }

  private String keptTicket(String medium) throws Exception {
    return keptTicket(medium, PRESS);
  }

  private String keptTicket(String medium, String press) throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(press);
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put("medium", medium);
    form.put("decorations", List.of(decoration));
    String id = UUID.randomUUID().toString();
    put("/api/tickets/" + id, form).andExpect(status().isOk());
    return id;
  }

  private static Map<String, Object> press(double readsHigh, int version) {
    Map<String, Object> press = new LinkedHashMap<>();
    press.put("name", "Measured press");
    press.put("kind", "PLATE_CLAM");
    press.put("platenWidth", 380);
    press.put("platenDepth", 380);
    press.put("measured", true);
    press.put("readsHigh", readsHigh);
    press.put("newtons", null);
    press.put("scale", null);
    press.put("cladInPtfe", false);
    press.put("tips", List.of());
    press.put("version", version);
    return press;
  }
}
