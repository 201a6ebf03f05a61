package velvetkettle.server.log;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class ClothApiTest extends ServerTest {
  private final String address = "/api/cloths/" + UUID.randomUUID();
  private final Map<String, Object> garment = TicketForms.garment();

  @AfterEach
  void forget() {
    database.update("delete from cloth");
  }

  private Map<String, Object> version(int version) {
    return Map.of("garment", garment, "version", version);
  }

  @Test
  @DisplayName("a garment is kept once, with its own weight and the sizes it comes in")
  void kept() throws Exception {
    garment.put("weight", 180);
    garment.put("sizes", List.of("S", "M", "152"));
    put(address, version(0)).andExpect(status().isOk());
    put("/api/cloths/" + UUID.randomUUID(), version(0))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.garment.weight").value(180))
        .andExpect(jsonPath("$.garment.sizes[2]").value("152"));
    get("/api/cloths").andExpect(jsonPath("$.total").value(1));
  }

  @Test
  @DisplayName("a weight that no such cloth has, and a size that is none, are refused by name")
  void refused() throws Exception {
    garment.put("weight", 2000);
    put(address, version(0))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("garment.weight"))
        .andExpect(jsonPath("$.detail").value(containsString("90 to 450")));
    garment.put("weight", null);
    garment.put("sizes", List.of("S", "as large as the foremast"));
    put(address, version(0))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value(containsString("garment.sizes[1]")));
    garment.put("sizes", Collections.nCopies(31, "S"));
    put(address, version(0)).andExpect(status().isUnprocessableEntity());
    get("/api/cloths").andExpect(jsonPath("$.total").value(0));
  }

  @Test
  @DisplayName("a cloth is changed once for each version; a tab that is behind is told so")
  void changed() throws Exception {
    put(address, version(0)).andExpect(jsonPath("$.version").value(1));
    garment.put("label", "100% cotton");
    for (int twice = 0; twice < 2; twice++) {
      put(address, version(1))
          .andExpect(status().isOk())
          .andExpect(jsonPath("$.version").value(2))
          .andExpect(jsonPath("$.garment.label").value("100% cotton"));
    }
    garment.put("label", "100% wool");
    put(address, version(1)).andExpect(status().isConflict());
    get("/api/cloths").andExpect(jsonPath("$.items[0].garment.label").value("100% cotton"));
  }

  @Test
  @DisplayName("a cloth is forgotten, however often one asks for it")
  void forgotten() throws Exception {
    put(address, version(0)).andExpect(status().isOk());
    delete(address).andExpect(status().isNoContent());
    delete(address).andExpect(status().isNoContent());
    get("/api/cloths").andExpect(jsonPath("$.total").value(0));
  }

  @Test
  @DisplayName("a cloth that was kept before sizes were asked for has none")
  void older() throws Exception {
    put(address, version(0)).andExpect(status().isOk());
    database.update("update cloth set garment = garment - 'sizes' - 'weight'");
    get("/api/cloths")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.items[0].garment.sizes.length()").value(0));
  }
}
