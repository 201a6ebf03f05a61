package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The most forgiving setting: the window, what if, and a press that is measured. */
class PressIT extends Journey {
  /** A ticket whose medium is taken, at its Press station. */
  private void atPress(String name, String label, String fabric, String colour, String medium) {
    begin(name, label, fabric, colour);
    keepAndChoose(name);
    take(medium);
    station("Press").click();
    assertThat(map()).isVisible();
  }

  private void begin(String name, String label, String fabric, String colour) {
    garment(name, label, fabric);
    if (!colour.isEmpty()) {
      type("colour", colour);
      choose("depth", "dark");
    }
    type("description", "lettering");
  }

  private void take(String medium) {
    page.locator("article.option", new Page.LocatorOptions().setHasText(medium))
        .first()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Take")))
        .click();
    assertThat(station("Press")).isVisible();
  }

  private Locator map() {
    return page.locator("svg.window");
  }

  private Locator point() {
    return map().getByRole(AriaRole.SLIDER);
  }

  private String setting() {
    return page.locator(".recipe dd").first().textContent().strip();
  }

  @Test
  @DisplayName(
      "the point is dragged: Stack, story and margins follow at once, without asking the server;"
          + " let go, the whole is computed; kept, it is the recipe")
  void dragged() {
    context.addInitScript(
        "window.long = []; new PerformanceObserver((seen) => seen.getEntries()"
            + ".forEach(({ duration }) => window.long.push(Math.round(duration))))"
            + ".observe({ type: 'longtask', buffered: true })");
    atPress("crew tee", "100% cotton", "jersey", "", "Everyday film");
    assertThat(page.locator(".chips button").first()).isVisible();
    Locator aside = page.locator("aside");
    String glueLine = aside.locator("figcaption").textContent();
    map().scrollIntoViewIfNeeded();
    BoundingBox box = point().locator("circle").boundingBox();
    List<String> asked = new ArrayList<>();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.evaluate("() => (window.long = [])");
    page.onRequest(request -> asked.add(request.url()));
    page.mouse().move(x - 160, y + 50, new Mouse.MoveOptions().setSteps(30));
    assertThat(point()).hasAttribute("aria-valuetext", Pattern.compile("Hold (tight|no)"));
    assertThat(page.locator(".margins .word").first()).hasText(Pattern.compile("tight|no"));
    assertThat(aside.locator("figcaption")).not().hasText(glueLine);
    Assertions.assertThat(asked).isEmpty();
    System.out.println("Long tasks while dragging, ms: " + page.evaluate("() => window.long"));
    page.mouse().up();
    assertThat(page.locator(".margins .reason").first()).containsText("glue");
    button("Back to the plan").click();
    assertThat(aside.locator("figcaption")).hasText(glueLine);

    point().focus();
    for (int i = 0; i < 3; i++) {
      page.keyboard().press("ArrowRight");
    }
    page.keyboard().press("ArrowUp");
    String wanted = page.locator(".point text").textContent().strip();
    button("Save this setting").click();
    assertThat(button("Use the recommended setting")).isVisible();
    Assertions.assertThat(wanted).startsWith(setting());
    page.locator("dd button.value").first().click();
    assertThat(page.locator(".why").first()).containsText("You settled it");
    page.reload();
    assertThat(button("Use the recommended setting")).isVisible();
    button("Use the recommended setting").click();
    assertThat(button("Use the recommended setting")).hasCount(0);
  }

  @Test
  @DisplayName("what if: each says its difference; a cover that is kept lies in the next Stack")
  void whatIf() {
    atPress("band tee", "100% cotton", "jersey", "", "Everyday film");
    Locator cotton = page.locator(".chips button").filter(has("one layer of cotton"));
    assertThat(cotton).containsText(Pattern.compile("\\+\\d+ s|Hold|comes off"));
    cotton.click();
    Locator told = page.locator(".told");
    assertThat(told).containsText("what the bond needs");
    assertThat(told).containsText("glue line stays");
    Locator keep = told.getByRole(AriaRole.BUTTON);
    keep.click();
    assertThat(page.locator("aside svg[role=img]").first())
        .hasAttribute("aria-label", Pattern.compile("cotton"));
    assertThat(page.locator(".recipe")).containsText("one layer of cotton");
  }

