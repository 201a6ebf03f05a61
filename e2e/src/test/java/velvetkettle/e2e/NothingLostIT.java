package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Reloads, another tab, an application that went away: what was typed and pressed stays. */
class NothingLostIT extends Journey {
  /** Answers that are held back. */
  private final List<Runnable> held = new ArrayList<>();

  @Test
  @DisplayName("a draft comes back after a reload, and after the browser's page was closed")
  void aDraftComesBack() {
    newTicket();
    type("name", "oilskin");
    type("label", "60% cotton 40% polyester");
    typeNumber("width", "123");
    page.reload();
    assertThat(page.locator("#name")).hasValue("oilskin");
    assertThat(page.locator("#width")).hasValue("123");
    assertThat(page.getByText("Not saved yet")).isVisible();
    page.close();
    page = context.newPage();
    page.navigate("/tickets/new");
    assertThat(page.locator("#label")).hasValue("60% cotton 40% polyester");
    button("Discard changes").click();
    assertThat(page.locator("#name")).hasValue("");
  }

  @Test
  @DisplayName("bad input says what, where and what to do, and keeps what was typed")
  void badInputKeepsWhatWasTyped() {
    newTicket();
    type("name", "mystery top");
    type("description", "a wave");
    type("label", "60% cotton 60% polyester");
    assertThat(page.locator("#label-wrong")).containsText("add up to 120 %");
    button("Save and choose the method").click();
    assertThat(page.locator("#label")).isFocused();
    type("label", "60% cotton 40% pollyester");
    assertThat(page.locator("#label-wrong")).containsText("“pollyester” is not a fibre");
    type("label", "60% cotton");
    assertThat(page.locator("#label-reading")).containsText("40 % of the label is missing");
    type("label", "100% cotton");
    typeNumber("width", "900000");
    assertThat(page.locator("#width-wrong")).hasText("From 3 to 3000 mm.");
    typeNumber("pieces", "-2");
    assertThat(page.locator("#pieces-wrong")).hasText("From 1 to 10000.");
    type("customer", "🪡".repeat(81));
    assertThat(page.locator("#customer-wrong")).hasText("At most 80 characters; here are 81.");
    button("Save and choose the method").click();
    assertThat(page.locator("#width")).isFocused();
    assertThat(page.locator("#name")).hasValue("mystery top");
    assertThat(page.locator("#width")).hasValue("900000");
  }

