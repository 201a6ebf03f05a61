package velvetkettle.server.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.reset;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.bean.override.mockito.MockitoSpyBean;
import velvetkettle.server.ServerTest;

class FullDiskApiTest extends ServerTest {
  @MockitoSpyBean private DiskRoom room;
  @Autowired private PoolHealthIndicator pool;

  @AfterEach
  void makeRoom() {
    reset(room);
  }

  @Test
  void whatIsThereIsShownAndNothingIsKept() throws Exception {
    doReturn(false).when(room).isThere();
    long before = count("ticket");
    put("/api/tickets/" + UUID.randomUUID(), ticket())
        .andExpect(status().isServiceUnavailable())
        .andExpect(header().string("Retry-After", "30"))
        .andExpect(jsonPath("$.type").value("urn:velvet-kettle:problem:full"))
        .andExpect(jsonPath("$.detail").value(containsString("Make room")));
    assertThat(count("ticket")).isEqualTo(before);
    get("/api/today").andExpect(status().isOk());
    get("/actuator/health")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.components.room.status").value("FULL"))
        .andExpect(jsonPath("$.components.db.status").value("UP"));
  }

  @Test
  @DisplayName("every view of the application opens on a full disk")
  void everythingCanBeLookedAt() throws Exception {
    doReturn(false).when(room).isThere();
    JsonNode paths = JSON.readTree(Path.of("openapi.json").toFile()).path("paths");
    List<String> refused = new ArrayList<>();
    int asked = 0;
    for (Map.Entry<String, JsonNode> path : paths.properties()) {
      if (path.getValue().has("get")) {
        asked++;
        MockHttpServletResponse answer =
            get(path.getKey().replaceAll("\\{[^}]*}", PRESS)).andReturn().getResponse();
        if (answer.getStatus() == 503) {
          refused.add(path.getKey());
        }
      }
    }
    assertThat(refused).isEmpty();
    assertThat(asked).isGreaterThanOrEqualTo(30);
  }

  @Test
  void theDatabaseItselfIsBelieved() throws Exception {
    database.execute(
        "create function no_room() returns trigger language plpgsql as"
            + " $$ begin raise 'no room' using errcode = '53100'; end $$");
    database.execute(
        "create trigger no_room before insert on ticket for each row execute function no_room()");
    try {
      put("/api/tickets/" + UUID.randomUUID(), ticket())
          .andExpect(status().isServiceUnavailable())
          .andExpect(jsonPath("$.type").value("urn:velvet-kettle:problem:full"));
    } finally {
      database.execute("drop trigger no_room on ticket");
      database.execute("drop function no_room()");
    }
    assertThat(room.isThere()).isFalse();
  }

  @Test
  void thePoolIsCounted() {
    assertThat(pool.health().getDetails()).containsEntry("most", 8).containsKey("used");
  }
}
