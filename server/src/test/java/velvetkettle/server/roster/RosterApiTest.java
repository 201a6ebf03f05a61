package velvetkettle.server.roster;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class RosterApiTest extends ServerTest {
  private static Map<String, Object> entry(String name, String number, String size) {
    return Map.of("name", name, "number", number, "size", size);
  }

  private ResultActions read(byte[] file) throws Exception {
    return http.perform(
        MockMvcRequestBuilders.post("/api/rosters/reading")
            .with(
                request -> {
                  request.setServerName("127.0.0.1");
                  return request;
                })
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content(file));
  }

  @Test
  @DisplayName("a file is read line by line, and a bad line says why in words")
  void reading() throws Exception {
    read("name;size\nZoë;M\n;L\n".getBytes(StandardCharsets.UTF_8))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.good").value(1))
        .andExpect(jsonPath("$.rows[0].name").value("Zoë"))
        .andExpect(jsonPath("$.rows[1].line").value(3))
        .andExpect(jsonPath("$.rows[1].wrong").value("Neither a name nor a number"));
    read(new byte[600_000])
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString("larger than 500 kB")));
  }

  @Test
  @DisplayName("what is being typed is counted; lines that are empty yet do not count")
  void counts() throws Exception {
    post(
            "/api/rosters/counts",
            List.of(entry("Ana", "7", "M"), entry("", "", ""), entry("Bo", "", "S")))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.sizes[0].what").value("S"))
        .andExpect(jsonPath("$.sizes[1].n").value(1))
        .andExpect(jsonPath("$.letters.length()").value(6));
    post("/api/rosters/counts", List.of(entry("n".repeat(41), "", "")))
        .andExpect(status().isUnprocessableEntity());
  }

  @Test
  @DisplayName("a piece is ticked off and back, and stays ticked when the list is sorted")
  void tickedOff() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    form.put(
        "roster", List.of(entry("Ana", "7", "M"), entry("Bo", "07", "XL"), entry("Ana", "7", "M")));
    form.put("pieces", 3);
    String ticket = "/api/tickets/" + UUID.randomUUID();
    put(ticket, form)
        .andExpect(status().isOk())
        .andExpect(
            jsonPath("$.rosterPieces[0].centre")
                .value("3 letters: the 2., “n”, lies on the centre line"))
        .andExpect(
            jsonPath("$.rosterPieces[1].scale").value(org.hamcrest.Matchers.closeTo(1.113, 0.001)));
    put(ticket + "/roster/2/done", "").andExpect(jsonPath("$.rosterPieces[2].done").value(true));
    put(ticket + "/roster/2/done", "").andExpect(jsonPath("$.rosterPieces[0].done").value(false));
    put(ticket + "/roster/1/done", "").andExpect(status().isOk());
    form.put(
        "roster", List.of(entry("Bo", "07", "XL"), entry("Ana", "7", "M"), entry("Ana", "7", "M")));
    form.put("version", 1);
    put(ticket, form)
        .andExpect(jsonPath("$.rosterPieces[0].done").value(true))
        .andExpect(jsonPath("$.rosterPieces[1].done").value(false))
        .andExpect(jsonPath("$.rosterPieces[2].done").value(true));
    http.perform(
            MockMvcRequestBuilders.delete(ticket + "/roster/0/done").header("Host", "127.0.0.1"))
        .andExpect(jsonPath("$.rosterPieces[0].done").value(false));
    put(ticket + "/roster/3/done", "").andExpect(status().isNotFound());
  }

  @Test
  @DisplayName("a ticket keeps its roster, and every piece has its entry")
  void onATicket() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    form.put("roster", List.of(entry("Ana", "7", "M"), entry("Bo", "07", "S")));
    String ticket = "/api/tickets/" + UUID.randomUUID();
    put(ticket, form)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("pieces"));
    form.put("pieces", 2);
    put(ticket, form).andExpect(status().isOk());
    put(ticket, form).andExpect(status().isOk()).andExpect(jsonPath("$.version").value(1));
    get(ticket).andExpect(jsonPath("$.roster[1].number").value("07"));
    form.put("roster", List.of(entry("Ana", "7", "M"), entry(" ", "", "S")));
    form.put("version", 1);
    put(ticket, form)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("roster[1].name"))
        .andExpect(jsonPath("$.detail").value(containsString("Entry 2")));
  }
}
