package velvetkettle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class TicketFileApiTest extends ServerTest {
  private static final Path DESCRIBED = Path.of("../docs/formats/ticket.schema.json");
  private static final Path GOLDEN = Path.of("src/test/resources/golden/ticket-file-1.json");

  private ResultActions read(UUID id, byte[] file) throws Exception {
    return http.perform(
        MockMvcRequestBuilders.put("/api/tickets/" + id + "/file")
            .with(
                request -> {
                  request.setServerName("127.0.0.1");
                  return request;
                })
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content(file));
  }

  private byte[] written(Object id) throws Exception {
    return get("/api/tickets/" + id + "/file").andReturn().getResponse().getContentAsByteArray();
  }

  private String planned() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    Map<String, Object> art = TicketForms.decoration();
    art.put("medium", "film-block");
    art.put("spot", Map.of("face", "FRONT", "fromCentre", 12.5, "belowCollar", 90));
    form.put("decorations", List.of(art));
    String id = UUID.randomUUID().toString();
    put("/api/tickets/" + id, form).andExpect(status().isOk());
    put("/api/tickets/" + id + "/plans/" + UUID.randomUUID(), "").andExpect(status().isOk());
    return id;
  }

  @Test
  @DisplayName("a ticket with its plan comes back from its file exactly")
  void roundTrip() throws Exception {
    byte[] file = written(planned());
    UUID again = UUID.randomUUID();
    JsonNode ticket = json(read(again, file).andExpect(status().isOk()));
    assertThat(ticket.path("planCurrent").asBoolean()).isTrue();
    assertThat(ticket.path("station").asText()).isEqualTo("CUT");
    assertThat(written(again)).isEqualTo(file);
    // Sent twice it is one.
    json(read(again, file).andExpect(status().isOk()));
    assertThat(written(again)).isEqualTo(file);
    get("/api/tickets/" + again + "/plans").andExpect(jsonPath("$.total").value(1));
  }

  @Test
  @DisplayName(
      "docs/formats names every garment, cloth, dye, obstacle, use and place that there is")
  void describesAllWords() throws Exception {
    JsonNode described = JSON.readTree(Files.readString(DESCRIBED)).path("$defs");
    JsonNode garment = described.path("garment").path("properties");
    assertThat(words(garment.path("kind"))).isEqualTo(names(GarmentKind.values()));
    assertThat(words(garment.path("fabric"))).isEqualTo(names(Fabric.values()));
    assertThat(words(garment.path("dye"))).isEqualTo(names(DyeKind.values()));
    assertThat(words(garment.path("obstacles").path("items"))).isEqualTo(names(Obstacle.values()));
    assertThat(words(garment.path("uses").path("items"))).isEqualTo(names(EndUse.values()));
    assertThat(words(described.path("decoration").path("properties").path("placement")))
        .isEqualTo(names(Placement.values()));
  }

  private static List<String> words(JsonNode field) {
    List<String> all = new ArrayList<>();
    field.path("enum").forEach(word -> all.add(word.asText()));
    return all;
  }

  private static List<String> names(Enum<?>[] values) {
    return Arrays.stream(values).map(Enum::name).toList();
  }

  @Test
  @DisplayName("what is written is what docs/formats describes")
  void asDescribed() throws Exception {
    JsonSchema schema =
        JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
            .getSchema(Files.readString(DESCRIBED));
    assertThat(schema.validate(JSON.readTree(written(planned())))).isEmpty();
    assertThat(schema.validate(JSON.readTree(Files.readString(GOLDEN)))).isEmpty();
    ObjectNode other = (ObjectNode) JSON.readTree(Files.readString(GOLDEN));
    other.remove("ticket");
    assertThat(schema.validate(other)).isNotEmpty();
  }

  @Test
  @DisplayName("a file of an earlier version opens, with a plan of an earlier schema")
  void older() throws Exception {
    UUID id = UUID.randomUUID();
    JsonNode ticket = json(read(id, Files.readAllBytes(GOLDEN)).andExpect(status().isOk()));
    assertThat(ticket.path("title").asText()).isEqualTo("Crew tees, one word");
    JsonNode plan = json(get("/api/plans/" + ticket.path("planId").asText()));
    assertThat(plan.at("/plan/schema").asInt()).isEqualTo(4);
    assertThat(plan.at("/plan/together/sequence")).hasSize(3);
    get("/api/tickets/" + id + "/since").andExpect(status().isOk());
  }

  @ParameterizedTest(name = "{2}")
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          "format" : "velvet-kettle-ticket" | "format" : "shopping list" | This is no ticket file
          "version" : 1, | "version" : 9, | of version 9; this one reads up to 1
          "pieces" : 20 | "pieces" : 0 | ticket.pieces must be
          "pieces" : 20 | "pieces" : "x" | cannot be read at ticket.pieces
          "kind" : "TOP" | "kind" : "KILT" | cannot be read at ticket.garment.kind
          "format" | format | cannot be read at line 2
          "schema" : 8 | "schema" : 99 | plan is of schema 99
          "key" : "do.lint-roll" | "key" : "do.nothing-known" | Its plan cannot be read
          "act" : "LintRoll" | "act" : "Vanish" | Its plan cannot be read
          "together" : { | "together" : null, "apart" : { | Its plan cannot be read
          "cloth" : { | "cloth" : null, "other" : { | Its plan cannot be read
          "request" : { | "request" : 7, "other" : { | Its plan cannot be read
          """)
  void whatCannotBeTaken(String from, String to, String says) throws Exception {
    String file = new String(written(planned()), java.nio.charset.StandardCharsets.UTF_8);
    assertThat(file).contains(from);
    long before = count("ticket");
    read(UUID.randomUUID(), file.replaceFirst(java.util.regex.Pattern.quote(from), to).getBytes())
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString(says)));
    assertThat(count("ticket")).isEqualTo(before);
  }

  @Test
  @DisplayName("another shop's press is found by its name; one that is not there is named")
  void elsewhere() throws Exception {
    String file = new String(written(planned()), java.nio.charset.StandardCharsets.UTF_8);
    String otherId = file.replace(PRESS, UUID.randomUUID().toString());
    JsonNode ticket = json(read(UUID.randomUUID(), otherId.getBytes()).andExpect(status().isOk()));
    assertThat(ticket.path("pressId").asText()).isEqualTo(PRESS);
    String name = JSON.readTree(file).at("/named/press").asText();
    read(UUID.randomUUID(), otherId.replace(name, "Sail loft press").getBytes())
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString("no press “Sail loft press”")));
    read(UUID.randomUUID(), new byte[5_000_001])
        .andExpect(jsonPath("$.detail").value(containsString("larger than 5 MB")));
  }
}