  @Test
  @DisplayName("white film on a dark polyester shirt: its window is empty, and the blocker does it")
  void emptyWindow() {
    begin("rowing shirt", "100% polyester", "interlock", "navy");
    choose("dye", "disperse");
    keepAndChoose("Empty window");
    page.locator(".its").first().click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog.locator("svg.window")).isVisible();
    assertThat(dialog.locator(".empty"))
        .containsText("No setting of its window will do: the dye tints the print");
    assertThat(dialog.getByRole(AriaRole.SLIDER))
        .hasAttribute("aria-valuetext", Pattern.compile("Bleed no"));
    dialog.locator(".empty").getByRole(AriaRole.BUTTON).first().click();
    station("Press").click();
    assertThat(map()).isVisible();
    assertThat(page.locator(".empty")).hasCount(0);
    assertThat(point()).hasAttribute("aria-valuetext", Pattern.compile("Bleed (safe|tight)"));
  }

  @Test
  @DisplayName("coated shell cloth: a short press onto warm cloth, and its window says why")
  void shell() {
    begin("deck jacket", "100% polyamide", "shell", "navy");
    keepAndChoose("Deck jackets");
    take("Film for nylon");
    station("Press").click();
    assertThat(map()).isVisible();
    Assertions.assertThat(
            Double.parseDouble(
                point().getAttribute("aria-valuetext").replaceAll(".*, (\\d+) s.*", "$1")))
        .isLessThanOrEqualTo(12);
    assertThat(page.locator(".chips button").filter(has("cooled cloth"))).isVisible();
    assertThat(point()).hasAttribute("aria-valuetext", Pattern.compile("Mark (safe|tight)"));
  }

  @Test
  @DisplayName("white film on a white polyester steward shirt: nothing bleeds, its edge marks")
  void stewardShirt() {
    begin("steward shirt", "100% polyester", "shirting", "");
    keepAndChoose("Steward shirts");
    take("Low-heat film");
    station("Press").click();
    assertThat(map()).isVisible();
    assertThat(point())
        .hasAttribute("aria-valuetext", Pattern.compile("Mark (safe|tight), Bleed safe"));
    assertThat(page.locator(".room").first())
        .containsText(Pattern.compile("ooler.*it may come off"));
  }

  @Test
  @DisplayName("a dark print on a dark blazer lining: a second press clears its glue edge")
  void blazerLining() {
    begin("blazer lining", "100% viscose", "shirting", "maroon");
    choose("art", "Logo or drawing");
    choose("lightest", "Dark");
    keepAndChoose("Blazer linings");
    take("Digital transfer");
    station("Press").click();
    assertThat(map()).isVisible();
    Locator second = page.locator(".presses tr").filter(has("second press"));
    assertThat(second).containsText(Pattern.compile("PTFE|parchment|cotton"));
    assertThat(point()).hasAttribute("aria-valuetext", Pattern.compile("Hold (safe|tight), Mark"));
    assertThat(page.locator("aside svg").nth(1)).isVisible();
  }

  @Test
  @DisplayName("a web on a sublimated flag: it fuses, and the print keeps its colour")
  void webOnFlag() {
    begin("harbour flag", "100% polyester", "shirting", "navy");
    choose("dye", "sublimation print");
    choose("art", "Pieces of other cloth");
    keepAndChoose("Harbour flags");
    take("Strong web");
    station("Press").click();
    assertThat(map()).isVisible();
    assertThat(point()).hasAttribute("aria-valuetext", Pattern.compile("Hold (safe|tight)"));
    Locator doses = page.locator("aside .doses");
    assertThat(doses).containsText("begins to fade it");
    assertThat(page.locator(".margins")).not().containsText("may fade or ghost");
  }

  @Test
  @DisplayName("a press is measured by strips and a probe, and the next recipe is set by it")
  void measured() {
    page.navigate("/presses");
    Locator row = page.locator("tr").filter(has("Big press"));
    row.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Measure Big press"))
        .click();
    typeNumber("strip-dial-0", "150");
    typeNumber("strip-read-0", "143");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog.locator(".measured")).containsText("reads 6 °C high");
    page.locator("#probe-file")
        .setInputFiles(
            new FilePayload("hello.csv", "text/csv", "hello\n".getBytes(StandardCharsets.UTF_8)));
    assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("no probe gets warm");
    page.locator("#probe-file")
        .setInputFiles(
            new FilePayload("trace.csv", "text/csv", trace().getBytes(StandardCharsets.UTF_8)));
    typeNumber("probe-dial", "150");
    assertThat(dialog.locator(".measured")).containsText("touches");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Use it from now on"))
        .click();
    assertThat(dialog).not().isVisible();
    assertThat(row).containsText("measured");
    assertThat(row).containsText("today");
  }

  private static String trace() {
    StringBuilder table = new StringBuilder("s,°C\n");
    for (int n = 0; n < 60; n++) {
      double celsius = n < 4 ? 22 : 140 - 118 * Math.exp(-(n - 3) / 5.0);
      table.append(String.format(Locale.ROOT, "%.1f,%.2f%n", n * 0.5, celsius));
    }
    return table.toString();
  }
}
