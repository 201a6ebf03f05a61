package velvetkettle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class OrderApiTest extends ServerTest {
  private static final String HEAD =
      "customer,title,due,pieces,garment,label,art,width mm,height mm,placement,art kind\n";

  private static final String GOOD =
      "Pier Choir,Choir tees,2026-12-01,14,tee,100% cotton,white heron,240,180,chest,logo or drawing\n";

  private ResultActions send(HttpMethod method, String address, byte[] file) throws Exception {
    return http.perform(
        MockMvcRequestBuilders.request(method, address)
            .with(
                request -> {
                  request.setServerName("127.0.0.1");
                  return request;
                })
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content(file));
  }

  private JsonNode read(String table) throws Exception {
    return json(
        send(HttpMethod.POST, "/api/orders/reading", table.getBytes(StandardCharsets.UTF_8))
            .andExpect(status().isOk()));
  }

  private JsonNode imported(UUID id, String table) throws Exception {
    byte[] bytes = table.getBytes(StandardCharsets.UTF_8);
    json(send(HttpMethod.PUT, "/api/orders/imports/" + id, bytes).andExpect(status().isOk()));
    return ended(id);
  }

  /** The import's end, which comes from another thread. */
  private JsonNode ended(UUID id) {
    return Awaitility.await()
        .atMost(Duration.ofMinutes(2))
        .until(
            () -> json(get("/api/orders/imports/" + id).andExpect(status().isOk())),
            progress -> !progress.path("state").asText().equals("RUNNING"));
  }

  @ParameterizedTest(name = "{0}: {3}")
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          pieces | 14 | 0 | “0” in pieces is no number from 1 to 10000
          pieces | 14 | many | “many” in pieces is no number
          a date | 2026-12-01 | 1.12.26 | “1.12.26” is no date. Write it as 2026-12-01
          an empty cell | white heron |  | Art is empty
          a width | 240 | 9000 | “9000” in width mm is no number from 3 to 3000
          a word | chest | knee | “knee” in placement is none of: chest, left chest
          a formula | Choir tees | =SUM(A1:A9) | “=SUM(A1:A9)” in title is a formula
          a name to call by | Choir tees | @now | “@now” in title is a formula
          an unknown cloth | 100% cotton |  | No cloth “tee” in Cloth memory
          a label | 100% cotton | 300% cotton | 300
          """)
  @DisplayName("a bad line says what is wrong with it, and the good ones stay good")
  void badLines(String what, String from, String to, String says) throws Exception {
    String bad = GOOD.replace(from, to == null ? "" : to);
    JsonNode reading = read(HEAD + GOOD + bad);
    assertThat(reading.path("good").asInt()).isEqualTo(1);
    assertThat(reading.path("bad").asInt()).isEqualTo(1);
    assertThat(reading.at("/rows/0/line").asInt()).isEqualTo(3);
    assertThat(reading.at("/rows/0/wrong").toString()).contains(says);
  }

  @Test
  @DisplayName("a quote that is never closed: the lines before it are kept, the rest says where")
  void brokenQuote() throws Exception {
    JsonNode reading = read(HEAD + GOOD + "Pier Choir,\"Choir,2026-12-01,1,tee\n" + GOOD);
    assertThat(reading.path("good").asInt()).isEqualTo(1);
    assertThat(reading.at("/rows/0/wrong/0").asText()).startsWith("From line 3 on: a quote");
  }

  @Test
  @DisplayName(
      "lines are counted as an editor counts them, past empty ones and breaks within quotes")
  void linesOfTheFile() throws Exception {
    String broken = GOOD.replace("Choir tees", "\"Choir\ntees\"");
    JsonNode reading = read(HEAD + "\n\n" + broken + GOOD.replace("240", "wide"));
    assertThat(reading.path("rows").findValuesAsText("line")).containsExactly("4", "6");
  }

  @Test
  void whatCannotBeReadAtAll() throws Exception {
    send(HttpMethod.POST, "/api/orders/reading", new byte[5_000_001])
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString("larger than 5 MB")));
    send(HttpMethod.POST, "/api/orders/reading", new byte[] {'P', 'K', 3, 4, 0, 0})
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString("no lines of text")));
    send(
            HttpMethod.POST,
            "/api/orders/reading",
            "name;size\nAna;M\n".getBytes(StandardCharsets.UTF_8))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString("due, pieces, garment, art")));
    send(
            HttpMethod.POST,
            "/api/orders/reading?zone=Nowhere",
            (HEAD + GOOD).getBytes(StandardCharsets.UTF_8))
        .andExpect(status().isUnprocessableEntity());
  }

  @ParameterizedTest(name = "{0} with {1}")
  @CsvSource({"UTF-8,;", "UTF-16LE,TAB", "windows-1252,;"})
  void otherEncodingsAndSeparators(String encoding, String separator) throws Exception {
    String table =
        (HEAD + GOOD.replace("Pier Choir", "Zoë"))
            .replace(',', separator.equals("TAB") ? '\t' : ';');
    String marked = encoding.startsWith("UTF-16") ? "\uFEFF" + table : table;
    JsonNode reading =
        json(
            send(
                HttpMethod.POST,
                "/api/orders/reading",
                marked.getBytes(Charset.forName(encoding))));
    assertThat(reading.at("/rows/0/customer").asText()).isEqualTo("Zoë");
    assertThat(reading.path("encoding").asText()).isEqualToIgnoringCase(encoding);
    assertThat(reading.path("bad").asInt()).isZero();
  }

  @Test
  @DisplayName("text in an encoding that nobody named shows at its lines")
  void wrongEncoding() throws Exception {
    byte[] table = (HEAD + GOOD.replace("Pier Choir", "Zo\u0085")).getBytes(StandardCharsets.UTF_8);
    JsonNode reading = json(send(HttpMethod.POST, "/api/orders/reading", table));
    assertThat(reading.at("/rows/0/wrong/0").asText()).contains("Save the table as UTF-8");
  }

  @Test
  @DisplayName(
      "5000 lines become tickets; sent again nothing is doubled; the bad ones are left out")
  void fiveThousand() throws Exception {
    StringBuilder table = new StringBuilder(HEAD);
    for (int i = 0; i < 5000; i++) {
      table.append(i % 100 == 7 ? GOOD.replace("240", "wide") : GOOD);
    }
    JsonNode reading = read(table.toString());
    assertThat(reading.path("good").asInt()).isEqualTo(4950);
    assertThat(reading.path("bad").asInt()).isEqualTo(50);
    long before = count("ticket");
    UUID id = UUID.randomUUID();
    JsonNode ended = imported(id, table.toString());
    assertThat(ended.path("state").asText()).isEqualTo("DONE");
    assertThat(ended.path("done").asInt()).isEqualTo(4950);
    assertThat(ended.path("left").asInt()).isEqualTo(50);
    assertThat(count("ticket")).isEqualTo(before + 4950);
    imported(id, table.toString());
    assertThat(count("ticket")).isEqualTo(before + 4950);
  }

  @Test
  @DisplayName("stopped halfway, nothing of it is there")
  void cancelled() throws Exception {
    String table = HEAD + GOOD.repeat(5000);
    long before = count("ticket");
    UUID id = UUID.randomUUID();
    send(HttpMethod.PUT, "/api/orders/imports/" + id, table.getBytes(StandardCharsets.UTF_8))
        .andExpect(status().isOk());
    http.perform(
            MockMvcRequestBuilders.delete("/api/orders/imports/" + id).header("Host", "127.0.0.1"))
        .andExpect(status().isOk());
    JsonNode ended = ended(id);
    assertThat(ended.path("state").asText()).isEqualTo("CANCELLED");
    assertThat(ended.path("done").asInt()).isZero();
    assertThat(count("ticket")).isEqualTo(before);
    get("/api/orders/imports/" + UUID.randomUUID()).andExpect(status().isNotFound());
  }

  @Test
  @DisplayName("what is written out is read in again, and no cell is a formula")
  void outAndIn() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    form.put("title", "=1+1, \"quoted\"");
    form.put("customer", "'-quay");
    UUID id = UUID.randomUUID();
    put("/api/tickets/" + id, form).andExpect(status().isOk());
    String csv =
        get("/api/orders/orders.csv?open=true")
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8);
    assertThat(csv).startsWith("ticket,station,logged,customer,title,due,pieces");
    assertThat(csv).contains("\"'=1+1, \"\"quoted\"\"\"").contains("''-quay");
    List<String> own = csv.lines().filter(line -> line.contains("quoted")).toList();
    String table = csv.lines().findFirst().orElseThrow() + "\n" + own.get(0) + "\n";
    UUID again = UUID.randomUUID();
    assertThat(imported(again, table).path("done").asInt()).isEqualTo(1);
    JsonNode found = json(get("/api/tickets?search=quoted"));
    assertThat(found.path("total").asInt()).isEqualTo(2);
    assertThat(found.at("/items/0/customer").asText()).isEqualTo("'-quay");
    assertThat(found.at("/items/0/title")).isEqualTo(found.at("/items/1/title"));
  }
}
