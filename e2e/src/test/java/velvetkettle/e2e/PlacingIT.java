package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Where things go on a garment, and what the platen would come down on. */
class PlacingIT extends Journey {
  private Locator advice() {
    return page.locator(".places .advice");
  }

  @Test
  @DisplayName(
      "a vest with a chest zip: the platen hangs off, and art dragged onto the zip has to move")
  void vestWithChestZip() {
    garment("crew vest", "100% cotton", "Twill");
    choose("kind", "Vest");
    choose("obstacles", "Zip");
    page.keyboard().press("Escape");
    type("description", "heron crest");
    choose("placement", "Left chest");
    typeNumber("width", "80");
    typeNumber("height", "80");
    assertThat(advice()).containsText("Push the garment on until the zip hangs over the edge");
    assertThat(page.locator("#place-across")).hasValue("100");

    Locator crest = page.locator("[data-thing=a]");
    crest.scrollIntoViewIfNeeded();
    BoundingBox at = crest.boundingBox();
    BoundingBox zip = page.locator("[data-thing^=ZIP]").boundingBox();
    List<String> asked = new ArrayList<>();
    page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
    page.mouse().down();
    page.onRequest(request -> asked.add(request.url()));
    for (int i = 1; i <= 20; i++) {
      double x = at.x + at.width / 2 + (zip.x + zip.width / 2 - at.x - at.width / 2) * i / 20;
      page.mouse().move(x, at.y + at.height / 2 + i);
    }
    assertThat(asked).isEmpty();
    page.mouse().up();
    assertThat(page.locator("#place-across")).hasValue("0");
    assertThat(advice()).containsText("The art lies on the zip. Move it");

    button("By the guide").click();
    assertThat(page.locator("#place-across")).hasValue("100");
    crest.focus();
    page.keyboard().press("Shift+ArrowRight");
    page.keyboard().press("ArrowRight");
    assertThat(page.locator("#place-across")).hasValue("111");
    typeNumber("place-below", "150");
    keepAndChoose("Journey vests");
    button("Take everyday film").click();
    assertThat(heading("Before the press")).isVisible();
    station("Press").click();
    assertThat(page.locator(".placed .advice")).containsText("Hangs off the platen");
    assertThat(page.locator("#work")).containsText("until the zip hangs over the edge");
    station("Garment").click();
    assertThat(page.locator("#place-across")).hasValue("111");
    assertThat(page.locator("#place-below")).hasValue("150");
  }

  @Test
  @DisplayName(
      "a pocket of the maker's own: placed, doubled, typed, turned to the back, taken away")
  void obstaclesByHand() {
    garment("deck apron", "100% cotton", "Canvas");
    choose("kind", "Apron");
    choose("obstacles", "Button");
    page.keyboard().press("Escape");
    type("description", "rope border");
    choose("place-chosen", "Button, front");
    typeNumber("place-across", "-60");
    button("Another one").click();
    typeNumber("place-width", "22");
    choose("place-face", "Back");
    assertThat(page.locator("[data-thing^=BUTTON]")).hasCount(1);
    button("Take it away").click();
    assertThat(page.locator("#beside-head .ant-radio-button-wrapper-checked")).hasText("Front");
    keepAndChoose("Journey aprons");
    station("Garment").click();
    choose("place-chosen", "Button, front");
    assertThat(page.locator("#place-across")).hasValue("-60");
  }

  @Test
  @DisplayName("art larger than the platen is pressed in four numbered positions")
  void fourPositions() {
    garment("stage cloth", "100% cotton", "Twill");
    choose("kind", "Panel or single cloth");
    type("description", "great wave");
    typeNumber("width", "780");
    typeNumber("height", "900");
    assertThat(advice()).containsText(Pattern.compile("4 positions, .* under the press"));
    assertThat(page.locator(".places .platen text")).hasText(new String[] {"1", "2", "3", "4"});
    keepAndChoose("Journey wave");
    button("Take everyday film").click();
    assertThat(heading("Before the press")).isVisible();
    station("Press").click();
    assertThat(page.locator(".placed .platen text")).hasCount(4);
    assertThat(page.locator("#work")).containsText("Position 4 of 4");
  }
}
