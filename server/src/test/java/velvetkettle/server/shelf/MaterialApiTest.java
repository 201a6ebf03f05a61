package velvetkettle.server.shelf;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.LinkedHashMap;
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

class MaterialApiTest extends ServerTest {
  private final String address = "/api/materials/" + UUID.randomUUID();

  @AfterEach
  void forget() {
    database.update("delete from material");
  }

  @Test
  @DisplayName("a material is kept with all that its sheet says, and comes back as it was typed")
  void kept() throws Exception {
    put(address, film()).andExpect(status().isOk()).andExpect(jsonPath("$.version").value(1));
    get("/api/materials")
        .andExpect(jsonPath("$.items[0].material.name").value("Tideway white"))
        .andExpect(jsonPath("$.items[0].mediumName").value("everyday film"))
        .andExpect(jsonPath("$.items[0].material.sheet.temperature.high").value(155))
        .andExpect(jsonPath("$.items[0].material.sheet.cover").value("PARCHMENT"))
        .andExpect(jsonPath("$.items[0].material.sheet.cutter.force").value(120))
        .andExpect(jsonPath("$.items[0].material.sheet.cutter.depth").doesNotExist());
  }

  @Test
  @DisplayName("the same change twice leaves what one left; an older one is refused")
  void versions() throws Exception {
    put(address, film()).andExpect(status().isOk());
    put(address, film()).andExpect(status().isOk()).andExpect(jsonPath("$.version").value(1));
    put(address, film("left", 100)).andExpect(status().isConflict());
    Map<String, Object> next = film("left", 100);
    next.put("version", 1);
    put(address, next).andExpect(status().isOk()).andExpect(jsonPath("$.version").value(2));
  }

  @ParameterizedTest
  @CsvSource({
    "coolest, 900, coolest",
    "coolest, -5, coolest",
    "coolest, 156, coolest",
    "hottest, , coolest",
    "longest, , shortest",
    "shortest, 700, shortest",
    "cutterForce, 0, cutterForce",
    "cutterPasses, 11, cutterPasses",
    "rollWidth, -1, rollWidth",
    "medium, no-heat, medium",
    "medium, glitter-glue, medium",
    "name, ' ', name",
    "colour, ' ', colour"
  })
  @DisplayName("what no sheet says is refused at its field, and nothing is kept")
  void refused(String field, String value, String at) throws Exception {
    put(address, film(field, value))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value(at))
        .andExpect(jsonPath("$.detail", Matchers.not(Matchers.emptyString())));
    get("/api/materials").andExpect(jsonPath("$.total").value(0));
  }

  @Test
  @DisplayName("a 300-character name is refused, signs beyond the plane are kept")
  void names() throws Exception {
    put(address, film("name", "x".repeat(300))).andExpect(status().isUnprocessableEntity());
    put(address, film("name", "Tideway 🌊")).andExpect(status().isOk());
    get("/api/materials").andExpect(jsonPath("$.items[0].material.name").value("Tideway 🌊"));
  }

  @Test
  @DisplayName("what is taken off the shelf is offered no more; a ticket that names it must choose")
  void removed() throws Exception {
    put(address, film()).andExpect(status().isOk());
    delete(address).andExpect(status().isNoContent());
    delete(address).andExpect(status().isNoContent());
    get("/api/materials").andExpect(jsonPath("$.total").value(0));
    put(address, film()).andExpect(status().isNotFound());
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    Map<String, Object> decoration = TicketForms.decoration();
    decoration.put("materialId", address.substring(address.lastIndexOf('/') + 1));
    form.put("decorations", List.of(decoration));
    put("/api/tickets/" + UUID.randomUUID(), form)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("decorations[0].materialId"))
        .andExpect(
            jsonPath(
                "$.detail", Matchers.containsString("Tideway white is no longer on the shelf")));
  }

  private static Map<String, Object> film(String field, Object value) {
    Map<String, Object> film = film();
    film.put(field, value);
    return film;
  }

  private static Map<String, Object> film() {
    Map<String, Object> film = new LinkedHashMap<>();
    film.put("name", "Tideway white");
    film.put("medium", "film-smooth");
    film.put("colour", "white");
    film.put("depth", "WHITE");
    film.put("coolest", 150);
    film.put("hottest", 155);
    film.put("shortest", 10);
    film.put("longest", 12);
    film.put("pressure", "MEDIUM");
    film.put("peel", null);
    film.put("cover", "PARCHMENT");
    film.put("steam", false);
    film.put("cutterForce", 120);
    film.put("cutterDepth", null);
    film.put("cutterSpeed", null);
    film.put("cutterPasses", 1);
    film.put("blade", "45 degrees");
    film.put("rollWidth", 500);
    film.put("left", 9000);
    film.put("version", 0);
    return film;
  }
}
