package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Cloths and places that take more than laying a top flat, from intake to the steps. */
class WholeWardrobeIT extends Journey {
  @Test
  @DisplayName(
      "a lantern in stones of two sizes, set by the wand: each size has its tip and its turn")
  void stonesOfTwoSizes() {
    garment("keeper's jersey", "100% cotton", "Jersey");
    type("colour", "navy");
    choose("depth", "Dark");
    choose("dye", "Reactive");
    type("description", "lantern in stones");
    choose("art", "Stones");
    typeNumber("stones", "60");
    choose("stone-size", "SS10");
    choose("stone-size", "SS16");
    page.keyboard().press("Escape");
    keepAndChoose("Journey stones");
    button("Take single stones by wand").click();
    assertThat(page).hasURL(Pattern.compile(".*/press$"));
    assertThat(work()).containsText("the tip for SS16");
    assertThat(work()).containsText("Stones of SS16: set the tip on one");
    assertThat(work()).containsText("the tip for SS10");
    assertThat(work()).containsText("Stones of SS10: set the tip on one");
  }

  @Test
  @DisplayName("a zipped softshell, name on the back: opened, the back alone, cool and short")
  void softshell() {
    garment("ferry crew softshell", "Jacket", "96% polyester 4% elastane", "Softshell");
    type("colour", "navy");
    choose("depth", "Dark");
    choose("dye", "Solution");
    choose("obstacles", "Zip");
    page.keyboard().press("Escape");
    type("description", "crew name");
    choose("placement", "Back");
    keepAndChoose("Journey softshell");
    assertThat(options().first()).containsText("Film for nylon");
    // It goes for every method here, and is said above them.
    assertThat(page.locator(".common")).containsText("membrane");
    button("Take film for nylon").click();
    toThePress();
    assertThat(work()).containsText("Open the zip all the way.");
    assertThat(work()).containsText("Lay the back alone on the Big press");
    assertThat(work()).containsText("parchment");
  }

  @Test
  @DisplayName("a velvet stage curtain with flock letters: lightly, never flattened, tried first")
  void velvetCurtain() {
    garment("stage curtain", "Panel", "100% cotton", "Velvet");
    type("colour", "wine red");
    choose("depth", "Dark");
    choose("dye", "Reactive");
    type("description", "band name in flock");
    choose("surface", "Velvety");
    choose("lightest", "Light");
    keepAndChoose("Journey curtain");
    assertThat(options()).hasCount(1);
    assertThat(options().first()).containsText("Flock film");
    button("Take flock film").click();
    toThePress();
    assertThat(page.locator(".recipe")).containsText("light");
    assertThat(work()).not().containsText("it flattens and dries");
    assertThat(work()).containsText("lay a folded towel on its lower side");
  }

  @Test
  @DisplayName("a lace shawl over a printed panel: two cloths, one web, kept cool for the print")
  void laceOverPrint() {
    garment("printed panel", "Panel", "100% polyester", "Woven satin");
    choose("depth", "Light");
    choose("dye", "Sublimation print");
    type("description", "lace shawl");
    choose("art", "Second layer of cloth");
    keepAndChoose("Journey lace");
    assertThat(options()).hasCount(1);
    button("Take double-sided web").click();
    toThePress();
    assertThat(work()).containsText("parchment");
  }

  @Test
  @DisplayName(
      "a crest of three colours on a lined wool coat: layer by layer, the lining drawn flat")
  void layeredCrest() {
    garment(
        "harbour pilot coat",
        "Jacket",
        "Shell: 80% wool 20% polyamide. Lining: 100% viscose",
        "Wool coating");
    assertThat(page.locator("#label-reading")).containsText("The lining is viscose, 100 %");
    type("colour", "navy");
    choose("depth", "Dark");
    choose("dye", "Acid dye");
    choose("obstacles", "Lining");
    page.keyboard().press("Escape");
    type("description", "shield");
    choose("placement", "Left chest");
    typeNumber("width", "90");
    typeNumber("height", "100");
    another("2", "anchor", "60", "70");
    choose("over-2", "shield");
    another("3", "rope", "30", "30");
    choose("over-3", "anchor");
    keepAndChoose("Journey crest");
    Locator order = page.locator(".together .sequence li");
    assertThat(order).hasCount(3);
    assertThat(order.nth(0)).containsText("shield");
    assertThat(order.nth(2)).containsText("rope");
    for (String left : new String[] {"anchor", "rope"}) {
      button("Take everyday film").click();
      assertThat(page.locator(".ant-radio-button-wrapper-checked")).containsText(left);
    }
    button("Take everyday film").click();
    toThePress();
    assertThat(work()).containsText("Draw the lining flat");
    assertThat(work()).containsText("Tack");
  }

