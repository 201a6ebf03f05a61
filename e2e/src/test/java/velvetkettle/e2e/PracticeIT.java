package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** A newcomer at the simulated press. */
class PracticeIT extends Journey {
  /** One press of many, so that the journey does not depend on luck. */
  private void withPress(int seed) {
    page.navigate("/presses");
    page.evaluate(
        "seed => localStorage.setItem('practice', JSON.stringify({ seed, kind: 'PLATE_SWING',"
            + " dial: null, moves: [], watched: 0, stood: 0 }))",
        seed);
    button("Practise on a simulated press").click();
    assertThat(heading("Practice")).isVisible();
  }

  private Locator came() {
    return page.locator("aside .came");
  }

  private void pressAndWatch() {
    button("Close the press").click();
    button("To the end").click();
    assertThat(came()).isVisible();
  }

  private String read(Locator text, String pattern) {
    Matcher found = Pattern.compile(pattern).matcher(text.textContent().replaceAll("\\s+", " "));
    if (!found.find()) {
      throw new AssertionError(pattern + " is not in " + text.textContent());
    }
    return found.group(1);
  }

  @Test
  @DisplayName(
      "closed while cold it comes off and says why; strips show what the display is off by; set right"
          + " for this press, as the planner would, it comes out well")
  void learns() {
    withPress(7);
    assertThat(button("Close the press")).isDisabled();
    button("Switch it on").click();
    assertThat(page.locator(".says")).hasText("warming up");
    pressAndWatch();
    assertThat(came()).containsText("comes off");
    assertThat(came()).containsText("below its setting");
    assertThat(came().locator("figure li.no").first()).isVisible();

    page.reload();
    assertThat(came()).containsText("comes off");
    assertThat(button("Set it")).isDisabled();
    button("Wait until it is ready").click();
    assertThat(page.locator(".says")).hasText("ready");
    button("Lay nine strips").click();
    assertThat(page.locator(".strips li")).hasCount(9);

    button("What is this press like?").click();
    Locator truth = page.locator(".truth li").first();
    int off = Integer.parseInt(read(truth, "by (\\d+)"));
    off = truth.textContent().contains("more") ? off : -off;
    button("Show the recommended setting").click();
    Locator planned = page.locator(".planned");
    int dial = Integer.parseInt(read(planned, "(\\d+) °C")) + off;
    typeNumber("practice-dial", String.valueOf(dial));
    button("Set it").click();
    typeNumber("practice-drying", read(planned, "pre-press (\\d+) s"));
    typeNumber("practice-time", read(planned, "°C ?(\\d+) s"));
    typeNumber("practice-peel", read(planned, "peel after (\\d+) s"));
    button("Wait until it is ready").click();
    pressAndWatch();
    assertThat(came()).containsText("It came out well");
    assertThat(came().locator("figure li.safe")).hasCount(27);
  }

  @Test
  @DisplayName(
      "a thing of the shop's own ticket is practised on; what cannot be set is said at once")
  void ownTicket() throws IOException {
    page.navigate("/tickets/" + Shop.ticket(KETTLE, "Rowing tops, boat sponsor") + "/press");
    button("Practise it first").click();
    assertThat(heading("Practice")).isVisible();
    assertThat(page.locator("#work")).containsText("The thing of your own ticket");
    typeNumber("practice-dial", "900");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("230");
    assertThat(button("Switch it on")).isDisabled();
    typeNumber("practice-dial", "150");
    button("Switch it on").click();
    typeNumber("practice-time", "0");
    assertThat(button("Close the press")).isDisabled();
    typeNumber("practice-time", "4");
    pressAndWatch();
    assertThat(came()).containsText("What went wrong");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the ticket"))
        .click();
    assertThat(page.locator("svg.window")).isVisible();
  }

  @Test
  @DisplayName("from a ticket that is not there one practises on the pieces, and is told why")
  void noSuchTicket() {
    page.navigate("/practice?ticket=3c0c8f5e-0000-4000-8000-000000000000&thing=zz");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Here are the practice pieces.");
    assertThat(page.locator("#work")).containsText("Cotton tee of the rowing club");
    button("Switch it on").click();
    pressAndWatch();
  }
}
