package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Tracing;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A maker in front of the browser. Every journey has a context of its own; all share one shop. */
abstract class Journey {
  static final Kettle KETTLE = Kettle.withDemo();

  /** Milliseconds. Long, because a busy machine is slow; only what fails takes it. */
  private static final int PATIENCE = 60_000;

  static {
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
  }

  private static final Path KEPT = Path.of("target", "failures");

  protected BrowserContext context;
  protected Page page;

  /**
   * A trace keeps every state of the page, and slows every journey down: it is asked for ({@code
   * -Dkettle.trace=true}) once a journey has failed.
   */
  private static final boolean TRACED = Boolean.getBoolean("kettle.trace");

  /** Keeps a picture of what failed, the page itself, and the trace where one was asked for. */
  @RegisterExtension
  final AfterTestExecutionCallback keepFailure =
      test -> {
        String name = test.getRequiredTestClass().getSimpleName() + "-" + test.getDisplayName();
        String file = name.replaceAll("[^A-Za-z0-9-]+", "-");
        if (test.getExecutionException().isPresent()) {
          page.screenshot(new Page.ScreenshotOptions().setPath(KEPT.resolve(file + ".png")));
          Files.writeString(KEPT.resolve(file + ".html"), page.content());
          // Where the folder is lost, the output of the test still tells what the page said.
          System.out.println(
              "[ERROR] the page said: "
                  + page.locator("[role=alert], [role=status]").allInnerTexts());
          if (TRACED) {
            Path trace = KEPT.resolve(file + ".zip");
            context.tracing().stop(new Tracing.StopOptions().setPath(trace));
          }
        }
      };

  @BeforeEach
  void openBrowser() {
    context = Chromium.screen(KETTLE.address());
    if (TRACED) {
      context.tracing().start(new Tracing.StartOptions().setScreenshots(true).setSnapshots(true));
    }
    context.setDefaultTimeout(PATIENCE);
    page = context.newPage();
  }

  @AfterEach
  void closeBrowser() {
    context.close();
  }

  protected Locator heading(String text) {
    return page.getByRole(
        AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile(literal(text))));
  }

  protected Locator button(String text) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + literal(text))));
  }

  protected void type(String field, String text) {
    page.locator("#" + field).fill(text);
  }

  protected void typeNumber(String field, String text) {
    page.locator("#" + field).fill(text);
    page.locator("#" + field).press("Tab");
  }

  /** Chooses an entry of one of the choices, by typing what it is called. */
  protected void choose(String field, String entry) {
    Locator choice = page.locator("#" + field);
    choice.focus();
    choice.fill(entry);
    page.locator(".ant-select-dropdown:visible .ant-select-item-option")
        .filter(new Locator.FilterOptions().setHasText(entry))
        .first()
        .click();
  }

  /** A new ticket in the whole form, which stays open for whoever opened it once. */
  protected void newTicket() {
    page.navigate("/tickets/new");
    Locator whole = button("The whole form");
    whole.or(button("Only the sentence")).waitFor();
    if (whole.isVisible()) {
      whole.click();
    }
  }

  /** Begins a ticket with a garment. */
  protected void garment(String name, String label, String fabric) {
    newTicket();
    type("name", name);
    type("label", label);
    choose("fabric", fabric);
  }

  protected void toThePress() {
    assertThat(heading("Before the press")).isVisible();
    station("Press").click();
    assertThat(heading("The recipe")).isVisible();
  }

  protected void garment(String name, String kind, String label, String fabric) {
    garment(name, label, fabric);
    choose("kind", kind);
  }

  protected Locator work() {
    return page.locator("#work");
  }

  protected Locator options() {
    return page.locator("article.option");
  }

  protected Locator ruledOut(String medium) {
    return page.locator("dl.out > div").filter(has(medium)).first();
  }

  protected static Locator.FilterOptions has(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }

  protected void keepAndChoose(String title) {
    type("title", title);
    button("Save and choose the method").click();
    assertThat(heading("What to put on this cloth")).isVisible();
    assertThat(page.locator("article.option").first()).isVisible();
  }

  protected Locator station(String name) {
    return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stations"))
        .getByText(name, new Locator.GetByTextOptions().setExact(true));
  }

  /** Presses one piece step by step, letting the timers run out, until it is done. */
  protected void pressOnePiece(int steps) {
    for (int step = 1; step <= steps; step++) {
      assertThat(page.getByText(Pattern.compile("step " + step + " of " + steps))).isVisible();
      // Until the run is open the key does nothing, and the button says so.
      assertThat(page.locator(".run footer .big")).isEnabled();
      if (page.getByTestId("timer").isVisible()) {
        page.keyboard().press("Space");
        assertThat(button("Pause")).isVisible();
        untilTheTimeIsUp();
      }
      page.keyboard().press("Space");
    }
    assertThat(page.getByText(Pattern.compile("(This piece is|All pieces are) done"))).isVisible();
  }

  /**
   * At the press, whatever other journeys left: from this screen, and as planned where something is
   * different since.
   */
  protected void goToThePress(String address) {
    page.waitForResponse(
        response -> response.url().endsWith("/since"), () -> page.navigate(address));
    page.locator(".run footer .big:not([disabled])")
        .or(button("Go on here"))
        .or(button("Go on as planned"))
        .first()
        .waitFor();
    for (String key : new String[] {"Go on here", "Go on as planned"}) {
      if (button(key).isVisible()) {
        button(key).click();
        assertThat(button(key)).hasCount(0);
      }
    }
    assertThat(page.locator(".run footer .big")).isEnabled();
  }

  /** Lets what the timer shows pass. */
  protected void untilTheTimeIsUp() {
    passTime(secondsLeft(page) + 1);
    assertThat(page.getByText(Pattern.compile("Time\\. "))).isVisible();
  }

  /** Time passes in the shop and on this screen. */
  protected void passTime(int seconds) {
    KETTLE.forward(seconds);
    page.clock().fastForward(1_000L * seconds);
  }

  /** What the timer of a screen shows, s. */
  protected static int secondsLeft(Page screen) {
    String shown = screen.getByTestId("timer").innerText();
    Matcher time = Pattern.compile("(?:(\\d+):)?(\\d+)").matcher(shown);
    if (!time.find()) {
      throw new IllegalStateException("the timer shows " + shown);
    }
    int minutes = time.group(1) == null ? 0 : Integer.parseInt(time.group(1));
    return 60 * minutes + Integer.parseInt(time.group(2));
  }

  protected int stepsAtThePress() {
    Locator where = page.getByText(Pattern.compile("step 1 of \\d+"));
    assertThat(where).isVisible();
    // Until the run is open the key does nothing, and the button says so.
    assertThat(page.locator(".run footer .big")).isEnabled();
    return Integer.parseInt(where.textContent().replaceAll("(?s).*step 1 of (\\d+).*", "$1"));
  }

  /** The browser's expressions know no quoting, so each sign is escaped. */
  private static String literal(String text) {
    return text.replaceAll("[.?*+^$()\\[\\]{}|\\\\]", "\\\\$0");
  }
}
