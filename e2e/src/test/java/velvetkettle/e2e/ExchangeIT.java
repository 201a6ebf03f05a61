package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What comes in from elsewhere and goes out: orders, tickets, proofs, the list of a cast. */
class ExchangeIT extends Journey {
  private static final String HEAD = "customer,due,pieces,garment,label,art,width,height\n";

  private static FilePayload file(String name, String text) {
    return new FilePayload(name, "text/csv", text.getBytes(StandardCharsets.UTF_8));
  }

  private Locator picker(String label) {
    return page.getByLabel(
            label, new com.microsoft.playwright.Page.GetByLabelOptions().setExact(true))
        .and(page.locator("input[type=file]"));
  }

  @Test
  @DisplayName(
      "a table of orders: bad lines say why, the good ones become tickets, stopping keeps none")
  void ordersFromATable() {
    page.navigate("/tickets");
    String good = "Pier Choir,2027-03-01,14,choir tee,100% cotton,white heron,240,180\n";
    String bad = "Pier Choir,soon,0,choir tee,100% cotton,=HYPERLINK(1),240,180\n";
    picker("Orders from a table").setInputFiles(file("orders.csv", HEAD + good + bad + good));
    Locator held = page.locator(".ant-modal:visible");
    assertThat(held).containsText("It holds 2 orders that can be taken and 1 that cannot");
    assertThat(held.locator(".why")).containsText("“=HYPERLINK(1)” in art is a formula");
    button("Make 2 tickets").click();
    assertThat(held).containsText("Tickets made: 2. Lines left out: 1.");
    held.getByText("Close", new Locator.GetByTextOptions().setExact(true)).click();

    picker("Orders from a table")
        .setInputFiles(file("many.csv", HEAD + good.replace("Pier", "Stopped").repeat(5000)));
    button("Make 5000 tickets").click();
    button("Stop, and save none of it").click();
    assertThat(held).containsText("Stopped. Nothing of it was saved.");
    button("Cancel").click();
    page.navigate("/tickets?search=Stopped");
    assertThat(page.getByText("No ticket matches.")).isVisible();
    page.navigate("/tickets?search=Pier+Choir");
    assertThat(page.getByText("2 tickets")).isVisible();

    page.navigate("/tickets");
    picker("Orders from a table").setInputFiles(file("names.csv", "name;size\nAna;M\n"));
    assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
        .containsText("The first line has to name the columns");
    picker("Orders from a table").setInputFiles(file("huge.csv", "x".repeat(5_100_000)));
    assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
        .containsText("larger than 5 MB");
  }

  @Test
  @DisplayName(
      "a cast of 14 with names on capes, two things each: proof, ticked off, saved and read again")
  void castOfFourteen() throws IOException {
    garment("stage cape", "100% cotton", "Twill");
    choose("kind", "Cape");
    choose("depth", "Dark");
    type("description", "own name");
    choose("placement", "Back");
    button("Add another design").click();
    type("description-2", "lantern");
    choose("art-2", "Logo or drawing");
    choose("placement-2", "Left chest");
    typeNumber("width-2", "80");
    typeNumber("height-2", "80");
    StringBuilder cast = new StringBuilder("name,size\n");
    for (int i = 1; i <= 14; i++) {
      cast.append("Player ").append((char) ('A' + i)).append(i % 3 == 0 ? ",XL\n" : ",M\n");
    }
    picker("From a file").setInputFiles(file("cast.csv", cast.toString()));
    button("Take these 14").click();
    assertThat(page.locator("#pieces")).hasValue("14");
    assertThat(page.locator(".layouts")).containsText("XL");
    assertThat(page.locator(".layouts")).containsText("223 mm");
    keepAndChoose("Journey capes");
    button("Take everyday film").click();
    assertThat(page.getByText("Now choose for the next design")).isVisible();
    button("Take everyday film").click();
    assertThat(heading("Before the press")).isVisible();
    station("Press").click();
    assertThat(page.locator(".together .sequence li")).hasCount(2);
    Locator ticks = page.locator(".ticks");
    assertThat(ticks).containsText("0 of 14 are done.");
    assertThat(ticks).containsText("8 letters: the centre line runs between “y” and “e”");
    ticks.getByText("Player B · M").click();
    assertThat(ticks).containsText("1 of 14 are done.");

    Locator proof = page.locator("a[href$='proof.pdf']");
    assertThat(proof).hasText("Proof for the customer");
    APIResponse pdf = page.request().get(proof.getAttribute("href"));
    assertThat(pdf.status()).isEqualTo(200);
    assertThat(new String(pdf.body(), 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");

    Download saved = page.waitForDownload(() -> page.locator("a[href$='/file']").click());
    Path kept = saved.path();
    page.navigate("/tickets");
    picker("Ticket from a file")
        .setInputFiles(
            new FilePayload("ticket.json", "application/json", Files.readAllBytes(kept)));
    assertThat(page.locator("#title")).hasValue("Journey capes");
    assertThat(page.getByLabel("Name 14")).hasValue("Player O");
    station("Press").click();
    assertThat(page.locator(".ticks")).containsText("0 of 14 are done.");
    button("Press this").click();
    assertThat(page.getByText(Pattern.compile("Player B · M"))).isVisible();

    page.navigate("/tickets");
    picker("Ticket from a file").setInputFiles(file("list.json", "{\"shopping\": 1}"));
    assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
        .containsText("This is no ticket file");
  }
}
