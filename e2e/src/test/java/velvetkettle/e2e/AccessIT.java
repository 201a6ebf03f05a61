package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Everybody can use it: no serious finding in any view, and everything by keyboard. */
class AccessIT extends Journey {
  /** More than fit one sheet in letters that can be read beside a press. */
  private static final int MANY_STEPS = 20;

  /**
   * The control library's select marks its search field as a combobox that owns a list which is
   * only there while open, and its options' list carries no name. Nothing of ours can mend that.
   */
  private static final List<String> LIBRARY_NODES = List.of(".ant-select-selection-search-input");

  private static final Set<String> SERIOUS = Set.of("serious", "critical");

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/",
        "/tickets",
        "/tickets/new",
        "/cloths",
        "/shelf",
        "/presses",
        "/how-sure",
        "/how-we-work",
        "/terms",
        "/no/such/place"
      })
  @DisplayName("by day and by night, at a desk's and at a tablet's size, and at twice the size")
  void places(String path) {
    page.navigate(path);
    page.locator("#work").waitFor();
    settle();
    expectNoSeriousFindingAnyhow();
    expectNothingCutOff();
  }

  @ParameterizedTest
  @ValueSource(strings = {"garment", "method", "cut", "press", "check", "card", "at-the-press"})
  void stationsOfATicket(String view) throws IOException {
    page.navigate("/tickets/" + firstTicketAt("PRESS") + "/" + view);
    page.locator("#work").waitFor();
    settle();
    expectNoSeriousFindingAnyhow();
    if (!view.equals("card")) {
      expectNothingCutOff();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"garment", "method", "press", "check"})
  @DisplayName("under a finger every control is large enough, on a tablet held upright")
  void underAFinger(String view) throws IOException {
    BrowserContext tablet =
        Chromium.browser()
            .newContext(
                new Browser.NewContextOptions()
                    .setBaseURL(KETTLE.address())
                    .setViewportSize(820, 1180)
                    .setHasTouch(true)
                    .setIsMobile(true)
                    .setReducedMotion(ReducedMotion.REDUCE));
    Page touched = tablet.newPage();
    touched.navigate("/tickets/" + firstTicketAt("PRESS") + "/" + view);
    touched.locator("#work h2").first().waitFor();
    assertThat(touched.locator(".ant-skeleton")).hasCount(0);
    Object small =
        touched.evaluate(
            """
            () => [...document.querySelectorAll('button, a[href], input:not([type=range]), summary')]
              .filter((one) => one.checkVisibility() && !one.closest('.visually-hidden, .skip, p, li, dt, dd'))
              .map((one) => [one, (one.closest('.ant-input-number, .ant-select-selector, .ant-picker, .switch, label') ?? one)
                .getBoundingClientRect()])
              .filter(([, at]) => at.width > 1 && at.height < 43.5)
              .map(([one, at]) => Math.round(at.height) + ' px: ' + one.outerHTML.slice(0, 120))
            """);
    assertThat((List<?>) small).isEmpty();
    tablet.close();
  }

  @Test
  @DisplayName("the check for what is cut off finds what is too wide")
  void theCheckFindsWhatIsTooWide() {
    page.navigate("/no/such/place");
    page.locator("#work").waitFor();
    page.evaluate(
        "() => document.querySelector('#work').insertAdjacentHTML('beforeend',"
            + " '<div style=\"width:900px\">wide</div>')");
    assertThat(wider(640)).isPositive();
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  @DisplayName("art with what fails in it, and its mats, by day and by night")
  void artAndMats(boolean night) throws IOException {
    if (night) {
      page.setViewportSize(1024, 768);
      context.addInitScript("localStorage.setItem('kettle.theme', 'night')");
    }
    page.navigate("/tickets/" + Shop.ticket(KETTLE, "Half-zips, stage left") + "/cut");
    page.locator("svg.art").waitFor();
    settle();
    expectNoSeriousFinding();
    page.getByText("Lay it out", new Page.GetByTextOptions().setExact(true)).first().click();
    button("Lay it out").click();
    assertThat(button("Lay it out again")).isEnabled();
    page.locator("svg.mat").first().waitFor();
    settle();
    // A button that was just enabled fades in.
    page.waitForFunction(
        "() => document.getAnimations().every(({ playState }) => playState !== 'running')");
    expectNoSeriousFinding();
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  @DisplayName("the window with a what-if opened, an empty one, and a press that is measured")
  void windows(boolean night) throws IOException {
    if (night) {
      page.setViewportSize(1024, 768);
      context.addInitScript("localStorage.setItem('kettle.theme', 'night')");
    }
    page.navigate("/tickets/" + Shop.ticket(KETTLE, "Rowing tops, boat sponsor") + "/press");
    page.locator("svg.window").waitFor();
    page.locator(".chips button").first().click();
    page.locator(".told").waitFor();
    page.locator(".point").press("ArrowRight");
    assertThat(button("Save this setting")).isVisible();
    settle();
    expectNoSeriousFinding();
    page.navigate("/presses");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Measure (Big|Small) press")))
        .first()
        .click();
    typeNumber("strip-dial-0", "150");
    typeNumber("strip-read-0", "144");
    page.locator(".measured").waitFor();
    settle();
    page.waitForFunction(
        "() => document.getAnimations().every(({ playState }) => playState !== 'running')");
    expectNoSeriousFinding();
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  @DisplayName("practice: what came of a piece, strips, and what the planner would set")
  void practice(boolean night) {
    if (night) {
      page.setViewportSize(1024, 768);
      context.addInitScript("localStorage.setItem('kettle.theme', 'night')");
    }
    page.navigate("/practice");
    button("Switch it on").click();
    button("Lay nine strips").click();
    button("Close the press").click();
    button("To the end").click();
    button("Show the recommended setting").click();
    page.locator(".planned").waitFor();
    settle();
    expectNoSeriousFinding();
  }

  @Test
  @DisplayName("two media side by side, and a material's sheet")
  void sideBySideAndSheet() throws IOException {
    page.navigate("/tickets/" + Shop.ticket(KETTLE, "Cox caps, anchor") + "/method");
    button("Put two side by side").click();
    page.locator(".compare").waitFor();
    expectNoSeriousFinding();
    page.navigate("/shelf");
    button("New material").click();
    page.locator("#blade").waitFor();
    expectNoSeriousFinding();
  }

  @Test
  void whileChoosingAMethod() throws IOException {
    page.navigate("/tickets/" + firstTicketAt("METHOD") + "/method");
    page.locator("dl.out, article.option").first().waitFor();
    page.locator("button.value").first().click();
    expectNoSeriousFinding();
  }

  @Test
  void loggingAndKeys() throws IOException {
    page.navigate("/tickets/" + firstTicketAt("CHECK") + "/check");
    button("Log it").first().click();
    heading("How did it come out?").waitFor();
    expectNoSeriousFinding();
    page.keyboard().press("Tab");
    page.locator("body").click();
    page.keyboard().press("?");
    page.getByRole(AriaRole.DIALOG).waitFor();
    expectNoSeriousFinding();
  }

  @Test
  @DisplayName("the heat story with every face of every layer read out")
  void everyFace() throws IOException {
    page.navigate("/tickets/" + firstTicketAt("PRESS") + "/press");
    page.getByRole(AriaRole.SWITCH).click();
    page.locator("table.faces").waitFor();
    expectNoSeriousFinding();
  }

  @Test
  @DisplayName("on a narrow window the Stack is a drawer that takes and gives back the focus")
  void narrow() throws IOException {
    page.setViewportSize(820, 1100);
    page.navigate("/tickets/" + firstTicketAt("PRESS") + "/press");
    button("Show the Stack").click();
    page.getByRole(AriaRole.DIALOG).first().waitFor();
    expectNoSeriousFinding();
    page.keyboard().press("Escape");
    assertThat(button("Show the Stack")).isFocused();
  }

  @Test
  @DisplayName("1 to 5 go to the stations, U changes units, / searches; not while typing")
  void keys() throws IOException {
    page.navigate("/tickets/" + firstTicketAt("PRESS") + "/garment");
    page.locator("#name").waitFor();
    page.locator("#name").focus();
    page.keyboard().press("4");
    assertThat(page).hasURL(Pattern.compile(".*/garment$"));
    page.locator("h1").click();
    page.keyboard().press("4");
    assertThat(heading("The recipe")).isVisible();
    assertThat(page.locator("#work")).containsText("°C");
    page.keyboard().press("u");
    assertThat(page.locator("#work")).containsText("°F");
    page.keyboard().press("u");
    page.keyboard().press("5");
    assertThat(heading("How it came out")).isVisible();
    page.keyboard().press("/");
    page.keyboard().type("pennants");
    page.keyboard().press("Enter");
    assertThat(page.locator("#work")).containsText("Regatta pennants");
  }

  @Test
  @DisplayName(
      "the press card of every ticket prints on one sheet, on two where there is much to do")
  void theCardIsOneSheet() throws IOException {
    for (String station : List.of("CUT", "PRESS", "CHECK", "DONE")) {
      for (String ticket : Shop.tickets(KETTLE, station)) {
        page.navigate("/tickets/" + ticket + "/card");
        page.locator("#work h2").first().waitFor();
        settle();
        byte[] sheet = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
        String text = new String(sheet, StandardCharsets.ISO_8859_1);
        boolean several = page.locator("header strong").count() > 1;
        long most = several || page.locator(".steps li").count() > MANY_STEPS ? 2 : 1;
        assertThat(Pattern.compile("/Type\\s*/Page\\b").matcher(text).results().count())
            .as(page.locator("h1").textContent())
            .isBetween(1L, most);
      }
    }
  }

  @Test
  @DisplayName("the scan finds a picture that nobody described and words that nobody can read")
  void theScanFindsWhatIsSpoilt() {
    page.navigate("/no/such/place");
    page.locator("#work").waitFor();
    page.evaluate(
        """
        () => document.querySelector('#work').insertAdjacentHTML('beforeend',
          '<img src="data:,"><p style="color:#ddd;background:#fff">faint</p>')
        """);
    assertThat(seriousFindings())
        .anyMatch(found -> found.startsWith("image-alt"))
        .anyMatch(found -> found.startsWith("color-contrast"));
  }

  private void settle() {
    assertThat(page.locator(".ant-skeleton")).hasCount(0);
  }

  /** In both themes, and as wide as a desk's and a tablet's screen. */
  private void expectNoSeriousFindingAnyhow() {
    for (String theme : new String[] {"day", "night"}) {
      page.evaluate(
          """
          theme => {
            localStorage.setItem('kettle.theme', theme)
            dispatchEvent(new StorageEvent('storage',
              { key: 'kettle.theme', newValue: theme, storageArea: localStorage }))
          }
          """,
          theme);
      assertThat(page.locator("html")).hasAttribute("data-theme", theme);
      for (int width : new int[] {1280, 1024}) {
        page.setViewportSize(width, 800);
        expectNoSeriousFinding();
      }
    }
  }

  /**
   * WCAG 2.2, 1.4.4: at 200 % on a desk's screen, and on a tablet held upright, nothing hangs out
   * at the side.
   */
  private void expectNothingCutOff() {
    for (int width : new int[] {820, 640}) {
      assertThat(wider(width)).as("px too wide at %d", width).isLessThanOrEqualTo(1);
    }
    page.setViewportSize(1280, 800);
  }

  private int wider(int width) {
    page.setViewportSize(width, 800);
    return ((Number)
            page.evaluate(
                "() => document.documentElement.scrollWidth - document.documentElement.clientWidth"))
        .intValue();
  }

  private void expectNoSeriousFinding() {
    assertThat(seriousFindings()).isEmpty();
  }

  private Set<String> seriousFindings() {
    // What passes is not asked for: to list it takes as long as to look.
    AxeRunOptions only = new AxeRunOptions();
    only.setResultTypes(List.of("violations"));
    // The pages hold no frames: without what the scanner does for frames it takes a third of the
    // time.
    AxeBuilder axe = new AxeBuilder(page).options(only).setLegacyMode(true);
    LIBRARY_NODES.forEach(node -> axe.exclude(node));
    Set<String> found = new TreeSet<>();
    for (Rule rule : axe.analyze().getViolations()) {
      if (SERIOUS.contains(rule.getImpact())) {
        rule.getNodes()
            .forEach(
                node -> found.add(rule.getId() + ": " + node.getTarget() + " " + node.getHtml()));
      }
    }
    return found;
  }

  private static String firstTicketAt(String station) throws IOException {
    return Shop.tickets(KETTLE, station).get(0);
  }
}
