package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The sums that a maker does by hand today: labels, patches, strips, slits and stones. */
class SumsIT extends Journey {
  /** A lantern of three colours: its frame, its glass and its light. */
  private static final String LANTERN =
      "<svg xmlns='http://www.w3.org/2000/svg' width='80mm' height='110mm' viewBox='0 0 80 110'>"
          + "<path fill='#8c5a2b' d='M25 10h30v8h-30zM15 20h50v8h-50zM15 96h50v8h-50z'/>"
          + "<path fill='#bcd8e8' fill-rule='evenodd'"
          + " d='M18 30h44v64h-44zM40 44c-12 14-14 24-8 32 4 6 12 6 16 0 6-8 4-18-8-32z'/>"
          + "<path fill='#e8c33c' d='M40 50c-9 11-10 18-6 24 3 5 9 5 12 0 4-6 3-13-6-24z'/></svg>";

  private Locator facts() {
    return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What it comes to"));
  }

  private Locator cautions() {
    return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What may go wrong"));
  }

  /** A ticket at the sums of its one thing; what stands round it is asked for elsewhere. */
  private void sums(String sum, String title, String cloth, String thing, int pieces, String roster)
      throws IOException {
    String press = Shop.JSON.readTree(KETTLE.get("/api/presses").body()).at("/items/0/id").asText();
    String id = UUID.randomUUID().toString();
    String form =
        ("{'title':'%s','customer':'Harbour players','dueAt':'2026-12-18T16:00:00Z','pieces':%d,"
                + "'pressId':'%s','garment':{'name':'%s','kind':'TOP','obstacles':[],"
                + "'iron':'UNKNOWN','size':'ADULT','finish':'NONE',%s},'decorations':[{'id':'a',%s,"
                + "'colours':1,'lightest':'WHITE','placement':'CHEST','surface':'ANY',"
                + "'thinnestStroke':null,'layered':false,'stones':0,'medium':null,"
                + "'materialId':null}],'roster':[%s],'version':0}")
            .formatted(title, pieces, press, title, cloth, thing, roster)
            .replace('\'', '"');
    assertThat(KETTLE.put("/api/tickets/" + id, form).body()).contains(title);
    page.navigate("/tickets/" + id + "/cut");
    page.getByText("Sums", new Page.GetByTextOptions().setExact(true)).click();
    page.locator(".ant-radio-wrapper").filter(has(sum)).click();
    assertThat(facts()).isVisible();
  }

  private static final String COTTON =
      "'label':'100% cotton','fabric':'JERSEY','colour':'navy','depth':'DARK','hue':'BLUE','dye':'REACTIVE'";

  private static String thing(String description, String kind, int width, int height) {
    return "'description':'%s','kind':'%s','width':%d,'height':%d"
        .formatted(description, kind, width, height);
  }

