package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** One run at the press, on any screen. */
class SeveralScreensIT extends Journey {
  private BrowserContext second;
  private Page other;

  @BeforeEach
  void anotherScreen() {
    second = Chromium.screen(KETTLE.address());
    other = second.newPage();
  }

  @AfterEach
  void closeIt() {
    second.close();
  }

  @Test
  @DisplayName(
      "a second screen follows a run, takes it over in the middle of a press, and the first says so")
  void takenOver() throws IOException {
    String address = atAWait("Purser caps");
    other.navigate(address);
    Locator taking =
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Go on here"));
    assertThat(taking).isVisible();
    assertThat(other.locator(".run footer .big")).isDisabled();
    Assertions.assertThat(Math.abs(secondsLeft(other) - secondsLeft(page))).isLessThanOrEqualTo(1);
    assertThat(page.getByText("done on another screen")).hasCount(0);
    taking.click();
    assertThat(page.getByText("done on another screen")).isVisible();
    assertThat(page.locator(".run footer .big")).isDisabled();
    assertThat(other.locator(".run footer .big")).isEnabled();
    other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("+5 s")).click();
    other
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Pause")))
        .click();
    assertThat(page.getByTestId("timer")).containsText("paused");
    Assertions.assertThat(secondsLeft(page)).isEqualTo(secondsLeft(other));
    button("Go on here").click();
    assertThat(other.getByText("done on another screen")).isVisible();
    button("Go on").click();
    assertThat(other.getByTestId("timer")).containsText("left");
  }

  @Test
  @DisplayName("another browser goes on where the run stands, and the first is not needed any more")
  void anyBrowser() throws IOException {
    String address = atAWait("Regatta pennants");
    String step =
        page.locator(".run header").innerText().replaceAll("(?s).*(step \\d+ of \\d+).*", "$1");
    context.close();
    other.navigate(address);
    assertThat(other.getByText(step)).isVisible();
    assertThat(other.getByTestId("timer")).containsText("left");
    openBrowser();
  }

  @Test
  @DisplayName("a wait is right after a sleep, and after the clock of the device was set")
  void sleptAndSet() throws IOException {
    atAWait("Pocket crests");
    int before = secondsLeft(page);
    page.clock().setSystemTime(Instant.now().plus(Duration.ofHours(3)).toEpochMilli());
    assertThat(page.getByTestId("timer"))
        .containsText("left", new LocatorAssertions.ContainsTextOptions().setTimeout(20_000));
    Assertions.assertThat(secondsLeft(page)).isBetween(before - 20, before);
    passTime(600);
    assertThat(page.getByText(Pattern.compile("Time\\. "))).isVisible();
  }

  /** Goes to the first time of a ticket and lets it begin. */
  private String atAWait(String ticket) throws IOException {
    page.clock().install();
    String address =
        "/tickets/"
            + Shop.JSON
                .readTree(
                    KETTLE.get("/api/tickets?size=1&search=" + ticket.replace(" ", "%20")).body())
                .at("/items/0/id")
                .asText()
            + "/at-the-press";
    goToThePress(address);
    for (int step = stepNow(); !page.getByTestId("timer").isVisible(); step++) {
      page.keyboard().press("Space");
      assertThat(page.getByText(Pattern.compile("step " + (step + 1) + " of"))).isVisible();
    }
    page.keyboard().press("Space");
    assertThat(button("Pause")).isVisible();
    return address;
  }

  private int stepNow() {
    String header = page.locator(".run header").innerText();
    return Integer.parseInt(header.replaceAll("(?s).*step (\\d+) of.*", "$1"));
  }
}
