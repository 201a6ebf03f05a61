package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What a maker sees of the heat: in the Stack, as a story, and how sure it is. */
class HeatIT extends Journey {
  @Test
  @DisplayName("at Press the Stack carries its peaks, and the story is read by slider and by event")
  void theStory() throws IOException {
    page.navigate("/tickets/" + Shop.ticket(KETTLE, "Rowing tops, boat sponsor") + "/press");
    Locator aside = page.locator("aside");
    assertThat(aside.locator("text.peak").first()).containsText("°C");
    assertThat(aside.locator("figcaption")).containsText("±");
    assertThat(page.locator("#work")).containsText("Computed from the heat");

    Locator story = page.getByRole(AriaRole.REGION).getByText("What the heat does");
    assertThat(story).isVisible();
    Locator now = aside.locator("p.now");
    assertThat(now).containsText("Press");
    assertThat(now).containsText("glue line");
    String atTheEnd = now.textContent();
    aside.getByRole(AriaRole.SLIDER).press("Home");
    assertThat(now).containsText("−");
    assertThat(now).not().hasText(atTheEnd);
    aside.locator(".events button").first().click();
    assertThat(now).containsText("glue line");

    page.getByRole(AriaRole.SWITCH).click();
    assertThat(aside.locator("table.faces")).containsText("Front");
    assertThat(aside.locator("table.peel")).containsText("on the table");

    page.locator("h1").click();
    page.keyboard().press("u");
    assertThat(aside.locator("text.peak").first()).containsText("°F");
    assertThat(now).containsText("°F");
    page.keyboard().press("u");
  }

  @Test
  @DisplayName(
      "of several things every glue line is told in one time, and the Stack follows the one")
  void theWholeTicket() throws IOException {
    page.navigate("/tickets/" + Shop.ticket(KETTLE, "Crew tees, one word") + "/press");
    Locator aside = page.locator("aside");
    assertThat(aside.locator("g.other")).hasCount(2);
    assertThat(aside.locator("svg[role=img]").last()).containsText("small lantern on the back");
    Locator slider = aside.getByRole(AriaRole.SLIDER);
    slider.fill("180");
    assertThat(aside.locator("p.now")).containsText("mall lantern on the back: ");
    String last = aside.locator("text.peak").nth(1).textContent();
    slider.press("Home");
    assertThat(aside.locator("text.peak").nth(1)).not().hasText(last);
  }

  @Test
  @DisplayName("how sure is this: beside practice, with the steam iron where practice is followed")
  void howSure() throws IOException {
    page.navigate("/tickets/" + Shop.ticket(KETTLE, "Rowing tops, boat sponsor") + "/press");
    page.getByText("How sure is this?").click();
    assertThat(heading("How sure is this?")).isVisible();
    assertThat(page.locator("tr").filter(new Locator.FilterOptions().setHasText("Steam iron")))
        .containsText("practice is followed");
    assertThat(page.locator("#work")).containsText("Fitted to practice");
    assertThat(page.locator("#work")).containsText("never measured");
  }

  @Test
  @DisplayName("a damp workroom is kept, and new plans dry the cloth longer because of it")
  void aDampRoom() {
    page.navigate("/presses");
    typeNumber("humidity", "90");
    button("Save").click();
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("New plans use it");
    page.reload();
    assertThat(page.locator("#humidity")).hasValue("90");

    newTicket();
    type("name", "damp tee");
    type("label", "100% cotton");
    type("description", "anchor");
    type("title", "Damp tees");
    button("Save and choose the method").click();
    page.locator("article.option button.take").first().click();
    assertThat(heading("Before the press")).isVisible();
    station("Press").click();
    page.getByLabel("Why dry it so long?").click();
    assertThat(page.locator(".why")).containsText("90 % humidity");
    assertThat(page.locator(".why")).containsText("model");

    page.navigate("/presses");
    typeNumber("humidity", "50");
    button("Save").click();
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("New plans use it");
  }
}
