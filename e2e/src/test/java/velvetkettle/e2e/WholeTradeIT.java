package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Cloths, media and tools off the beaten track, from intake to the recipe. */
class WholeTradeIT extends Journey {
  @Test
  @DisplayName("reflective bands on a stretch ferry-crew jacket: reflective film, tried first")
  void reflectiveBands() {
    garment("ferry-crew jacket", "Jacket", "80% nylon 20% elastane", "Stretch knit");
    choose("dye", "Acid dye");
    choose("depth", "Dark");
    type("description", "two reflective bands");
    choose("surface", "Reflective");
    choose("lightest", "Light");
    keepAndChoose("Journey bands");
    assertThat(options()).hasCount(1);
    assertThat(options().first()).containsText("Reflective film");
    assertThat(options().first()).containsText("stretches further than reflective film");
    assertThat(ruledOut("Everyday film")).containsText("cannot be reflective");
    button("Take reflective film").click();
    assertThat(work()).containsText("Mirrored");
    toThePress();
    assertThat(work()).containsText("Try it first on a swatch or in a hidden place");
    assertThat(work()).containsText("parchment");
  }

  @Test
  @DisplayName("flock letters on a wool pennant: velvety, under cotton, within what wool bears")
  void flockLetters() {
    garment("wool pennant", "Flag", "100% wool", "Felt");
    choose("dye", "Acid dye");
    choose("depth", "Dark");
    type("description", "year in flock letters");
    choose("surface", "Velvety");
    choose("lightest", "Light");
    keepAndChoose("Journey pennants");
    assertThat(options().first()).containsText("Flock film");
    button("Take flock film").click();
    toThePress();
    assertThat(work()).containsText("one layer of cotton");
  }

  @Test
  @DisplayName("stones on a viscose scarf with a steam iron only: dry, turned, or with steam")
  void stonesBySteamIron() {
    newPress("Steam iron", "Steam iron");
    garment("stage scarf", "Panel", "100% viscose", "Woven shirting");
    type("description", "line of stones");
    choose("art", "Figure or line of stones");
    typeNumber("stones", "80");
    choose("press", "Steam iron");
    keepAndChoose("Journey scarf");
    assertThat(options().first()).containsText("Stones on a sheet");
    assertThat(method("Single stones by wand")).containsText("On: Stone wand");
    button("Take stones on a sheet").click();
    assertThat(work()).containsText("Steam off and the tank empty");
    assertThat(work()).containsText("Set it down a second time, turned");
    assertThat(work()).containsText("from the back");
    workTheOtherWay("With steam, one to two minutes");
    page.goBack();
    station("Method").click();
    button("Take stones on a sheet").click();
    assertThat(work()).containsText("Steam on; the tank runs dry, refill it often.");
    workTheOtherWay("Dry, through a cloth");
  }

  @Test
  @DisplayName("printable film on a canvas deck bag, side by side with what else would do")
  void printableFilm() {
    garment("canvas deck bag", "Bag", "100% cotton", "Canvas or denim");
    choose("dye", "Reactive");
    choose("depth", "Dark");
    type("description", "photograph of the mole");
    choose("art", "Photograph");
    keepAndChoose("Journey bags with a print");
    assertThat(method("Printable film")).containsText("safe");
    button("Put two side by side").click();
    Locator beside = page.getByRole(AriaRole.REGION).filter(has("On this cloth"));
    assertThat(beside).containsText("For the order");
    assertThat(beside).containsText("A single colour.");
    button("Close the comparison").click();
    button("Take printable film").click();
    assertThat(work()).containsText("Take the backing off");
    toThePress();
    assertThat(work()).containsText("face up, its backing off");
  }

