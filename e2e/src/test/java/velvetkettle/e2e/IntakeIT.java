package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** A ticket that begins with what a maker would say. */
class IntakeIT extends Journey {
  private static final String ORDER =
      "20 navy hoodies 80/20 cotton poly, white crew name 250 mm on the back, nothing in the way,"
          + " for Friday 4 pm";

  private int keys;

  private void key(String key) {
    page.keyboard().press(key);
    keys++;
  }

  private Locator chip(String field) {
    return page.locator("[data-chip=" + field + "]");
  }

  private void say(String sentence) {
    page.navigate("/tickets/new");
    page.locator("#sentence").fill(sentence);
  }

  @Test
  @DisplayName("by keyboard alone one sentence becomes a ticket with its method, in few keys")
  void byKeyboard() {
    page.navigate("/");
    assertThat(heading("s work")).isVisible();
    key("n");
    assertThat(page.locator("#sentence")).isFocused();
    page.keyboard().type(ORDER);
    assertThat(chip("PIECES")).containsText("20");
    assertThat(page.getByText(Pattern.compile("First of \\d+ that will do"))).isVisible();
    key("Enter");
    assertThat(heading("What to put on this cloth")).isVisible();
    assertThat(page.locator("article.option").first()).isVisible();
    key("t");
    assertThat(heading("Before the press")).isVisible();
    assertThat(keys).isLessThanOrEqualTo(12);
    assertThat(page.locator("h1")).containsText("20 × navy hoodies");
    station("Garment").click();
    assertThat(page.locator("#label")).hasValue("80% cotton 20% polyester");
    assertThat(page.locator("#width")).hasValue("250");
    assertThat(page.locator("#due")).hasValue(Pattern.compile("Fri .* 16:00"));
    page.navigate("/tickets/new");
    assertThat(page.locator("#sentence")).hasValue("");
  }

  @Test
  @DisplayName("what is missing is asked one by one, and an answer stands in the sentence")
  void asked() {
    say("12 black hoodies, logo");
    Locator question = page.getByRole(AriaRole.REGION).filter(has("What does the label say?"));
    assertThat(question).isVisible();
    button("100% cotton").click();
    assertThat(page.locator("#sentence")).hasValue("12 black hoodies, logo, 100% cotton");
    assertThat(chip("LABEL")).containsText("100% cotton");
    assertThat(page.getByText("How wide is it to be?")).isVisible();
    page.locator("#sentence").press("Enter");
    assertThat(page.locator(".question button").first()).isFocused();
    page.keyboard().press("Enter");
    assertThat(page.getByText("Where does it go?")).isVisible();
    button("on the back").click();
    assertThat(page.getByText("Is there anything in front?")).isVisible();
    assertThat(page.locator("#beside-head .ant-radio-button-wrapper-checked")).hasText("Back");
    button("look it up later").click();
    assertThat(page.locator(".question")).hasCount(0);
  }

  @Test
  @DisplayName(
      "whichever key goes on, what decides the method is asked first, also behind a put off")
  void neverSkipped() {
    say("12 hoodies, white logo 80 mm on the left chest");
    button("look it up later").click();
    assertThat(page.getByText("What colour is the cloth?")).isVisible();
    button("Save and choose the method").click();
    assertThat(page.locator(".question button").first()).isFocused();
    assertThat(page).hasURL(Pattern.compile(".*/tickets/new$"));
    page.locator("#sentence").press("End");
    page.keyboard().type(", black cloth, nothing in the way");
    page.keyboard().press("Enter");
    assertThat(heading("What to put on this cloth")).isVisible();
    station("Garment").click();
    assertThat(page.locator("#colour")).hasValue("black");
  }

  @Test
  @DisplayName("a chip is put right, stays so while the sentence goes on, and after a reload")
  void putRight() {
    say("30 red polo shirts, name on the chest 200 mm wide");
    assertThat(chip("FABRIC")).containsText("piqu");
    chip("WIDTH").click();
    assertThat(page.locator("#width")).isFocused();
    typeNumber("width", "210");
    page.keyboard().press("Escape");
    assertThat(chip("WIDTH")).isFocused();
    assertThat(chip("WIDTH")).containsText("put right");
    page.locator("#sentence").press("End");
    page.keyboard().type(", 100% cotton");
    assertThat(chip("LABEL")).isVisible();
    assertThat(chip("WIDTH")).containsText("210 mm");
    page.reload();
    assertThat(chip("WIDTH")).containsText("210 mm");
    page.locator("#sentence").fill("30 red polo shirts, name on the chest 220 mm wide");
    assertThat(chip("WIDTH")).containsText("220 mm");
    assertThat(chip("LABEL")).hasCount(0);
  }

  @Test
  @DisplayName("what is misspelt is marked, what slips is told, and nothing is read from nothing")
  void doubts() {
    say("5 navy hoddies of microfibre");
    assertThat(chip("KIND")).containsText("not sure");
    assertThat(page.locator(".hints")).containsText("“microfibre” is no fibre");
    page.locator("#sentence").fill("as discussed, the same as ever");
    assertThat(page.getByText("Nothing of a garment stands in it yet")).isVisible();
    assertThat(page.locator("[data-chip]")).hasCount(0);
  }

  @Test
  @DisplayName("a garment of the trade begins a ticket, and the sentence stands over it")
  void templates() {
    say("15 aprons, navy, white logo 100 mm on the chest");
    page.getByLabel("a garment of the trade").click();
    page.locator(".ant-select-item-option").filter(has("Workwear apron")).click();
    button("The whole form").click();
    assertThat(page.locator("#label")).hasValue("65% polyester 35% cotton");
    assertThat(page.locator("#colour")).hasValue("navy");
    assertThat(page.locator("#work")).containsText("Industrial wash");
  }

  @Test
  @DisplayName("the thing itself lies at the right, and the Stack is one key away")
  void theThingItself() {
    say(ORDER);
    assertThat(page.locator(".places .garment-drawing")).isVisible();
    assertThat(page.locator(".places .platen").first()).isVisible();
    page.locator("h1").click();
    page.keyboard().press("s");
    assertThat(heading("The Stack")).isVisible();
    page.keyboard().press("s");
    assertThat(page.locator(".places .garment-drawing")).isVisible();
  }
}
