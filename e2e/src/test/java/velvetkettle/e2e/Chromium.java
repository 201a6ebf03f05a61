package velvetkettle.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.List;

/**
 * One driver and one headless browser for all journeys of this JVM: Debian's shell without windows,
 * which does not draw a tab strip that nobody sees.
 */
final class Chromium {
  private static final Path PROGRAM = Path.of("/usr/bin/chromium-headless-shell");

  private static Browser browser;

  private Chromium() {}

  static synchronized Browser browser() {
    if (browser == null) {
      Playwright playwright = Playwright.create();
      browser =
          playwright
              .chromium()
              .launch(
                  new BrowserType.LaunchOptions()
                      .setExecutablePath(PROGRAM)
                      .setHeadless(true)
                      .setChromiumSandbox(false)
                      .setArgs(
                          List.of(
                              "--disable-gpu",
                              "--disable-quic",
                              "--no-first-run",
                              "--disable-background-networking",
                              "--disable-component-update",
                              "--disable-sync")));
      Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
    }
    return browser;
  }

  /** A screen of its own, which has nothing of another. */
  static BrowserContext screen(String address) {
    return browser()
        .newContext(
            new Browser.NewContextOptions()
                .setBaseURL(address)
                .setViewportSize(1280, 800)
                .setReducedMotion(ReducedMotion.REDUCE));
  }
}
