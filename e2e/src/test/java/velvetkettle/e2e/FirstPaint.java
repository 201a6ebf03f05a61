package velvetkettle.e2e;

import com.microsoft.playwright.Page;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/**
 * How much script a view loads, when it first paints, how far it shifts, and how long the page is
 * deaf while somebody types or drags; figures for {@code ./kettle bench look}, never a verdict.
 */
class FirstPaint extends Journey {
  private static final String WATCH =
      """
      window.shifted = 0
      window.deaf = []
      new PerformanceObserver((list) => {
        for (const shift of list.getEntries()) if (!shift.hadRecentInput) window.shifted += shift.value
      }).observe({ type: 'layout-shift', buffered: true })
      new PerformanceObserver((list) => {
        for (const task of list.getEntries()) window.deaf.push(Math.round(task.duration))
      }).observe({ type: 'longtask', buffered: true })
      """;
  private static final String SCRIPT =
      """
      () => performance.getEntriesByType('resource')
        .filter(({ name }) => name.endsWith('.js'))
        .reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0) / 1000
      """;
  private static final String PAINT =
      "() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? -1";

  @Test
  void today() {
    look("Today", "/", ".lines");
  }

  @Test
  void aNewTicket() {
    look("A new ticket", "/tickets/new", "#sentence");
    page.locator("#sentence").click();
    page.evaluate("() => (window.deaf = [])");
    page.keyboard()
        .type(
            "20 navy hoodies 80/20 cotton poly, white crew name 250 mm on the back",
            new com.microsoft.playwright.Keyboard.TypeOptions().setDelay(40));
    page.locator(".places .platen").first().waitFor();
    tell("typing a sentence");
    var art = page.locator(".thing.art, .things .art, [data-thing]").first();
    if (art.isVisible()) {
      var box = art.boundingBox();
      page.evaluate("() => (window.deaf = [])");
      page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
      page.mouse().down();
      for (int step = 1; step <= 40; step++) {
        page.mouse().move(box.x + box.width / 2 + step, box.y + box.height / 2 + 2 * step);
      }
      page.mouse().up();
      tell("dragging the art");
    }
  }

  /**
   * Twice: cold, as the first time, and warm. The figures are of the second, the scripts of both.
   */
  private void look(String name, String path, String stands) {
    for (String when : new String[] {"cold", "warm"}) {
      page.close();
      page = context.newPage();
      page.addInitScript(WATCH);
      page.navigate(path);
      page.locator(stands).first().waitFor();
      page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
      System.out.printf(
          Locale.ROOT,
          "look %s, %s: %.0f kB of script, first paint after %.0f ms, shifted by %.3f,"
              + " longest task %d ms%n",
          name,
          when,
          number(page, SCRIPT),
          number(page, PAINT),
          number(page, "() => window.shifted"),
          (int) number(page, "() => Math.max(0, ...window.deaf)"));
    }
  }

  private void tell(String doing) {
    System.out.printf(
        Locale.ROOT,
        "look %s: longest task %d ms, shifted by %.3f%n",
        doing,
        (int) number(page, "() => Math.max(0, ...window.deaf)"),
        number(page, "() => window.shifted"));
  }

  private static double number(Page page, String asked) {
    return ((Number) page.evaluate(asked)).doubleValue();
  }
}
