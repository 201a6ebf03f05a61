package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Everything comes from this machine, and nothing else is let in. */
class NothingLeavesIT extends Journey {
  @Test
  @DisplayName("through every view, no request leaves this machine and the policy is not violated")
  void noRequestLeaves() throws IOException {
    Set<String> hosts = new TreeSet<>();
    Set<String> complaints = new TreeSet<>();
    context.onRequest(request -> hosts.add(host(request.url())));
    page.onConsoleMessage(
        message -> {
          if (message.text().contains("Content Security Policy")
              || message.type().equals("error")) {
            complaints.add(message.text());
          }
        });
    String ticket = "/tickets/" + Shop.tickets(KETTLE, "PRESS").get(0);
    for (String view :
        List.of(
            "/",
            "/tickets",
            "/cloths",
            "/shelf",
            "/presses",
            ticket + "/garment",
            ticket + "/method",
            ticket + "/cut",
            ticket + "/press",
            ticket + "/check",
            ticket + "/card",
            ticket + "/at-the-press")) {
      page.navigate(view);
      page.locator("#work").waitFor();
      assertThat(page.locator(".ant-skeleton")).hasCount(0);
    }
    assertThat(hosts).containsExactly("127.0.0.1");
    assertThat(complaints).isEmpty();
  }

  @Test
  @DisplayName("a script that would fetch from elsewhere or be written into the page is stopped")
  void thePolicyHolds() {
    page.navigate("/");
    page.locator("#work").waitFor();
    Object fetched =
        page.evaluate(
            "() => fetch('http://127.0.0.1:9/x').then(() => 'let through', e => String(e.name))");
    assertThat(fetched).isEqualTo("TypeError");
    page.evaluate(
        "() => { const s = document.createElement('script'); s.textContent = 'window.let_in = true';"
            + " document.body.append(s) }");
    assertThat(page.evaluate("() => window.let_in === undefined")).isEqualTo(true);
  }

  private static String host(String url) {
    return url.startsWith("data:") || url.startsWith("blob:")
        ? "127.0.0.1"
        : URI.create(url).getHost();
  }
}