  @Test
  @DisplayName(
      "changed in another tab: it says so, keeps this tab's draft, and can load the other's")
  void twoTabs() {
    String ticket = ticketAddress("Deck jackets");
    page.navigate(ticket + "/garment");
    assertThat(page.locator("#customer")).hasValue("Grey Heron Ferries");
    Page other = context.browser().newContext(sameShop()).newPage();
    other.navigate(ticket + "/garment");
    other.locator("#customer").fill("Other tab");
    other.getByText("Save and choose the method").click();
    assertThat(other.locator("#work")).containsText("What to put on this cloth");
    type("customer", "This tab");
    button("Save and choose the method").click();
    assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT).first())
        .containsText("changed in another tab");
    assertThat(page.locator("#customer")).hasValue("This tab");
    button("Load it").click();
    assertThat(page.locator("#customer")).hasValue("Other tab");
    other.context().close();
  }

  @Test
  @DisplayName(
      "what is changed while the answer to an earlier save is on its way stays, and is kept next")
  void changedMeanwhile() throws Exception {
    String ticket = ticketAddress("Deck jackets");
    page.navigate(ticket + "/garment");
    assertThat(page.locator("#customer")).not().hasValue("");
    CountDownLatch changed = new CountDownLatch(1);
    page.route(
        "**/api/tickets/*",
        route -> {
          if (!route.request().method().equals("PUT")) {
            route.resume();
            return;
          }
          APIResponse answer = route.fetch();
          held.add(() -> route.fulfill(new Route.FulfillOptions().setResponse(answer)));
          changed.countDown();
        });
    type("customer", "Lantern Guild");
    button("Save and choose the method").click();
    page.waitForCondition(() -> changed.getCount() == 0);
    typeNumber("width", "77");
    type("customer", "Lantern Guild, harbour side");
    page.unroute("**/api/tickets/*");
    held.forEach(Runnable::run);
    assertThat(heading("What to put on this cloth")).isVisible();
    page.navigate(ticket + "/garment");
    assertThat(page.locator("#customer")).hasValue("Lantern Guild, harbour side");
    assertThat(page.locator("#width")).hasValue("77");
    assertThat(page.getByText("Not saved yet")).isVisible();
    button("Save and choose the method").click();
    assertThat(heading("What to put on this cloth")).isVisible();
    page.navigate(ticket + "/garment");
    assertThat(page.locator("#width")).hasValue("77");
    assertThat(page.getByText("Not saved yet")).hasCount(0);
  }

  @Test
  @DisplayName("at the press the timer goes on without the application, and reports follow later")
  void pressedWithoutTheApplication() {
    page.clock().install();
    goToThePress(ticketAddress("Wave panels") + "/at-the-press");
    stepsAtThePress();
    page.route("**/api/runs/**", route -> route.abort());
    int step = 1;
    for (; !page.getByTestId("timer").isVisible(); step++) {
      page.keyboard().press("Space");
      assertThat(page.getByText(Pattern.compile("Not sent yet: " + step + " "))).isVisible();
      assertThat(page.getByText(Pattern.compile("step " + (step + 1) + " of"))).isVisible();
    }
    page.keyboard().press("Space");
    assertThat(button("Pause")).isVisible();
    page.reload();
    assertThat(page.getByText(Pattern.compile("does not answer"))).isVisible();
    page.unroute("**/api/runs/**");
    page.clock().fastForward("00:03");
    assertThat(page.getByText(Pattern.compile("step " + step + " of"))).isVisible();
    assertThat(page.getByText(Pattern.compile("Not sent yet"))).hasCount(0);
  }

  @Test
  @DisplayName("a plan that is asked for with a body that nobody reads is kept all the same")
  void bodyThatNobodyReads() {
    String ticket = ticketAddress("Wave panels");
    String plan = "/api/plans/" + UUID.randomUUID();
    APIResponse asked =
        page.request()
            .put(
                "/api" + ticket + plan.replace("/api", ""),
                RequestOptions.create().setHeader("Origin", KETTLE.address()).setData("{}"));
    assertThat(asked).isOK();
    assertThat(page.request().get(plan)).isOK();
  }

  @Test
  @DisplayName("when the application is away a banner says so and goes when it is back")
  void theApplicationIsAway() {
    page.clock().install();
    page.navigate("/tickets");
    assertThat(heading("Tickets")).isVisible();
    page.route("**/actuator/health", route -> route.abort());
    page.clock().fastForward("00:20");
    assertThat(page.getByText(Pattern.compile("does not answer"))).isVisible();
    page.unroute("**/actuator/health");
    button("Try again").click();
    assertThat(page.getByText(Pattern.compile("does not answer"))).hasCount(0);
  }

  @Test
  void anUnknownTicketSaysWhatToDo() {
    page.navigate("/tickets/00000000-0000-4000-8000-00000000dead/garment");
    assertThat(page.locator("#work")).containsText("There is no ticket");
    page.navigate("/no/such/place");
    assertThat(page.locator("#work")).containsText("Today");
    assertThat(page.title()).isNotBlank();
  }

  private com.microsoft.playwright.Browser.NewContextOptions sameShop() {
    return new com.microsoft.playwright.Browser.NewContextOptions().setBaseURL(KETTLE.address());
  }

  private String ticketAddress(String title) {
    page.navigate("/tickets?search=" + title.replace(" ", "%20"));
    page.locator("#work").getByText(title).first().waitFor();
    String address = page.locator("#work a[href*='/tickets/']").first().getAttribute("href");
    return address.replaceAll("(/tickets/[0-9a-f-]+).*", "$1");
  }
}