  private String file(String link) throws IOException {
    Download file =
        page.waitForDownload(
            () ->
                page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(link)))
                    .first()
                    .click());
    return Files.readString(file.path(), StandardCharsets.ISO_8859_1);
  }

  @Test
  @DisplayName("60 name labels for a choir's robes from two tapes, every name once")
  void labelsForAChoir() throws IOException {
    String choir =
        IntStream.rangeClosed(1, 60)
            .mapToObj("{'name':'Skerry %d','number':'','size':'M'}"::formatted)
            .collect(Collectors.joining(","));
    sums("Labels", "Choir of the quay", COTTON, thing("name label", "LABEL", 50, 25), 60, choir);
    assertThat(facts()).containsText("60 labels are laid");
    typeNumber("label-tape-0", "2500");
    button("Add a tape").click();
    typeNumber("label-tape-1", "1600");
    assertThat(facts()).containsText("The tape of 2500 mm gives");
    assertThat(facts()).containsText("The tape of 1600 mm gives");
    assertThat(facts()).containsText("59 labels are laid");
    assertThat(cautions()).containsText("There is no tape left for one label, from “Skerry 60” on");
    choose("label-fold", "flat");
    assertThat(facts()).containsText("60 labels are laid");
    assertThat(cautions()).not().containsText("no tape left");
    assertThat(cautions()).containsText("No method is taken yet");
    assertThat(file("as DXF")).startsWith("  0\nSECTION").contains("POLYLINE");
    page.reload();
    page.getByText("Sums", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator("#label-tape-1")).hasValue("1600");
  }

  @Test
  @DisplayName("12 patches from two letter sheets of web, with their template")
  void patchesFromTwoSheets() throws IOException {
    sums(
        "Patches", "Ferry crew patches", COTTON, thing("crew patch", "MADE_PATCH", 64, 64), 12, "");
    assertThat(facts()).containsText("12 patches of 64 mm x 64 mm");
    assertThat(facts()).containsText("Web for 12 of them lies on");
    typeNumber("patch-webs-count-0", "1");
    typeNumber("patch-webs-width-0", "150");
    assertThat(cautions()).containsText("There is no web for");
    typeNumber("patch-webs-count-0", "2");
    typeNumber("patch-webs-width-0", "216");
    assertThat(cautions()).not().isVisible();
    typeNumber("patch-satin", "1.5");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("tack-down");
    typeNumber("patch-satin", "4");
    assertThat(page.getByRole(AriaRole.ALERT)).not().isVisible();
    assertThat(file("^One patch.* as SVG")).contains("class=\"tack-down\"", "class=\"web\"");
    assertThat(file("On letter sheets")).startsWith("%PDF");
  }

  @Test
  @DisplayName("a cape with slits over a printed lining: strips against the border, and a board")
  void slitsOverALining() throws IOException {
    sums(
        "Slits", "Capes of the mummers", COTTON, thing("printed lining", "PANEL", 240, 320), 2, "");
    assertThat(facts()).containsText("42 slits of 60 mm");
    assertThat(facts()).containsText("Board inside: 290 mm x 370 mm, at least 3 mm thick");
    assertThat(cautions()).containsText("cut away from the hand that holds");
    typeNumber("slit-stretch", "5");
    assertThat(cautions()).containsText("what lies behind hardly shows");
    typeNumber("slit-stretch", "15");
    typeNumber("slit-inside", "230");
    assertThat(cautions()).containsText("does not reach under all slits");
    page.locator(".ant-radio-wrapper").filter(has("Web strips")).click();
    assertThat(facts()).containsText("two strips of 270 mm and two of 326 mm, 12 mm wide");
    typeNumber("strip-border", "13");
    assertThat(cautions()).containsText("Only 1 mm is left between web and print");
    typeNumber("strip-border", "10");
    assertThat(cautions()).containsText("it would lie on the print");
  }

  @Test
  @DisplayName("half shells along a neckline, left and right in turn, and what goes back")
  void shellsAlongANeckline() throws IOException {
    sums("Motifs", "Shells at the neck", COTTON, thing("shells", "APPLIQUE", 200, 60), 1, "");
    typeNumber("motif-depth", "60");
    choose("motif-part", "half");
    page.locator("#motif-alternate").click();
    assertThat(facts()).containsText("of “shell”, half, along the line");
    assertThat(facts()).containsText("go back to the shelf whole");
    typeNumber("motif-count", "99");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("fit on the line");
  }

  @Test
  @DisplayName("a lantern in stones of three sizes on a curtain's hem, brushed into stencils")
  void lanternInStones() throws IOException {
    sums(
        "Stones",
        "Lantern on the hem",
        "'label':'100% cotton','fabric':'VELVET','colour':'black','depth':'DARK','hue':'NEUTRAL',"
            + "'dye':'REACTIVE'",
        thing("lantern", "STONES", 80, 110),
        1,
        "");
    page.locator("input[type=file][accept*=svg]")
        .setInputFiles(
            new FilePayload(
                "lantern.svg", "image/svg+xml", LANTERN.getBytes(StandardCharsets.UTF_8)));
    assertThat(page.locator("fieldset legend")).hasCount(3);
    choose("stone-layer-0-size", "SS20");
    choose("stone-layer-1-size", "SS16");
    assertThat(facts()).containsText("3 stencils, one for each size");
    Locator kinds = page.locator(".work table.rows tbody tr");
    assertThat(kinds).hasCount(3);
    assertThat(kinds.first()).containsText("SS20");
    assertThat(kinds.last()).containsText("shows at once");
    page.locator("#stone-cloth").fill("#e8c33c");
    page.locator("#stone-cloth").dispatchEvent("change");
    assertThat(cautions()).containsText("they will hardly show");
    assertThat(file("^Stencil for SS20.* as DXF")).contains("CIRCLE", "HOLE");
    assertThat(file("Stones as a table")).contains("size,colour,laid,spare,needed");
    button("Use these on the ticket").click();
    assertThat(page.getByText("The ticket has other measures than this.")).not().isVisible();
    station("Garment").click();
    assertThat(page.locator("#stones")).not().hasValue("0");
  }
}
