package velvetkettle.server.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.server.ServerTest;
import velvetkettle.server.TicketForms;

class ProofApiTest extends ServerTest {
  private byte[] proof(Map<String, Object> form) throws Exception {
    UUID id = UUID.randomUUID();
    put("/api/tickets/" + id, form).andExpect(status().isOk());
    return get("/api/tickets/" + id + "/proof.pdf")
        .andExpect(status().isOk())
        .andExpect(content().contentType("application/pdf"))
        .andReturn()
        .getResponse()
        .getContentAsByteArray();
  }

  private static String text(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }

  @Test
  @DisplayName("a proof says what goes where in millimetres, how to care for it, and no price")
  void saysWhatGoesWhere() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    Map<String, Object> art = TicketForms.decoration();
    art.put("spot", Map.of("face", "BACK", "fromCentre", -40.5, "belowCollar", 120));
    form.put("decorations", List.of(art));
    String text = text(proof(form));
    assertThat(text)
        .contains("Harbour Rowers, training tops")
        .contains("20 × rowing top, navy")
        .contains("250 mm × 80 mm")
        .contains(
            "Back, its middle 40.5 mm left of the centre line as you look at it, 120 mm below")
        .contains("Wait 24 h before the first wash.")
        .contains("Seen and agreed")
        .doesNotContainIgnoringCase("price")
        .doesNotContain("°F");
  }

  @Test
  @DisplayName("without a spot the guide's place stands in it, and colours are counted")
  void usualPlace() throws Exception {
    String text = text(proof(TicketForms.navyRowingTop(PRESS)));
    assertThat(text).contains("Front, on the centre line, 82.5 mm below the collar");
    assertThat(text).contains("one colour, lightest white");
  }

  @Test
  @DisplayName("a long roster goes on over the pages; signs the face lacks do not break it")
  void longRoster() throws Exception {
    Map<String, Object> form = TicketForms.navyRowingTop(PRESS);
    List<Map<String, Object>> roster = new ArrayList<>();
    for (int i = 0; i < 120; i++) {
      roster.add(Map.of("name", "Crew Ørsted-" + i, "number", "" + i, "size", "M"));
    }
    roster.set(5, Map.of("name", "⚓ 🚣 Anka", "number", "7", "size", "S"));
    form.put("roster", roster);
    form.put("pieces", 120);
    form.put("title", "W".repeat(80));
    byte[] pdf = proof(form);
    assertThat(text(pdf)).contains("Crew Ørsted-119").contains("? ? Anka");
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isBetween(3, 5);
    }
  }

  @Test
  void ofWhatIsNotThere() throws Exception {
    get("/api/tickets/" + UUID.randomUUID() + "/proof.pdf").andExpect(status().isNotFound());
  }
}
