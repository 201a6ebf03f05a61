package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Takes the pictures in docs/screenshots from the demo shop; run by {@code ./kettle pictures}. */
class Pictures extends Journey {
  private static final Path FOLDER =
      Path.of(System.getProperty("kettle.root"), "docs", "screenshots");

  @Test
  void places() {
    take("today", "/");
    take("tickets", "/tickets");
    take("cloth-memory", "/cloths");
    take("shelf", "/shelf");
    take("presses", "/presses");
    take("how-sure", "/how-sure");
    take("how-we-work", "/how-we-work");
  }

  @Test
  void severalThings() throws IOException {
    take("together", ticket("Crew%20tees,%20one%20word") + "/method");
  }

  @Test
  void oneSentence() {
    page.navigate("/tickets/new");
    type(
        "sentence",
        "20 navy hoddies 80/20 cotton poly, white crew name 250 mm on the back, for Friday 4 pm");
    page.locator(".places .platen").first().waitFor();
    page.locator(".foot [role=status]").waitFor();
    page.evaluate("() => document.fonts.ready");
    save("intake");
  }

  @Test
  void ticketBeforeItsMethod() throws IOException {
    page.navigate(ticket("Half-zips&station=CUT") + "/garment");
    page.locator(".places .platen").first().waitFor();
    page.evaluate("() => document.fonts.ready");
    save("garment");
    take("method", ticket("Training%20tops&station=METHOD") + "/method");
  }

  @Test
  void ticketOnItsWay() throws IOException {
    take("cut", ticket("Crew%20tees,%20one%20word&station=CUT") + "/cut");
    page.locator("svg.art").waitFor();
    page.evaluate("() => document.querySelector('.tabs').scrollIntoView()");
    save("cut");
    mats();
    window();
    take("check", ticket("First%20eight") + "/check");
    take("card", ticket("Pocket%20crests") + "/card");
    page.pdf(
        new Page.PdfOptions().setPath(Path.of("target", "card.pdf")).setPreferCSSPageSize(true));
  }

  /** From what to set down to what would give more room, on one picture: taller than a window. */
  private void window() throws IOException {
    page.navigate(ticket("Rowing%20tops&station=CUT") + "/press");
    page.locator(".what-ifs").waitFor();
    page.evaluate("() => document.fonts.ready");
    Locator more = page.locator(".chips.more button");
    if (more.count() > 0) {
      more.first().click();
      page.locator(".told").waitFor();
    }
    int end =
        ((Number)
                page.evaluate(
                    "() => { scrollTo(0, 0);"
                        + " return document.querySelector('.what-ifs').getBoundingClientRect().bottom + 16 }"))
            .intValue();
    page.setViewportSize(1280, end);
    save("press");
    page.setViewportSize(1280, 800);
  }

  /** The pieces of six caps in four colours, on what the shelf has of them. */
  private void mats() throws IOException {
    page.navigate(ticket("Cox%20caps") + "/method");
    page.locator("article.option", new Page.LocatorOptions().setHasText("Everyday film"))
        .first()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Take")))
        .click();
    choose("art-of-shop", "cap-badge");
    choose("material-1d3c6e", "Saltline navy ·");
    choose("material-f7f5ef", "Saltline white ·");
    choose("material-c8262b", "Saltline signal red ·");
    choose("material-e0b23a", "Saltline buoy yellow ·");
    page.getByText("Lay it out", new Page.GetByTextOptions().setExact(true)).first().click();
    button("Lay it out").click();
    page.locator("svg.mat").first().waitFor();
    page.evaluate("() => document.querySelector('.tabs').scrollIntoView()");
    save("mats");
    page.getByText("Sums", new Page.GetByTextOptions().setExact(true)).click();
    page.locator(".ant-radio-wrapper").filter(has("Stones")).click();
    choose("stone-layer-0-size", "SS10");
    choose("stone-layer-1-size", "SS6");
    page.locator(".work table.rows").filter(has("SS6")).waitFor();
    page.evaluate("() => document.querySelector('.tabs').scrollIntoView()");
    save("sums");
  }

  @Test
  void practice() {
    page.navigate("/presses");
    page.evaluate(
        "() => localStorage.setItem('practice', JSON.stringify({ seed: 4, kind: 'PLATE_SWING',"
            + " dial: null, moves: [], watched: 0, stood: 0 }))");
    page.navigate("/practice");
    button("Switch it on").click();
    button("Wait until it is ready").click();
    typeNumber("practice-drying", "5");
    typeNumber("practice-time", "7");
    typeNumber("practice-peel", "25");
    button("Close the press").click();
    button("To the end").click();
    page.locator(".came").waitFor();
    page.evaluate("() => document.fonts.ready");
    page.evaluate("() => window.scrollTo(0, 0)");
    save("practice");
  }

  @Test
  void atThePress() throws IOException {
    page.clock().install();
    page.navigate(ticket("Wave%20panels") + "/at-the-press");
    stepsAtThePress();
    for (int step = 1; !page.locator(".kind").textContent().equals("Press"); step++) {
      assertThat(page.getByText(Pattern.compile("step " + step + " of"))).isVisible();
      if (page.getByTestId("timer").isVisible()) {
        page.keyboard().press("Space");
        assertThat(page.getByText("Pause")).isVisible();
        untilTheTimeIsUp();
      }
      page.keyboard().press("Space");
      assertThat(page.getByText(Pattern.compile("step " + (step + 1) + " of"))).isVisible();
    }
    page.keyboard().press("Space");
    passTime(9);
    assertThat(page.locator(".unsent")).hasCount(0);
    save("at-the-press");
  }

  private String ticket(String search) throws IOException {
    return "/tickets/"
        + Shop.JSON
            .readTree(KETTLE.get("/api/tickets?size=1&search=" + search).body())
            .at("/items/0/id")
            .asText();
  }

  private void take(String name, String address) {
    page.navigate(address);
    page.locator("#work h1, #work h2").first().waitFor();
    assertThat(page.locator(".ant-skeleton")).hasCount(0);
    page.evaluate("() => document.fonts.ready");
    save(name);
  }

  private void save(String name) {
    page.screenshot(
        new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")).setFullPage(false));
  }
}