  @Test
  @DisplayName("a primed cotton flag with a sublimated crest: three presses, each with its cover")
  void primedFlag() {
    garment("cotton flag", "Flag", "100% cotton", "Canvas or denim");
    choose("dye", "Undyed");
    type("description", "crest in six colours");
    choose("art", "Logo or drawing");
    typeNumber("colours", "6");
    choose("lightest", "Light");
    keepAndChoose("Journey flags");
    assertThat(ruledOut("Sublimation")).containsText("Needs a polyester primer sprayed on first.");
    button("Take sublimation on primed cotton").click();
    toThePress();
    Locator presses = page.locator(".presses tbody tr");
    // The press reads 4 high, so 165 °C are set as 169.
    assertThat(presses).hasCount(3);
    assertThat(presses.nth(0)).containsText(Pattern.compile("prime.*169.*30 s.*parchment"));
    assertThat(presses.nth(1)).containsText(Pattern.compile("prime.*169.*20 s.*parchment"));
    assertThat(presses.nth(2)).containsText(Pattern.compile("press.*4[0-9] s.*parchment"));
    assertThat(work()).containsText("Primer and spray glue are flammable");
  }

  @Test
  @DisplayName(
      "a material's sheet is typed in and speaks in the next recipe; half a sheet is refused")
  void aMaterialOfTheShop() {
    page.navigate("/shelf");
    button("New material").click();
    type("material-name", "Undertow white");
    type("material-colour", "white");
    typeNumber("coolest", "151");
    button("Save this material").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("two ends");
    typeNumber("hottest", "153");
    typeNumber("shortest", "14");
    typeNumber("longest", "14");
    typeNumber("force", "130");
    button("Save this material").click();
    assertThat(work()).containsText("Undertow white");
    assertThat(work()).containsText("130 g");
    garment("band tee", "Top", "100% cotton", "Jersey");
    type("description", "anchor");
    keepAndChoose("Journey sheet");
    page.locator(".roll input").fill("Undertow");
    page.locator(".ant-select-dropdown:visible .ant-select-item-option")
        .filter(new Locator.FilterOptions().setHasText("Undertow white"))
        .click();
    assertThat(method("Everyday film")).containsText("14 s");
  }

  @Test
  @DisplayName(
      "a cloth of the shop is kept, changed, begins a ticket in two clicks, and is forgotten")
  void aClothOfTheShop() {
    page.navigate("/cloths");
    button("New cloth").click();
    button("Save this cloth").click();
    assertThat(page.locator("#name-wrong")).hasText("This is needed.");
    type("name", "gangway vest");
    type("label", "100% cotton");
    typeNumber("weight", "2900");
    button("Save this cloth").click();
    assertThat(page.locator("#weight-wrong")).containsText("90 to 450 g/m²");
    typeNumber("weight", "210");
    page.locator("#sizes").fill("M,L,");
    button("Save this cloth").click();
    Locator row = page.locator("tr").filter(new Locator.FilterOptions().setHasText("gangway vest"));
    assertThat(row).containsText("210 g/m²");
    assertThat(row).containsText("M, L");
    page.getByLabel("Change gangway vest").click();
    type("label", "100% linen");
    button("Save this cloth").click();
    assertThat(row).containsText("100% linen");
    row.getByText("New ticket with it").click();
    button("The whole form").click();
    assertThat(page.locator("#label")).hasValue("100% linen");
    assertThat(page.locator("#weight")).hasValue("210");
    page.navigate("/cloths");
    page.getByLabel("Remove gangway vest").click();
    page.locator(".ant-popconfirm:visible").getByText("Remove", exact()).click();
    assertThat(row).hasCount(0);
  }

  private static Locator.GetByTextOptions exact() {
    return new Locator.GetByTextOptions().setExact(true);
  }

  private void newPress(String name, String kind) {
    page.navigate("/presses");
    button("New press").click();
    type("press-name", name);
    choose("press-kind", kind);
    button("Save this press").click();
    assertThat(work()).containsText(name);
  }

  private void workTheOtherWay(String school) {
    page.navigate("/how-we-work");
    page.getByRole(AriaRole.RADIO)
        .and(page.getByLabel(Pattern.compile(school.replace("(", "."))))
        .click();
    assertThat(page.getByLabel(Pattern.compile(school))).isChecked();
  }

  private Locator method(String name) {
    return options().filter(new Locator.FilterOptions().setHas(button(name))).first();
  }
}