  @Test
  @DisplayName("a crest of three colours as one thing: each colour laid and held, the last in full")
  void colourByColour() {
    garment("regatta tee", "100% cotton", "Jersey");
    type("description", "crest");
    typeNumber("colours", "3");
    typeNumber("width", "90");
    typeNumber("height", "90");
    keepAndChoose("Journey colours");
    button("Take everyday film").click();
    toThePress();
    assertThat(work()).containsText("This is the first of 3 colours");
    assertThat(work()).containsText("Lay colour 2 of 3 over it, mark on mark");
    assertThat(work()).containsText("Lay colour 3 of 3 over it, mark on mark");
  }

  private void another(String n, String what, String width, String height) {
    button("Add another design").click();
    type("description-" + n, what);
    choose("placement-" + n, "Left chest");
    typeNumber("width-" + n, width);
    typeNumber("height-" + n, height);
  }

  @Test
  @DisplayName("a panel behind openings: three ways of the panel, cut narrow, fused from inside")
  void panelBehindOpenings() {
    garment("stage crew tee", "Top", "100% cotton", "Jersey");
    type("colour", "black");
    choose("depth", "Dark");
    choose("dye", "Reactive");
    type("description", "harbour by night");
    choose("art", "Panel behind openings");
    choose("placement", "Back");
    keepAndChoose("Journey panel");
    assertThat(options()).hasCount(3);
    assertThat(options().nth(1)).containsText("Panel of other cloth");
    button("Take printed panel on web strips").click();
    toThePress();
    assertThat(work()).containsText("Lay a cutting board between front and back");
    assertThat(work()).containsText("Turn the garment inside out");
    assertThat(work()).containsText("Lay the panel on the inside of the back");
    assertThat(work()).containsText("Close once more from the right side");
    assertThat(work()).containsText("Cut the openings to their full width");
  }

  @Test
  @DisplayName("a printed label in the neck of a hoodie: strips pressed at once, fused inside")
  void printedLabel() {
    garment("choir hoodie", "Sweatshirt", "80% cotton 20% polyester", "Fleece");
    type("description", "size and care");
    choose("art", "Printed label");
    choose("placement", "Nape");
    typeNumber("width", "50");
    typeNumber("height", "20");
    keepAndChoose("Journey label");
    assertThat(options()).hasCount(1);
    button("Take printed label on strong web").click();
    toThePress();
    assertThat(work()).containsText("Lay the label on the inside of the nape");
  }

  @Test
  @DisplayName("an appliqué from an old banner: its own fibre melts, so no web will do")
  void ownFibre() {
    garment("harbour day tee", "Top", "100% cotton", "Jersey");
    type("description", "sail from an old banner");
    choose("art", "Pieces of other cloth");
    type("own-label", "100% polypropylene");
    type("title", "Journey own fibre");
    button("Save and choose the method").click();
    assertThat(work()).containsText("No press medium will do here");
    assertThat(work()).containsText("Polypropylene melts");
    station("Garment").click();
    type("own-label", "100% cotton");
    keepAndChoose("Journey own fibre");
    assertThat(options()).hasCount(2);
  }

  @Test
  @DisplayName("a label that nobody can read: the careful way, and Bleed is never safe")
  void unknownLabel() {
    garment("found on a rail", "unknown", "Jersey");
    type("colour", "black");
    choose("depth", "Dark");
    type("description", "white letters");
    keepAndChoose("Journey unknown");
    assertThat(options().first()).containsText("Low-heat film");
    assertThat(options().first()).containsText("unknown");
    assertThat(ruledOut("Everyday film")).isVisible();
    options().first().getByRole(AriaRole.BUTTON).last().click();
    toThePress();
    assertThat(work()).containsText("Try it first on a swatch or in a hidden place");
    assertThat(work()).containsText("parchment");
  }

  @Test
  @DisplayName("a photograph on a dark polyester top: one way of two layers, taken by one key")
  void filmBelow() {
    garment("crew top", "100% polyester", "Interlock");
    type("colour", "navy");
    choose("depth", "Dark");
    choose("dye", "Disperse");
    type("description", "photograph of the mole");
    choose("art", "Photograph");
    typeNumber("colours", "40");
    choose("lightest", "Light");
    type("title", "Journey film below");
    button("Save and choose the method").click();
    assertThat(page.getByText("No press medium will do here alone, but in two layers:"))
        .isVisible();
    assertThat(options().first()).containsText("over blocker film");
    button("Take both").first().click();
    assertThat(page).hasURL(Pattern.compile(".*/cut$"));
    station("Method").click();
    Locator order = page.locator(".together .sequence li");
    assertThat(order).hasCount(2);
    assertThat(order.nth(0)).containsText("Film below photograph of the mole");
    assertThat(order.nth(1)).containsText("photograph of the mole");
    page.locator(".ant-radio-button-wrapper").last().click();
    assertThat(options().first()).containsText("The blocker film below it holds back");
  }
}
