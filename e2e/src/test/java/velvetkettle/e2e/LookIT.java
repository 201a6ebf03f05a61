package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Takes the pictures in docs/screenshots from the demo shop; run by {@code ./kettle pictures}. */
class LookIT extends Journey {
  private static final Path FOLDER = Path.of("/var/tmp/look");

  void night() {
    page.emulateMedia(
        new Page.EmulateMediaOptions()
            .setColorScheme(com.microsoft.playwright.options.ColorScheme.DARK));
  }

  @Test
  void look() throws Exception {

    take("press", ticket("Rowing%20tops&station=CUT") + "/press");
    page.locator("svg.window").waitFor();
    page.locator(".chips button").first().waitFor();
    save("press-top");
    page.evaluate("() => document.querySelector(\".panel\").scrollIntoView()");
    page.locator(".chips button").nth(2).click();
    save("window");
    night();
    page.setViewportSize(1024, 768);
    page.evaluate("() => document.querySelector(\".panel\").scrollIntoView()");
    save("window-1024-night");
    page.emulateMedia(
        new Page.EmulateMediaOptions()
            .setColorScheme(com.microsoft.playwright.options.ColorScheme.LIGHT));
    page.setViewportSize(1280, 800);
    page.navigate(ticket("Training%20tops&station=METHOD") + "/method");
    page.locator(".its").first().waitFor();
    System.out.println("LOOK its " + page.locator(".its").count());
    page.locator(".its").first().click();
    page.locator(".ant-modal svg.window").waitFor();
    page.waitForTimeout(1500);
    save("window-empty");
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
    page.locator("#work").waitFor();
    assertThat(page.locator(".ant-skeleton")).hasCount(0);
    page.evaluate("() => document.fonts.ready");
    save(name);
  }

  private void save(String name) {
    page.screenshot(
        new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")).setFullPage(false));
  }
}
