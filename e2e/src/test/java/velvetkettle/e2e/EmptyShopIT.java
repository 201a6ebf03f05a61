package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** A shop in which nothing was written yet. */
class EmptyShopIT extends Journey {
  private static final String ORDER =
      "20 navy hoodies 80/20 cotton poly, white crew name 250 mm on the back, for Friday 4 pm";

  private static Kettle shop;

  @BeforeAll
  static void open() {
    shop = Kettle.empty();
  }

  @AfterAll
  static void close() {
    shop.close();
  }

  @Test
  @DisplayName("by keyboard alone one sentence reaches a chosen method in at most twelve keys")
  void oneSentence() {
    int keys = 0;
    page.navigate(shop.address() + "/");
    assertThat(page.getByText("Write the first ticket")).isVisible();
    page.keyboard().press("n");
    keys++;
    assertThat(page.locator("#sentence")).isFocused();
    page.keyboard().type(ORDER);
    assertThat(page.getByText(Pattern.compile("First of \\d+ that will do"))).isVisible();
    // What lies in front is asked for: into the question, and its first answer.
    for (int question = 0; question < 2; question++) {
      page.keyboard().press("Enter");
      keys++;
    }
    assertThat(page.locator(".question")).hasCount(0);
    page.keyboard().press("Enter");
    assertThat(heading("What to put on this cloth")).isVisible();
    assertThat(options().first()).isVisible();
    page.keyboard().press("t");
    keys += 2;
    // What is bought ready to press has nothing to be cut.
    assertThat(page).hasURL(Pattern.compile("/(cut|press)$"));
    assertThat(page.locator(".ribbon .done").filter(has("Method"))).isVisible();
    assertThat(keys).isLessThanOrEqualTo(12);
  }

  @Test
  @DisplayName("every empty place says what to do first")
  void emptyPlaces() {
    String[][] places = {
      {"/", "Write the first ticket"},
      {"/tickets", "Write the first one"},
      {"/cloths", "Save one here"},
      {"/shelf", "Add the first material"}
    };
    for (String[] place : places) {
      page.navigate(shop.address() + place[0]);
      assertThat(work()).containsText(place[1]);
    }
    page.navigate(shop.address() + "/tickets?search=nothing");
    assertThat(work()).containsText("No ticket matches.");
  }
}
