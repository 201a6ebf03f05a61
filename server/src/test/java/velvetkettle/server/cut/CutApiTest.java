package velvetkettle.server.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Rings;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.cut.svg.SvgReader;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class CutApiTest extends ServerTest {
  private static final String BADGE =
      "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='40mm' viewBox='0 0 60 40'>"
          + "<path fill='#1d3c6e' d='M0 0H60V40H0Z'/><circle cx='30' cy='20' r='12' fill='#ffffff'/></svg>";

  private static final String WORN =
      "<svg xmlns='http://www.w3.org/2000/svg' width='50mm' height='40mm' viewBox='0 0 50 40'><rect x='10' y='5' width='4' height='15'/>"
          + "<rect x='10' y='20.5' width='4' height='14.5'/><rect x='14.5' y='18' width='9' height='0.6'/>"
          + "<rect x='24' y='5' width='4' height='30'/><rect x='40' y='5' width='6' height='30'/></svg>";

  private String ticket;
  private String art;
  private String film;

  @BeforeEach
  void ticketWithArt() throws Exception {
    ticket = UUID.randomUUID().toString();
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    form.put("pieces", 6);
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    art = UUID.randomUUID().toString();
    keep(art, BADGE).andExpect(status().isOk());
    film = UUID.randomUUID().toString();
    put("/api/materials/" + film, material()).andExpect(status().isOk());
    // A shelf's remnants come of cutting; the test lays some there.
    remnants(database, film, "[{\"width\":300,\"length\":120},{\"width\":80,\"length\":60}]");
  }

  @AfterEach
  void forget() {
    database.update("delete from cutter_part");
    database.update("delete from ticket_cut");
    database.update("delete from material");
  }

  private static void remnants(JdbcTemplate database, String film, String remnants) {
    database.update(
        "update material set body = jsonb_set(body, '{remnants}', ?::jsonb) where id = ?::uuid",
        remnants,
        film);
  }

  private static Map<String, Object> material() {
    Map<String, Object> form = new LinkedHashMap<>();
    form.put("name", "Tideway navy");
    form.put("medium", "film-smooth");
    form.put("colour", "navy");
    form.put("depth", "DARK");
    form.put("rollWidth", 500);
    form.put("left", 4000);
    form.put("cutterForce", 110);
    form.put("blade", "45°");
    form.put("version", 0);
    return form;
  }

  private ResultActions keep(String id, String svg) throws Exception {
    return keep(id, svg.getBytes(StandardCharsets.UTF_8));
  }

  private ResultActions keep(String id, byte[] file) throws Exception {
    return http.perform(
        MockMvcRequestBuilders.put("/api/art/" + id + "?name=badge.svg")
            .with(
                request -> {
                  request.setServerName("127.0.0.1");
                  return request;
                })
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content(file));
  }

  private Map<String, Object> design(String drawing, Object... changes) {
    Map<String, Object> design = new LinkedHashMap<>();
    design.put("decoration", "a");
    design.put("artId", drawing);
    design.put("medium", "film-smooth");
    design.put("width", 60);
    design.put("overlap", "SIDE_BY_SIDE");
    design.put("newBlade", false);
    design.put("copies", 0);
    design.put(
        "colours", new ArrayList<>(List.of(choice("#1d3c6e", film), choice("#ffffff", null))));
    design.put("replacements", List.of());
    design.put("print", Map.of("border", 2, "pageWidth", 210, "pageHeight", 297, "pageMargin", 10));
    for (int i = 0; i < changes.length; i += 2) {
      design.put((String) changes[i], changes[i + 1]);
    }
    return design;
  }

  private static Map<String, Object> choice(String colour, String material) {
    Map<String, Object> choice = new LinkedHashMap<>();
    choice.put("colour", colour);
    choice.put("sameAs", null);
    choice.put("cut", true);
    choice.put("materialId", material);
    return choice;
  }

  private static Map<String, Object> form(int version, Map<String, Object> design) {
    Map<String, Object> form = new LinkedHashMap<>();
    form.put("designs", List.of(design));
    form.put(
        "lay", Map.of("spacing", 4, "margin", 3, "matWidth", 300, "matLength", 300, "carrier", 3));
    form.put("version", version);
    return form;
  }

  private JsonNode read(Map<String, Object> design) throws Exception {
    return done(json(put("/api/cutting/readings/" + UUID.randomUUID(), design)));
  }

  private JsonNode lay() throws Exception {
    String path = "/api/tickets/" + ticket + "/cutting/layouts/" + UUID.randomUUID();
    return done(json(put(path, "").andExpect(status().isOk())));
  }

  /** To an address whose signs are written out already. */
  private ResultActions putAt(String path, String body) throws Exception {
    return http.perform(
        MockMvcRequestBuilders.put(URI.create(path))
            .with(
                request -> {
                  request.setServerName("127.0.0.1");
                  return request;
                })
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  private static String encoded(JsonNode piece) {
    return piece.path("id").asText().replace("#", "%23").replace("|", "%7C");
  }

  private JsonNode done(JsonNode began) throws Exception {
    JsonNode work = began;
    while (work.path("state").asText().equals("RUNNING")) {
      work = json(get("/api/cutting/works/" + work.path("id").asText()));
    }
    return work;
  }

  /** Measured against the letters of the JDK's own reader of faces. */
  @Test
  void textIsSetInAFaceOnRequest() throws Exception {
    String from = UUID.randomUUID().toString();
    String net =
        "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='40mm' viewBox='0 0 60 40'>"
            + "<rect width='60' height='40' fill='#1d3c6e'/><text x='5' y='30' font-size='12'"
            + " fill='#ffffff'>Quay 7</text></svg>";
    JsonNode plain = done(json(keep(from, net))).path("art");
    assertThat(plain.path("hasText").asBoolean()).isTrue();
    assertThat(plain.path("colours")).hasSize(1);

    String id = UUID.randomUUID().toString();
    Map<String, Object> asked = new LinkedHashMap<>();
    asked.put("from", from);
    asked.put("gradients", "MEAN");
    asked.put("text", "HEAVY");
    JsonNode set = done(json(put("/api/art/" + id + "/again", asked))).path("art");
    assertThat(set.path("colours")).hasSize(2);
    assertThat(set.path("skipped").get(0).asText()).contains("“Quay 7” is set in the heavy face");
    // The same once more is the one that is there, whatever id is asked for.
    JsonNode same = done(json(put("/api/art/" + UUID.randomUUID() + "/again", asked))).path("art");
    assertThat(same.path("id").asText()).isEqualTo(set.path("id").asText()).isEqualTo(id);
    // From that reading back to the usual one.
    asked.put("from", id);
    asked.put("text", null);
    assertThat(
            done(json(put("/api/art/" + UUID.randomUUID() + "/again", asked)))
                .path("art")
                .path("id")
                .asText())
        .isEqualTo(from);

    Font face =
        Font.createFont(
                Font.TRUETYPE_FONT, CutApiTest.class.getResourceAsStream("/faces/heavy.ttf"))
            .deriveFont(12f);
    Shape letters =
        face.createGlyphVector(new FontRenderContext(null, true, true), "Quay 7").getOutline();
    double expected = Rings.area(Flattening.rings(letters), FillRule.NON_ZERO).getArea();
    JsonNode read = read(design(id, "colours", List.of(choice("#ffffff", null)))).path("design");
    double area = 0;
    for (JsonNode layer : read.path("layers")) {
      area += layer.path("colour").asText().equals("#ffffff") ? layer.path("area").asDouble() : 0;
    }
    assertThat(area).isCloseTo(expected, within(0.005 * expected));

    // A drawing that is there is never read over.
    asked.put("text", "PLAIN");
    put("/api/art/" + art + "/again", asked).andExpect(status().isConflict());
    put("/api/art/" + from + "/again", asked).andExpect(status().isConflict());
    assertThat(json(get("/api/art/" + from)).path("as").path("text").isNull()).isTrue();
    get("/api/art").andExpect(jsonPath("$.items[?(@.id == '" + id + "')]").isEmpty());
    asked.put("from", UUID.randomUUID().toString());
    put("/api/art/" + UUID.randomUUID() + "/again", asked).andExpect(status().isNotFound());
  }

  /** Six badges: navy with a hole, 200 mm and the circle's 75.4; the circle in white. */
  @Test
  @DisplayName("what was cut counts once against blade and mat, until a new one is in")
  void wear() throws Exception {
    put("/api/tickets/" + ticket + "/cutting", form(0, design(art))).andExpect(status().isOk());
    JsonNode mats = lay().path("cut").path("layout").path("mats");
    get("/api/cutter").andExpect(jsonPath("$.blade.told").value(containsString("as much as 0 m")));
    for (int twice = 0; twice < 2; twice++) {
      put("/api/tickets/" + ticket + "/cutting/taken", "").andExpect(status().isOk());
    }
    Double kept =
        database.queryForObject("select wear from cutter_part where part = 'BLADE'", Double.class);
    assertThat(kept).isCloseTo(6 * (200 + 2 * 24 * Math.PI), within(5.0));
    get("/api/cutter")
        .andExpect(jsonPath("$.blade.told").value(containsString("as much as 2 m")))
        .andExpect(jsonPath("$.mat.told").value(containsString("this mat so far: " + mats.size())));

    assertThat(checks("newBlade", true)).doesNotContain("fit one first");
    database.update("update cutter_part set wear = 60000 where part = 'BLADE'");
    assertThat(checks("newBlade", true)).contains("fit one first", "60 m");
    assertThat(checks("newBlade", false)).doesNotContain("60 m");
    database.update("update cutter_part set wear = 260000 where part = 'BLADE'");
    assertThat(checks("newBlade", false)).contains("worn from about 250 m");
    get("/api/cutter").andExpect(jsonPath("$.blade.worn").value(true));

    String blade = UUID.randomUUID().toString();
    for (int twice = 0; twice < 2; twice++) {
      put("/api/cutter/BLADE/" + blade, "")
          .andExpect(status().isOk())
          .andExpect(jsonPath("$.blade.worn").value(false))
          .andExpect(
              jsonPath("$.mat.told").value(containsString("this mat so far: " + mats.size())));
    }
    assertThat(checks("newBlade", true)).doesNotContain("fit one first");
    put("/api/cutter/SPOON/" + blade, "").andExpect(status().isBadRequest());
    put("/api/cutter/MAT/soon", "").andExpect(status().isBadRequest());
  }

  private String checks(Object... changes) throws Exception {
    return read(design(art, changes)).path("design").path("checks").toString();
  }

  @Test
  @DisplayName("acts follow a piece that is moved, and are none where nothing is known of the work")
  void acts() throws Exception {
    put("/api/tickets/" + ticket + "/cutting", form(0, design(art))).andExpect(status().isOk());
    JsonNode cut = lay().path("cut");
    JsonNode mat = cut.path("layout").path("mats").get(0);
    assertThat(mat.path("acts").toString())
        .contains("Lay the mat level", "Stick Tideway navy", "Weed Tideway navy, number 1");
    JsonNode piece = mat.path("pieces").get(0);
    Map<String, Object> move = new LinkedHashMap<>();
    move.put("mat", 0);
    move.put("x", piece.path("at").path("x").asDouble() + 1);
    move.put("y", piece.path("at").path("y").asDouble());
    move.put("turned", piece.path("turned").asBoolean());
    move.put("version", cut.path("form").path("version").asInt());
    JsonNode moved =
        json(
            putAt(
                "/api/tickets/" + ticket + "/cutting/pieces/" + encoded(piece),
                JSON.writeValueAsString(move)));
    assertThat(moved.path("layout").path("mats").get(0).path("acts"))
        .isNotEqualTo(mat.path("acts"))
        .hasSameSizeAs(mat.path("acts"));

    database.update("update ticket_cut set layout = layout - 'work'");
    get("/api/tickets/" + ticket + "/cutting")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.layout.mats[0].acts").isEmpty());
  }

  /** The name's top is 7 mm below the crest's bottom; carriers of 3 mm fit, of 5 mm do not. */
  @Test
  @DisplayName("carriers that would lie over one another on the garment are told")
  void carriers() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    List<Object> things = new ArrayList<>();
    for (String id : List.of("a", "b")) {
      Map<String, Object> thing = TicketForms.decoration();
      thing.put("id", id);
      thing.put("description", id.equals("a") ? "crest" : "name");
      thing.put("width", 60);
      thing.put("height", 40);
      thing.put("medium", "film-block");
      thing.put(
          "spot",
          Map.of("face", "FRONT", "fromCentre", 0, "belowCollar", id.equals("a") ? 80 : 127));
      things.add(thing);
    }
    form.put("decorations", things);
    form.put("version", 1);
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    String path = "/api/tickets/" + ticket + "/cutting";
    Map<String, Object> cut = form(0, design(art));
    cut.put("designs", List.of(design(art), design(art, "decoration", "b")));
    put(path, cut).andExpect(status().isOk());
    get(path + "/carriers").andExpect(status().isOk()).andExpect(jsonPath("$").isEmpty());
    put("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "").andExpect(status().isOk());
    get(path + "/carriers").andExpect(jsonPath("$").isEmpty());
    cut.put(
        "lay", Map.of("spacing", 4, "margin", 3, "matWidth", 300, "matLength", 300, "carrier", 5));
    cut.put("version", 1);
    put(path, cut).andExpect(status().isOk());
    get(path + "/carriers")
        .andExpect(
            jsonPath("$[0]")
                .value(
                    containsString(
                        "“crest” and “name” would lie over one another by 3 mm: trim both to 3.5 mm")));
    // Cloth has no carrier.
    cut.put("designs", List.of(design(art), design(art, "decoration", "b", "medium", "patch-web")));
    cut.put("version", 2);
    put(path, cut).andExpect(status().isOk());
    get(path + "/carriers").andExpect(jsonPath("$").isEmpty());
    get("/api/tickets/" + UUID.randomUUID() + "/cutting/carriers").andExpect(status().isNotFound());
  }

  @Test
  void aPictureInItIsSaidWithItsDotsAtTheWidthThatIsChosen() throws Exception {
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(240, 120, BufferedImage.TYPE_INT_RGB), "png", png);
    String from = UUID.randomUUID().toString();
    String net =
        "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='40mm' viewBox='0 0 60 40'>"
            + "<rect width='60' height='40' fill='#1d3c6e'/><image id='net' width='50.8' height='25.4'"
            + " href='data:image/png;base64,"
            + Base64.getEncoder().encodeToString(png.toByteArray())
            + "'/></svg>";
    keep(from, net).andExpect(status().isOk());
    List<Object> colours = List.of(choice("#1d3c6e", null));
    assertThat(
            read(design(from, "colours", colours, "width", 30))
                .path("design")
                .path("checks")
                .toString())
        .contains("“net” can only be printed: 25 mm wide it has 240 dots per inch");
    assertThat(
            read(design(from, "colours", colours, "width", 60))
                .path("design")
                .path("checks")
                .toString())
        .contains("coarse: 51 mm wide it has 120 dots per inch. From 150 on");
  }

  @Test
  @DisplayName("a drawing is read once and says its size, its colours and what was left out")
  void drawing() throws Exception {
    get("/api/art/" + art)
        .andExpect(jsonPath("$.name").value("badge"))
        .andExpect(jsonPath("$.width").value(60))
        .andExpect(jsonPath("$.colours[0].colour").value("#1d3c6e"));
    String gradient = BADGE.replace("fill='#ffffff'", "fill='url(#g)'");
    keep(UUID.randomUUID().toString(), gradient)
        .andExpect(jsonPath("$.art.skipped[0]").value(containsString("Give it one flat colour")));
    get("/api/art").andExpect(jsonPath("$.items[0].name").value("badge"));
  }

  @Test
  @DisplayName("a drawing of 300 shapes over one another is taken apart while it is told how far")
  void manyShapesOverOneAnother() throws Exception {
    StringBuilder shapes = new StringBuilder();
    for (int i = 0; i < 300; i++) {
      shapes.append(
          "<circle fill='%s' cx='%d' cy='%d' r='14'/>"
              .formatted(i % 2 == 0 ? "#1d3c6e" : "#c8262b", 15 + i * 7 % 70, 15 + i * 11 % 70));
    }
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>"
            + shapes
            + "</svg>";
    JsonNode brought = done(json(keep(UUID.randomUUID().toString(), svg)));
    assertThat(brought.path("state").asText()).as(brought.toString()).isEqualTo("DONE");
    assertThat(brought.at("/art/colours")).hasSize(2);
  }

  @ParameterizedTest
  @CsvSource({
    "'', empty",
    "'\u0089PNG', PNG",
    "'<html/>', no SVG",
    "'<svg', damaged",
    "'<svg xmlns=\"http://www.w3.org/2000/svg\"><text>Hi</text></svg>', Convert it to paths",
    "'<svg xmlns=\"http://www.w3.org/2000/svg\"/>', no areas"
  })
  @DisplayName("what is no drawing is refused with what to do, and nothing is kept")
  void refused(String file, String said) throws Exception {
    long before = count("art");
    keep(UUID.randomUUID().toString(), file.getBytes(StandardCharsets.ISO_8859_1))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].field").value("file"))
        .andExpect(jsonPath("$.fields[0].message").value(containsString(said)));
    assertThat(count("art")).isEqualTo(before);
  }

  @Test
  @DisplayName("a file beyond the limit is refused without being read to its end")
  void tooLarge() throws Exception {
    keep(UUID.randomUUID().toString(), new byte[12_000_000])
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].message").value(containsString("larger than 10 MB")));
  }

  @Test
  @DisplayName("a broken letter is found with its box, set in a plain face, and then weeds")
  void letters() throws Exception {
    String worn = UUID.randomUUID().toString();
    keep(worn, WORN).andExpect(status().isOk());
    Map<String, Object> design =
        design(worn, "width", 36, "colours", List.of(choice("#000000", film)));
    JsonNode layer = read(design).path("design").path("layers").get(0);
    assertThat(layer.path("allFaults").asInt()).isPositive();
    assertThat(layer.path("cutter").asText()).isEqualTo("Cutter: 45°, 110 g");
    JsonNode box = layer.path("broken").get(0).path("box");
    assertThat(box.path("width").asDouble()).isCloseTo(18, within(0.01));
    Map<String, Object> letter =
        Map.of("box", JSON.convertValue(box, Map.class), "text", "H", "face", "PLAIN");
    post("/api/cutting/letters", letter)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.path").value(containsString("M")));
    Map<String, Object> replacement = new LinkedHashMap<>(JSON.convertValue(box, Map.class));
    replacement.put("colour", "#000000");
    replacement.put("text", "H");
    replacement.put("face", "PLAIN");
    design.put("replacements", List.of(replacement));
    JsonNode mended = read(design).path("design");
    assertThat(mended.path("layers").get(0).path("allFaults").asInt()).isZero();
    assertThat(mended.path("cleanWidth").asDouble()).isCloseTo(36, within(0.01));
  }

  @Test
  @DisplayName("a colour that is left out is not cut, and what is left lies where it lay")
  void leftOut() throws Exception {
    Map<String, Object> navy = choice("#1d3c6e", film);
    navy.put("cut", false);
    List<Object> colours = new ArrayList<>(List.of(navy, choice("#ffffff", null)));
    JsonNode read = read(design(art, "colours", colours)).path("design");
    assertThat(read.path("layers")).hasSize(1);
    assertThat(read.path("bounds").path("x").asDouble()).isCloseTo(18, within(0.01));
    assertThat(read.path("bounds").path("width").asDouble()).isCloseTo(24, within(0.01));
    assertThat(read.path("cleanWidth").asDouble()).isEqualTo(60);
    Map<String, Object> white = choice("#ffffff", null);
    white.put("cut", false);
    JsonNode none = read(design(art, "colours", List.of(navy, white)));
    assertThat(none.path("problem").asText()).startsWith("Every colour is left out.");
  }

  @Test
  @DisplayName("a sign that the face has not is refused")
  void noSuchLetter() throws Exception {
    Map<String, Object> box = Map.of("x", 0, "y", 0, "width", 9, "height", 9, "baseline", 9);
    post("/api/cutting/letters", Map.of("box", box, "text", "龍", "face", "PLAIN"))
        .andExpect(status().isUnprocessableEntity());
    post("/api/cutting/letters", Map.of("box", box, "text", " ", "face", "PLAIN"))
        .andExpect(status().isUnprocessableEntity());
  }

  @Test
  @DisplayName(
      "remnants are used first, what is cut is read again with the same areas, and the shelf follows")
  void laidOut() throws Exception {
    put("/api/tickets/" + ticket + "/cutting", form(0, design(art))).andExpect(status().isOk());
    JsonNode cut = lay().path("cut");
    JsonNode layout = cut.path("layout");
    assertThat(layout.path("left")).isEmpty();
    assertThat(layout.path("uses").get(0).path("kind").asText()).isEqualTo("REMNANT");
    String files = "/api/tickets/" + ticket + "/cutting/files/";
    double navy = 0;
    for (int mat = 1; mat <= layout.path("mats").size(); mat++) {
      ResultActions file = get(files + "mat-" + mat + "-1d3c6e.svg");
      if (file.andReturn().getResponse().getStatus() == 200) {
        SvgDrawing again = SvgReader.read(file.andReturn().getResponse().getContentAsByteArray());
        assertThat(again.width()).isCloseTo(300, within(1e-9));
        navy += again.shapes().stream().mapToDouble(shape -> shape.area().getArea()).sum();
      }
    }
    assertThat(navy).isCloseTo(6 * (60 * 40 - Math.PI * 144), within(1.5));
    String table = get(files + "pieces.csv").andReturn().getResponse().getContentAsString();
    assertThat(table.lines()).hasSize(13);
    byte[] pdf = get(files + "mats.pdf").andReturn().getResponse().getContentAsByteArray();
    try (PDDocument paper = Loader.loadPDF(pdf)) {
      assertThat(paper.getNumberOfPages()).isEqualTo(layout.path("mats").size());
      assertThat(paper.getPage(0).getMediaBox().getWidth())
          .isCloseTo(300 * 72 / 25.4f, within(0.1f));
    }
    put("/api/tickets/" + ticket + "/cutting/taken", "")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.layout.taken").value(true));
    JsonNode shelf = json(get("/api/materials")).path("items").get(0).path("material");
    put("/api/tickets/" + ticket + "/cutting/taken", "").andExpect(status().isOk());
    assertThat(json(get("/api/materials")).path("items").get(0).path("material")).isEqualTo(shelf);
    assertThat(shelf.path("remnants").toString())
        .doesNotContain("{\"width\":300.0,\"length\":120.0}");
  }

  @Test
  @DisplayName("a piece that is moved is checked again, and a wrong one is not cut")
  void moved() throws Exception {
    put("/api/tickets/" + ticket + "/cutting", form(0, design(art))).andExpect(status().isOk());
    JsonNode cut = lay().path("cut");
    JsonNode piece = cut.path("layout").path("mats").get(0).path("pieces").get(0);
    String path = "/api/tickets/" + ticket + "/cutting/pieces/" + encoded(piece);
    ObjectNode move = JSON.createObjectNode();
    move.put("mat", 0).put("x", 280).put("y", 280).put("turned", false);
    move.put("version", cut.path("form").path("version").asInt());
    putAt(path, move.toString())
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.layout.mats[0].pieces[?(@.wrong)]").isNotEmpty());
    put("/api/tickets/" + ticket + "/cutting/taken", "")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].message").value(containsString("cannot be cut")));
  }

  @Test
  @DisplayName("a print has its line, its pages with marks, and no mask where it is one shape")
  void printed() throws Exception {
    Map<String, Object> design = design(art, "medium", "film-print");
    JsonNode read = read(design).path("design");
    assertThat(read.path("mirrored").asBoolean()).isFalse();
    assertThat(read.path("print").path("mask").asBoolean()).isFalse();
    put("/api/tickets/" + ticket + "/cutting", form(0, design)).andExpect(status().isOk());
    JsonNode prints = lay().path("cut").path("layout").path("prints").get(0);
    assertThat(prints.path("pages").get(0)).hasSize(6);
    assertThat(prints.path("acts").toString()).contains("read the marks", "2 mm of white");
    String line =
        get("/api/tickets/" + ticket + "/cutting/files/cut-line-1.svg")
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString();
    SvgDrawing again = SvgReader.read(line.getBytes(StandardCharsets.UTF_8));
    double border = 2400 + 2 * 200 + Math.PI * 4;
    assertThat(again.shapes().get(5).area().getArea()).isCloseTo(border, within(0.5));
    get("/api/tickets/" + ticket + "/cutting/files/page-1.svg").andExpect(status().isOk());
    get("/api/tickets/" + ticket + "/cutting/files/page-2.svg").andExpect(status().isNotFound());
  }

  @Test
  @DisplayName("what was chosen is kept with its version; an older one is refused, the same is one")
  void versions() throws Exception {
    String path = "/api/tickets/" + ticket + "/cutting";
    put(path, form(0, design(art))).andExpect(jsonPath("$.form.version").value(1));
    put(path, form(0, design(art))).andExpect(jsonPath("$.form.version").value(1));
    put(path, form(0, design(art, "width", 80))).andExpect(status().isConflict());
    put(path, form(1, design(art, "width", 80))).andExpect(jsonPath("$.form.version").value(2));
    lay();
    put(path, form(3, design(art, "width", 90))).andExpect(jsonPath("$.layout").doesNotExist());
  }

  @ParameterizedTest
  @CsvSource({
    "decoration, z, 404",
    "medium, wool, 422",
    "width, 4000, 422",
    "width, 0, 422",
    "overlap, UPSIDE, 400"
  })
  @DisplayName("a choice that cannot be is refused")
  void impossible(String field, String value, int status) throws Exception {
    put("/api/tickets/" + ticket + "/cutting", form(0, design(art, field, value)))
        .andExpect(result -> assertThat(result.getResponse().getStatus()).isIn(status, 422));
    assertThat(count("ticket_cut")).isZero();
  }

  @Test
  @DisplayName("files and layouts that are not there say what to do")
  void nothingLaid() throws Exception {
    get("/api/tickets/" + ticket + "/cutting/files/mats.pdf")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.fields[0].message").value("Nothing is laid yet. Lay it out first."));
    get("/api/cutting/works/" + UUID.randomUUID()).andExpect(status().isNotFound());
  }
}
