package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.util.UUID;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What a plan stands on may be different by the time that it is pressed. */
class StaleFactsIT extends Journey {
  private final String press = UUID.randomUUID().toString();
  private final String ticket = UUID.randomUUID().toString();

  @Test
  @DisplayName(
      "the press is found to read 8 °C high while its ticket is at the press: nothing begins unasked")
  void measuredAnew() throws IOException {
    keep("/api/presses/" + press, press(0, false));
    keep("/api/tickets/" + ticket, Writers.form("Stale tee", 0, press));
    keep("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "");
    page.clock().install();
    page.navigate("/tickets/" + ticket + "/at-the-press");
    Locator key = page.locator(".run footer .big");
    assertThat(key).isEnabled();
    assertThat(page.getByText("something is different")).hasCount(0);

    keep("/api/presses/" + press, press(1, true));
    passTime(11);

    Locator choice = page.locator(".choice");
    assertThat(choice).containsText("Bench press was measured again since.");
    assertThat(choice).containsText(Pattern.compile("Set \\d+ °C now; it was \\d+ °C\\."));
    assertThat(key).isDisabled();
    page.keyboard().press("Space");
    Assertions.assertThat(reports()).doesNotContain("STEP_DONE");
    assertThat(page.getByText(Pattern.compile("step 1 of"))).isVisible();
    page.reload();
    assertThat(choice).isVisible();
    button("Go on as planned").click();
    assertThat(choice).hasCount(0);
    assertThat(key).isEnabled();
    page.keyboard().press("Space");
    assertThat(page.getByText(Pattern.compile("step 2 of"))).isVisible();
    Assertions.assertThat(reports()).contains("AS_PLANNED");

    page.navigate("/tickets/" + ticket + "/press");
    assertThat(work()).containsText("Bench press was measured again since.");
    assertThat(work().getByText("The ticket changed")).hasCount(0);
  }

  private String reports() throws IOException {
    String run =
        Shop.JSON
            .readTree(KETTLE.get("/api/tickets/" + ticket + "/runs").body())
            .at("/items/0/id")
            .asText();
    return KETTLE.get("/api/runs/" + run + "/events").body();
  }

  private static void keep(String path, String body) throws IOException {
    Assertions.assertThat(KETTLE.put(path, body).statusCode()).as(path).isEqualTo(200);
  }

  private static String press(int version, boolean readsHigh) throws IOException {
    ObjectNode form =
        (ObjectNode)
            Shop.JSON.readTree(
                """
                {"name": "Bench press", "kind": "PLATE_CLAM", "platenWidth": 400, "platenDepth": 500,
                 "newtons": null, "scale": null, "cladInPtfe": false, "tips": [], "lower": null}
                """);
    form.put("measured", readsHigh);
    form.put("readsHigh", readsHigh ? 8 : 0);
    form.put("version", version);
    return form.toString();
  }
}
