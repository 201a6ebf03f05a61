package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/**
 * From intake to the logged press, and open again afterwards. Rows of the handbook's six garments.
 */
class ToTheLoggedPressIT extends Journey {
  @Test
  @DisplayName("navy polyester rowing top, white lettering: blocker film, cold peel, 72 hours")
  void rowingTop() {
    newTicket();
    type("name", "rowing top");
    type("label", "100% polyester");
    choose("fabric", "Interlock");
    type("colour", "navy");
    choose("depth", "Dark");
    choose("hue", "Blue");
    choose("dye", "Disperse dye");
    type("description", "white lettering");
    typeNumber("width", "250");
    type("title", "Journey tops");
    keepAndChoose();

    assertThat(firstMethod()).containsText("Blocker film");
    assertThat(firstMethod()).containsText("peel cold");
    assertThat(firstMethod()).containsText("3 days");
    assertThat(ruledOut("Everyday film")).containsText("Bleed:");
    assertThat(ruledOut("Everyday film")).containsText("Needs a blocker film");
    assertThat(ruledOut("Sublimation")).containsText("nothing shows on navy");
    double platen = Double.parseDouble(setTemperature().replaceAll("[^0-9]", ""));
    assertThat(platen)
        .as("cooler end of 130 to 150, on a press that reads 4 high")
        .isBetween(134.0, 143.0);

    button("Take blocker film").click();
    assertThat(heading("Before the press")).isVisible();
    assertThat(page.locator("#work")).containsText("Mirrored");
    button("It is cut and weeded").click();
    pressAndLog();
    assertThat(page.locator("#work")).containsText(Pattern.compile("deliver from .*in 3 days"));
    reopens("Journey tops", "Blocker film");
  }

  @Test
  @DisplayName("white cotton band tee, photograph: light transfer paper, mirrored, bleed off")
  void bandTee() {
    newTicket();
    type("name", "band tee");
    type("label", "100% cotton");
    type("description", "photograph of the quay");
    choose("art", "Photograph");
    choose("lightest", "Light");
    typeNumber("height", "260");
    type("title", "Journey tees");
    keepAndChoose();

    assertThat(method("Light transfer paper")).containsText("peel cold");
    assertThat(ruledOut("Sublimation")).containsText("primer");
    button("Take light transfer paper").click();
    assertThat(page.locator("#work")).containsText("Mirrored");
    assertThat(page.locator("#work")).containsText("Turn bleed off");
    button("It is cut and weeded").click();
    pressAndLog();
    reopens("Journey tees", "Light transfer paper");
  }

  @Test
  @DisplayName(
      "wool blazer from Cloth memory, crest on the pocket: strong web from the back, not sewn")
  void bandBlazer() {
    page.navigate("/cloths");
    page.getByRole(com.microsoft.playwright.options.AriaRole.ROW)
        .filter(new Locator.FilterOptions().setHasText("band blazer"))
        .getByText("New ticket with it")
        .click();
    assertThat(page.locator("[data-chip=LABEL]")).containsText("100% wool known");
    button("The whole form").click();
    assertThat(page.locator("#label")).hasValue("100% wool");
    type("description", "woven crest");
    choose("art", "Made patch");
    choose("placement", "Pocket");
    typeNumber("width", "80");
    typeNumber("height", "80");
    type("title", "Journey blazer");
    keepAndChoose();

    assertThat(firstMethod()).containsText("Patch on strong web");
    button("Take patch on strong web").click();
    assertThat(heading("The recipe")).isVisible();
    assertThat(page.locator("#work")).containsText("Turn the garment inside out");
    assertThat(page.locator("#work")).containsText("Do not sew through it");
    assertThat(page.locator("aside")).containsText("Parchment inside the pocket");
    pressAndLog();
    reopens("Journey blazer", "Patch on strong web");
  }

  @Test
  @DisplayName("polypropylene deck bag: every medium is ruled out, and it can be done without heat")
  void deckBag() {
    newTicket();
    type("name", "deck bag");
    choose("kind", "Bag");
    type("label", "PP 100");
    type("description", "one-colour heron");
    type("title", "Journey bags");
    keepAndChoose();
    assertThat(page.locator("#work")).containsText("No press medium will do here");
    assertThat(page.locator("dl.out > div")).hasCount(1);
    assertThat(ruledOut("Everyday film")).containsText("patch on strong web");
    button("Work without heat").click();
    assertThat(page.locator("#work")).containsText("Sew, tie or glue");
  }

  private void keepAndChoose() {
    button("Save and choose the method").click();
    assertThat(heading("What to put on this cloth")).isVisible();
  }

  private Locator method(String name) {
    return page.locator("article.option")
        .filter(new Locator.FilterOptions().setHas(button(name)))
        .first();
  }

  private Locator firstMethod() {
    return page.locator("article.option").first();
  }

  private String setTemperature() {
    return firstMethod().locator(".settings .figure").first().textContent();
  }

  private void pressAndLog() {
    page.clock().install();
    button("Press this").click();
    pressOnePiece(stepsAtThePress());
    page.keyboard().press("l");
    assertThat(heading("How did it come out?")).isVisible();
    type("note", "as it should be");
    button("Log it").click();
    assertThat(page.locator("#work")).containsText("1 good");
    assertThat(page.locator("#work")).containsText("as it should be");
  }

  /** A new context has nothing of the old one: what shows comes from the shop. */
  private void reopens(String title, String medium) {
    String address = page.url();
    context.close();
    openBrowser();
    page.navigate(address);
    assertThat(heading(title)).isVisible();
    assertThat(page.locator("#work")).containsText("1 good");
    station("Press").click();
    assertThat(page.locator("aside"))
        .containsText(Pattern.compile(medium, Pattern.CASE_INSENSITIVE));
    page.navigate("/tickets?search=" + title.replace(" ", "%20"));
    assertThat(page.locator("#work")).containsText(title);
  }
}
