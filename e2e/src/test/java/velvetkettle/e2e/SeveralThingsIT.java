package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Several things on one garment, in the order in which nothing undoes another. */
class SeveralThingsIT extends Journey {
  @Test
  @DisplayName(
      "letters and stones on a rowing top: both are taken, ordered, and stand in the steps")
  void lettersAndStones() {
    garment("rowing top", "100% polyester", "Interlock");
    choose("depth", "Dark");
    choose("dye", "Disperse");
    type("description", "white letters");
    button("Add another design").click();
    type("description-2", "a row of stones");
    choose("art-2", "Figure or line of stones");
    typeNumber("stones-2", "40");
    choose("stone-size-2", "SS10");
    keepAndChoose("Journey captain");
    Locator together = page.locator(".together");
    assertThat(together.locator(".sequence li")).hasCount(2);
    button("Take blocker film").click();
    assertThat(page.getByText("Now choose for the next design")).isVisible();
    assertThat(page.locator(".ant-radio-button-wrapper-checked")).containsText("a row of stones");
    button("Take stones on a sheet").click();
    assertThat(heading("Before the press")).isVisible();
    station("Press").click();
    assertThat(together.locator(".sequence li").nth(0)).containsText("white letters");
    assertThat(together.locator(".sequence li").nth(1)).containsText("a row of stones");
    assertThat(page.locator("#work")).containsText("parchment over “white letters”");
    button("Press this").click();
    assertThat(page.getByText(Pattern.compile("step 1 of "))).isVisible();
  }

  @Test
  @DisplayName("a line over raised letters cannot be done: both are named, and a second try can")
  void clash() {
    garment("crew tee", "100% cotton", "Jersey");
    choose("depth", "Dark");
    type("description", "raised letters");
    choose("surface", "Raised");
    button("Add another design").click();
    type("description-2", "a thin line");
    choose("over-2", "raised letters");
    keepAndChoose("Journey clash");
    assertThat(page.locator(".together .clash"))
        .containsText("“raised letters” and “a thin line” do not go together like this.");
    assertThat(page.locator(".together .clash")).containsText("Put “a thin line” beside");
    button("Take raised film").click();
    assertThat(page.locator(".ant-radio-button-wrapper-checked")).containsText("a thin line");
    button("Take everyday film").click();
    assertThat(page.getByText("comes off it").last()).isVisible();
    station("Garment").click();
    choose("over-2", "the cloth");
    button("Save and choose the method").click();
    assertThat(page.locator(".together .sequence li")).hasCount(2);
    assertThat(page.locator(".together .sequence li").nth(1)).containsText("raised letters");
  }

  @Test
  @DisplayName("a crew list comes from a file: bad lines say why, the pieces are counted by size")
  void crewList() {
    garment("rowing top", "100% cotton", "Jersey");
    type("description", "names");
    String crew = "size;name;no\nM;Ana Skerry;7\nXL;;\nS;Bo Tern;12\n";
    page.locator("input[type=file]")
        .setInputFiles(
            new FilePayload("crew.csv", "text/csv", crew.getBytes(StandardCharsets.UTF_8)));
    Locator held = page.locator(".ant-modal:visible");
    assertThat(held).containsText("It holds 2 that can be taken and 1 that cannot");
    assertThat(held).containsText("Neither a name nor a number");
    button("Take these 2").click();
    assertThat(page.locator("#pieces")).hasValue("2");
    assertThat(page.locator(".roster")).containsText("S × 1, M × 1");
    page.getByLabel("Name 2").fill("Bo Tern-Reef");
    assertThat(page.locator(".roster")).containsText("R × 1");
    button("Add one").click();
    page.getByLabel("Number 3").fill("07");
    assertThat(page.locator("#pieces")).hasValue("3");
    keepAndChoose("Journey crew");
    station("Garment").click();
    assertThat(page.getByLabel("Number 3")).hasValue("07");
    page.locator("input[type=file]")
        .setInputFiles(
            new FilePayload("crew.zip", "application/zip", new byte[] {0x50, 0x4B, 3, 4, 0, 0}));
    assertThat(page.locator(".roster [role=alert]")).containsText("Save the table as CSV");
    assertThat(page.getByLabel("Name 1")).hasValue("Ana Skerry");
  }
}
