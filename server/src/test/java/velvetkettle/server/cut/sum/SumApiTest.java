package velvetkettle.server.cut.sum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import velvetkettle.core.cut.svg.SvgReader;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class SumApiTest extends ServerTest {
  private String ticket;

  @BeforeEach
  void ticketWithARoster() throws Exception {
    ticket = UUID.randomUUID().toString();
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    form.put("pieces", 3);
    form.put(
        "roster",
        List.of(entry("Ana Skerry", "7", "M"), entry("", "12", "S"), entry("Bo Tern", "", "")));
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
  }

  @AfterEach
  void forget() {
    database.update("delete from ticket_sum");
  }

  private static Map<String, Object> entry(String name, String number, String size) {
    return Map.of("name", name, "number", number, "size", size);
  }

  private String path(SumKind kind) {
    return "/api/tickets/" + ticket + "/sums/a/" + kind;
  }

  private ObjectNode form(SumKind kind) throws Exception {
    return (ObjectNode) json(get(path(kind)).andExpect(status().isOk())).path("form");
  }

  private static ObjectNode part(ObjectNode form, String name) {
    return (ObjectNode) form.path(name);
  }

  @ParameterizedTest
  @EnumSource(SumKind.class)
  @DisplayName("before anything is typed each sum is drawn as usual, and nothing is kept")
  void usual(SumKind kind) throws Exception {
    if (kind == SumKind.LABELS) {
      get(path(kind)).andExpect(jsonPath("$.facts[0]").value(containsString("3 labels are laid")));
    }
    JsonNode sum = json(get(path(kind)).andExpect(status().isOk()));
    assertThat(sum.path("pages").size()).isPositive();
    assertThat(sum.path("facts").size()).isGreaterThan(2);
    assertThat(sum.path("steps").size()).isGreaterThan(1);
    assertThat(sum.at("/form/version").asInt()).isZero();
    assertThat(sum.toString()).doesNotContain("{0}", "{1}", "{2}", "??");
    assertThat(count("ticket_sum")).isZero();
  }

  @ParameterizedTest
  @EnumSource(SumKind.class)
  @DisplayName(
      "what is typed is kept with its version; twice is once, and what is stale is refused")
  void kept(SumKind kind) throws Exception {
    ObjectNode form = form(kind);
    put(path(kind), form).andExpect(jsonPath("$.form.version").value(1));
    put(path(kind), form).andExpect(status().isOk()).andExpect(jsonPath("$.form.version").value(1));
    assertThat(count("ticket_sum")).isEqualTo(1);
    assertThat(form(kind).path("version").asInt()).isEqualTo(1);
    changed(form, kind);
    put(path(kind), form).andExpect(status().isConflict());
    form.put("version", 1);
    put(path(kind), form).andExpect(jsonPath("$.form.version").value(2));
  }

  private static void changed(ObjectNode form, SumKind kind) {
    switch (kind) {
      case LABELS -> part(form, "labels").put("gap", 4);
      case PATCHES -> part(form, "patches").put("kerf", 3);
      case STRIPS -> part(form, "strips").put("strip", 11);
      case SLITS -> part(form, "slits").put("bridge", 13);
      case STONES -> part(form, "stones").put("gap", 0.9);
      case MOTIFS -> part(form, "motifs").put("gap", 9);
    }
  }

  @Test
  @DisplayName("labels say the names of the roster, or their numbers, with the size where asked")
  void labelsFromTheRoster() throws Exception {
    ObjectNode form = form(SumKind.LABELS);
    part(form, "labels").put("sizes", true).put("seen", 12).put("each", 2);
    JsonNode sum = json(put(path(SumKind.LABELS), form).andExpect(status().isOk()));
    assertThat(sum.path("facts").toString()).contains("6 labels are laid");
    // Twelve millimetres are short for a name and a size.
    assertThat(sum.path("cautions").toString()).contains("Ana Skerry M");
    part(form, "labels").put("words", "Harbour Rowers").put("seen", 60);
    form.put("version", 1);
    put(path(SumKind.LABELS), form)
        .andExpect(jsonPath("$.facts[0]").value(containsString("6 labels")));
  }

  @ParameterizedTest
  @CsvSource({
    "LABELS, labels, tape, 0, width of the tape",
    "LABELS, labels, strip, 20, length of a strip",
    "PATCHES, patches, tack, 4, tack-down",
    "STRIPS, strips, strip, 200, strip",
    "SLITS, slits, length, 5000, slit",
    "MOTIFS, motifs, count, 400, at most",
    "MOTIFS, motifs, depth, 3000, depth",
    "STONES, stones, gap, 0, gap",
    "STONES, stones, clearance, 9, clearance"
  })
  @DisplayName("what cannot be is refused with what can, and nothing is kept")
  void refused(SumKind kind, String part, String field, double value, String said)
      throws Exception {
    ObjectNode form = form(kind);
    part(form, part).put(field, value);
    put(path(kind), form)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString(said)));
    assertThat(count("ticket_sum")).isZero();
  }

  @Test
  @DisplayName("a sum of another kind, of another thing or of no drawing says so")
  void notThere() throws Exception {
    put(path(SumKind.STRIPS), form(SumKind.LABELS)).andExpect(status().isUnprocessableEntity());
    get("/api/tickets/" + ticket + "/sums/b/LABELS").andExpect(status().isNotFound());
    get("/api/tickets/" + UUID.randomUUID() + "/sums/a/LABELS").andExpect(status().isNotFound());
    get("/api/tickets/" + ticket + "/sums/a/HATS").andExpect(status().is4xxClientError());
    ObjectNode form = form(SumKind.STONES);
    ((ObjectNode) part(form, "stones").path("shape")).put("from", "ART");
    put(path(SumKind.STONES), form)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString("No drawing is brought")));
    get(path(SumKind.LABELS) + "/files/page-9.svg").andExpect(status().isNotFound());
    get(path(SumKind.LABELS) + "/files/stones.csv").andExpect(status().isNotFound());
    get(path(SumKind.LABELS) + "/files/pages.exe").andExpect(status().isNotFound());
  }

  private byte[] file(SumKind kind, String name) throws Exception {
    return get(path(kind) + "/files/" + name)
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsByteArray();
  }

  @Test
  @DisplayName("stones inside letters: counted, and on the file each as large as it is")
  void stonesInLetters() throws Exception {
    ObjectNode form = form(SumKind.STONES);
    ObjectNode shape = (ObjectNode) part(form, "stones").path("shape");
    shape.put("from", "LETTERS").put("text", "KELP").put("height", 60);
    JsonNode sum = json(put(path(SumKind.STONES), form).andExpect(status().isOk()));
    int laid = sum.at("/kinds/0/laid").asInt();
    assertThat(laid % 3).isZero();
    assertThat(sum.at("/fits/stones").asInt()).isEqualTo(laid / 3);
    assertThat(sum.at("/fits/height").asDouble()).isBetween(50.0, 60.1);
    var drawing = SvgReader.read(file(SumKind.STONES, "page-1.svg"));
    double glass = drawing.shapes().stream().mapToDouble(s -> s.area().getArea()).sum();
    assertThat(glass).isCloseTo(laid / 3 * Math.PI * 1.4 * 1.4, within(0.005 * glass));
    String table = new String(file(SumKind.STONES, "stones.csv"), StandardCharsets.UTF_8);
    assertThat(table.lines().skip(1).findFirst().orElseThrow())
        .startsWith("SS10,\"#e8edf2\"," + laid);
  }

  @Test
  @DisplayName("the PDF has every page at true size, and sheets of A4 to tape together")
  void paper() throws Exception {
    try (PDDocument pages = Loader.loadPDF(file(SumKind.SLITS, "pages.pdf"))) {
      JsonNode sum = json(get(path(SumKind.SLITS)));
      assertThat(pages.getNumberOfPages()).isEqualTo(sum.path("pages").size());
      float width = pages.getPage(0).getMediaBox().getWidth();
      assertThat((double) width)
          .isCloseTo(sum.at("/pages/0/width").asDouble() * 72 / 25.4, within(0.5));
      assertThat(new PDFTextStripper().getText(pages)).contains("100 mm", "slit", "board inside");
    }
    try (PDDocument sheets = Loader.loadPDF(file(SumKind.PATCHES, "a4.pdf"))) {
      assertThat(sheets.getNumberOfPages()).isGreaterThan(2);
      assertThat((double) sheets.getPage(0).getMediaBox().getWidth())
          .isCloseTo(210 * 72 / 25.4, within(0.5));
      assertThat((double) sheets.getPage(0).getMediaBox().getHeight())
          .isCloseTo(297 * 72 / 25.4, within(0.5));
      assertThat(new PDFTextStripper().getText(sheets)).contains("100 mm", "row 1, sheet 1");
    }
    assertThat(new String(file(SumKind.STRIPS, "page-2.dxf"), StandardCharsets.UTF_8))
        .startsWith("  0\nSECTION")
        .endsWith("EOF\n");
  }

  @Test
  @DisplayName("what is more than is reckoned at once is said; stones are counted for all pieces")
  void manyPieces() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    form.put("pieces", 3000);
    ticket = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, form).andExpect(status().isOk());
    for (SumKind kind : List.of(SumKind.PATCHES, SumKind.STRIPS)) {
      get(path(kind)).andExpect(jsonPath("$.cautions[0]").value(containsString("200 of 3000")));
    }
    JsonNode stones = json(get(path(SumKind.STONES)));
    assertThat(stones.at("/kinds/0/laid").asInt())
        .isEqualTo(3000 * stones.at("/fits/stones").asInt());
    ObjectNode labels = form(SumKind.LABELS);
    part(labels, "labels").put("words", "Rowers");
    put(path(SumKind.LABELS), labels)
        .andExpect(jsonPath("$.cautions[0]").value(containsString("1000 of 3000")));
  }

  @ParameterizedTest
  @EnumSource(SumKind.class)
  @DisplayName("every drawing of every sum comes in every format")
  void everyFile(SumKind kind) throws Exception {
    int pages = json(get(path(kind))).path("pages").size();
    for (int page = 1; page <= pages; page++) {
      assertThat(file(kind, "page-" + page + ".svg").length).isGreaterThan(100);
      assertThat(file(kind, "page-" + page + ".dxf").length).isGreaterThan(100);
    }
    for (String name : List.of("pages.pdf", "a4.pdf", "letter.pdf")) {
      try (PDDocument document = Loader.loadPDF(file(kind, name))) {
        assertThat(document.getNumberOfPages()).as(name).isGreaterThanOrEqualTo(pages);
      }
    }
  }

  /** Bad numbers at every place of every form: an answer of the client's fault, never ours. */
  @ParameterizedTest
  @EnumSource(SumKind.class)
  @DisplayName("bad numbers at any place are refused or done, and never break anything")
  void badNumbers(SumKind kind) throws Exception {
    Random random = new Random(kind.ordinal());
    double[] bad = {-1, 0, 1e-9, 0.04, 3, 1e4, 1e9, -1e300, 1e300};
    for (int i = 0; i < 20; i++) {
      ObjectNode form = form(kind);
      form.put("version", 0);
      ObjectNode part = part(form, kind.name().toLowerCase(java.util.Locale.ROOT));
      List<String> numbers =
          part.properties().stream()
              .filter(field -> field.getValue().isNumber())
              .map(Map.Entry::getKey)
              .toList();
      part.put(numbers.get(random.nextInt(numbers.size())), bad[random.nextInt(bad.length)]);
      put(path(kind), form)
          .andExpect(
              result ->
                  assertThat(result.getResponse().getStatus()).as(form.toString()).isLessThan(500));
      database.update("delete from ticket_sum");
    }
  }
}
