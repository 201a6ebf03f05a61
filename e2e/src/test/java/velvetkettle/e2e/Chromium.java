package velvetkettle.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.List;

/** One driver and one headless browser for all journeys of this JVM. */
final class Chromium {
  private static final Path PROGRAM = Path.of("/usr/bin/chromium");

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
                              // Drawn by the processor alone: a graphics card that is only
                              // pretended takes a fifth of all the time.
                              "--disable-gpu",
                              "--disable-gpu-rasterization",
                              "--disable-software-rasterizer",
                              "--disable-quic",
                              "--no-first-run",
                              "--disable-background-networking",
                              "--disable-component-update",
                              "--disable-sync")));
      Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
    }
    return browser;
  }
}
