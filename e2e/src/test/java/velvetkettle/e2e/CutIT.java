package velvetkettle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** From the art to pieces that weed, lie on what is at hand, and go to the cutter. */
class CutIT extends Journey {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final Path DEMO_ART =
      Path.of(System.getProperty("kettle.root"), "server/src/main/resources/demo/art");

  private Locator artPicker() {
    return page.locator("input[type=file][accept*=svg]");
  }

  private static FilePayload svg(String name, byte[] bytes) {
    return new FilePayload(name, "image/svg+xml", bytes);
  }

  private static FilePayload demo(String name) throws IOException {
    return svg(name + ".svg", Files.readAllBytes(DEMO_ART.resolve(name + ".svg")));
  }

  /** A ticket with a medium taken, at Cut. */
  private void atCut(
      String what, String medium, String width, String height, int colours, int pieces) {
    garment("cap of the day", "100% cotton", "Twill");
    type("description", what);
    choose("art", "Logo or drawing");
    typeNumber("width", width);
    typeNumber("height", height);
    typeNumber("colours", String.valueOf(colours));
    typeNumber("pieces", String.valueOf(pieces));
    keepAndChoose(what);
    page.locator("article.option", new Page.LocatorOptions().setHasText(medium))
        .first()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Take")))
        .click();
    assertThat(heading("Before the press")).isVisible();
  }

  private static String ticket(String search) throws IOException {
    String found = KETTLE.get("/api/tickets?size=1&station=CUT&search=" + search).body();
    return "/tickets/" + JSON.readTree(found).at("/items/0/id").asText();
  }

  private String cutting() {
    String id = page.url().replaceAll(".*/tickets/([0-9a-f-]+)/.*", "$1");
    return "/api/tickets/" + id + "/cutting";
  }

  private JsonNode cut() throws IOException {
    APIResponse answer = page.request().get(cutting());
    return JSON.readTree(answer.body());
  }

  /** What is read of a design, asked for as the browser does. */
  private JsonNode read(JsonNode design) throws IOException {
    APIResponse answer =
        page.request()
            .put(
                "/api/cutting/readings/" + UUID.randomUUID(),
                RequestOptions.create()
                    .setData(design.toString())
                    .setHeader("Content-Type", "application/json"));
    JsonNode work = JSON.readTree(answer.body());
    while (work.path("state").asText().equals("RUNNING")) {
      work =
          JSON.readTree(
              page.request().get("/api/cutting/works/" + work.path("id").asText()).body());
    }
    return work.path("design");
  }

  private void toLayout() {
    page.getByText("Lay it out", new Page.GetByTextOptions().setExact(true)).first().click();
  }

  @Test
  @DisplayName("a broken letterform is found, set in a plain face, and cut again")
  void brokenLetter() throws IOException {
    page.navigate(ticket("Crew%20tees,%20one%20word") + "/cut");
    Locator broken = page.locator(".broken li");
    assertThat(broken.first()).containsText("A broken shape");
    int before = broken.count();
    broken.first().getByText("Set it in a plain face").click();
    type("letters-text", "R");
    assertThat(page.locator("path.letters")).isVisible();
    button("Set them").click();
    assertThat(page.getByText("“R” is set in a plain face.")).isVisible();
    assertThat(page.locator(".broken li")).hasCount(before - 1);
    page.locator(".broken li").first().getByText("Set it in a plain face").click();
    type("letters-text", "M");
    choose("letters-face", "Heavy");
    assertThat(page.locator("path.letters")).isVisible();
    page.waitForResponse(
        answer -> answer.url().endsWith("/cutting") && answer.request().method().equals("PUT"),
        () -> button("Set them").click());
    assertThat(page.locator(".broken li")).hasCount(0);
    page.reload();
    assertThat(page.getByText("“M” is set in a plain face.")).isVisible();
    button("Use the measures of the art").click();
    assertThat(page.getByText("The ticket has the measures of the art now.")).isVisible();
    assertThat(button("Use the measures of the art")).hasCount(0);
    toLayout();
    assertThat(button("Lay it out")).isEnabled();
    button("Lay it out").click();
    assertThat(page.getByText("All as PDF, 1:1")).isVisible();
    JsonNode layout = cut().path("layout");
    assertThat(layout.path("mats").size()).isPositive();
  }

  private static String picture() throws IOException {
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(200, 100, BufferedImage.TYPE_INT_RGB), "png", png);
    return "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray());
  }

  @Test
  @DisplayName(
      "text is set in a face, a gradient takes its darkest colour, and the cut goes act by act")
  void quaySign() throws IOException {
    atCut("quay sign", "Everyday film", "90", "60", 3, 2);
    String sign =
        "<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='60mm' viewBox='0 0 90 60'>"
            + "<linearGradient id='dusk'><stop stop-color='#204060'/><stop offset='1'"
            + " stop-color='#80a0c0'/></linearGradient>"
            + "<path id='board' fill='url(#dusk)' d='M0 0H90V30H30V60H0Z'/>"
            + "<text x='8' y='22' font-size='18' fill='#ffffff'>Quay 17</text>"
            + "<image id='net' x='4' y='34' width='20' height='10' href='"
            + picture()
            + "'/></svg>";
    artPicker().setInputFiles(svg("quay.svg", sign.getBytes(StandardCharsets.UTF_8)));
    Locator left = page.getByLabel("Left out");
    assertThat(left).containsText("The text “Quay 17” has no outlines");
    assertThat(left).containsText("The picture “net”, 200 by 100 dots, cannot be cut");
    assertThat(page.getByText("20 mm wide it has 254 dots per inch")).isVisible();
    choose("art-text", "Heavy");
    assertThat(left).containsText("“Quay 17” is set in the heavy face");
    choose("art-gradients", "Darkest");
    assertThat(left).containsText("it is cut in its darkest colour, #204060");
    assertThat(left).containsText("is set in the heavy face");
    button("Centre it by its weight").click();
    assertThat(page.getByText("It lies there on the ticket now.")).isVisible();
    assertThat(button("Centre it by its outline")).isVisible();
    toLayout();
    assertThat(button("Lay it out")).isEnabled();
    button("Lay it out").click();
    Locator acts = page.getByLabel("How mat 1 is cut");
    assertThat(acts).containsText("Lay the mat level");
    assertThat(acts).containsText("Weed the square while the mat is still in");
    button("Take it off the shelf").click();
    page.locator(".ant-popover").getByRole(AriaRole.BUTTON).last().click();
    assertThat(page.getByText("It is off the shelf")).isVisible();
    assertThat(page.getByText("Uses counted for this mat so far")).isVisible();
    button("A new blade is in").click();
    page.locator(".ant-popover:visible").getByRole(AriaRole.BUTTON).last().click();
    assertThat(page.getByText("Counted for this blade so far: as much as 0 m")).isVisible();
  }

  @Test
  @DisplayName(
      "six caps in four colours on two mats from remnants; moved, checked, taken off the shelf")
  void sixCaps() throws IOException {
    atCut("cap badge", "Everyday film", "60", "60", 4, 6);
    artPicker().setInputFiles(demo("cap-badge"));
    Locator colours = page.locator(".colours tbody tr");
    assertThat(colours).hasCount(4);
    page.getByText("As it lies", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText(Pattern.compile("mirrored, glue side up"))).isVisible();
    for (String material :
        new String[] {"Saltline navy", "Saltline signal red", "Saltline buoy yellow"}) {
      String colour =
          material.endsWith("navy") ? "1d3c6e" : material.endsWith("red") ? "c8262b" : "e0b23a";
      choose("material-" + colour, material + " ·");
    }
    choose("material-f7f5ef", "Saltline white ·");
    toLayout();
    assertThat(button("Lay it out")).isEnabled();
    button("Lay it out").click();
    assertThat(page.getByText("All as PDF, 1:1")).isVisible();
    JsonNode layout = cut().path("layout");
    assertThat(layout.path("mats")).hasSize(2);
    layout.path("uses").forEach(use -> assertThat(use.path("kind").asText()).isEqualTo("REMNANT"));
    int pieces = 0;
    for (JsonNode mat : layout.path("mats")) {
      pieces += mat.path("pieces").size();
    }
    assertThat(pieces).isEqualTo(24);
    assertThat(layout.path("left")).isEmpty();

    Locator piece = page.locator(".piece").first();
    BoundingBox at = piece.boundingBox();
    page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
    page.mouse().down();
    page.mouse()
        .move(
            at.x + at.width / 2 + 300,
            at.y + at.height / 2 + 260,
            new Mouse.MoveOptions().setSteps(8));
    assertThat(page.locator(".piece.wrong").first()).isVisible();
    page.mouse().up();
    assertThat(page.locator("figure .why").first()).isVisible();
    assertThat(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take it off the shelf")))
        .isDisabled();
    button("Lay it out again").click();
    assertThat(page.locator("figure .why")).hasCount(0);
    button("Take it off the shelf").click();
    page.locator(".ant-popconfirm-buttons .ant-btn-primary").click();
    assertThat(page.getByText("It is off the shelf; what is left of it went back.")).isVisible();
  }

  @Test
  @DisplayName(
      "a printed flag with a white border: one shape, no mask, pages with marks and their lines")
  void printedFlag() throws IOException {
    atCut("flag of the day", "Printable film", "90", "60", 4, 3);
    artPicker().setInputFiles(demo("harbour-flag"));
    assertThat(page.getByText("One solid shape: no mask is needed.")).isVisible();
    typeNumber("print-border", "5");
    assertThat(page.getByText("Bleed off: colour past the edge shows as an outline")).isVisible();
    toLayout();
    assertThat(button("Lay it out")).isEnabled();
    button("Lay it out").click();
    assertThat(page.locator("svg.page")).isVisible();
    Download line = page.waitForDownload(() -> page.getByText("Page 1, lines to cut").click());
    String file = new String(Files.readAllBytes(line.path()), StandardCharsets.UTF_8);
    assertThat(file).contains("width=\"210mm\"");
    assertThat(file.split("<path")).hasSize(1 + 5 + 3);
  }

  private static final String[] TINCTURES = {"#1d3c6e", "#c8262b", "#e0b23a"};

  /** A shield of 200 shapes over one another: bars, discs and lozenges, none of them apart. */
  private static byte[] coatOfArms() {
    StringBuilder arms =
        new StringBuilder(
            "<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='110mm' viewBox='0 0 90 110'>"
                + "<path fill='#1d3c6e' d='M0 0H90V60C90 90 60 105 45 110C30 105 0 90 0 60Z'/>");
    for (int i = 1; i < 200; i++) {
      double x = 12 + i * 37 % 66;
      double y = 12 + i * 53 % 70;
      double r = 3 + i * 7 % 9;
      String colour = TINCTURES[i % 3];
      arms.append(
          switch (i % 4) {
            case 0 ->
                String.format(
                    Locale.ROOT, "<circle fill='%s' cx='%f' cy='%f' r='%f'/>", colour, x, y, r);
            case 1 ->
                String.format(
                    Locale.ROOT,
                    "<rect fill='%s' x='%f' y='%f' width='%f' height='4'/>",
                    colour,
                    x - r,
                    y - 2,
                    2 * r);
            case 2 ->
                String.format(
                    Locale.ROOT,
                    "<path fill='%s' d='M%f %fl%f %fl%f %fl%f %fz'/>",
                    colour,
                    x,
                    y - r,
                    r,
                    r,
                    -r,
                    r,
                    -r,
                    -r);
            default ->
                String.format(
                    Locale.ROOT,
                    "<ellipse fill='%s' cx='%f' cy='%f' rx='%f' ry='%f'/>",
                    colour,
                    x,
                    y,
                    r,
                    r / 2);
          });
    }
    return arms.append("</svg>").toString().getBytes(StandardCharsets.UTF_8);
  }

  private static void roll(String name) throws IOException {
    String form =
        "{\"name\":\"%s\",\"medium\":\"film-smooth\",\"colour\":\"arms\",\"depth\":\"DARK\","
            + "\"rollWidth\":300,\"left\":1000,\"version\":0}";
    assertThat(KETTLE.put("/api/materials/" + UUID.randomUUID(), form.formatted(name)).statusCode())
        .isEqualTo(200);
  }

  private void layOut() {
    for (String colour : TINCTURES) {
      choose("material-" + colour.substring(1), "Herald " + colour.substring(1) + " ·");
    }
    toLayout();
    assertThat(button("Lay it out")).isEnabled();
    button("Lay it out").click();
    assertThat(page.getByText("All as PDF, 1:1")).isVisible();
  }

  @Test
  @DisplayName(
      "a coat of arms of 200 shapes over one another: split by colour, then cut from what was left")
  void coatOfArms200() throws IOException {
    for (String colour : TINCTURES) {
      roll("Herald " + colour.substring(1));
    }
    atCut("coat of arms", "Everyday film", "90", "110", 3, 1);
    artPicker().setInputFiles(svg("arms.svg", coatOfArms()));
    assertThat(page.locator(".colours tbody tr")).hasCount(3);
    layOut();
    assertThat(cut().at("/layout/left")).isEmpty();
    button("Take it off the shelf").click();
    page.locator(".ant-popconfirm-buttons .ant-btn-primary").click();
    assertThat(page.getByText("It is off the shelf; what is left of it went back.")).isVisible();
    atCut("coat of arms again", "Everyday film", "60", "74", 3, 1);
    choose("art-of-shop", "arms");
    assertThat(page.locator(".colours tbody tr")).hasCount(3);
    layOut();
    JsonNode uses = cut().at("/layout/uses");
    assertThat(uses).hasSize(3);
    uses.forEach(use -> assertThat(use.path("kind").asText()).isEqualTo("REMNANT"));
  }

  @Test
  @DisplayName("what is written out and brought in again has the same areas")
  void broughtInAgain() throws IOException {
    atCut("badge again", "Everyday film", "60", "60", 1, 1);
    artPicker().setInputFiles(demo("cap-badge"));
    toLayout();
    assertThat(button("Lay it out")).isEnabled();
    button("Lay it out").click();
    Download mat = page.waitForDownload(() -> page.getByText("Mat 1, #1d3c6e").click());
    page.getByText("Art and what fails").click();
    artPicker().setInputFiles(svg("again.svg", Files.readAllBytes(mat.path())));
    assertThat(page.locator(".colours tbody tr")).hasCount(1);
    assertThat(page.locator(".head b")).hasText("again");
    // What is chosen is kept a moment after it is chosen.
    page.waitForResponse(
        answer -> answer.url().endsWith("/cutting") && answer.request().method().equals("PUT"),
        () -> typeNumber("cut-width", "58"));
    JsonNode layer = read(cut().path("form").path("designs").get(0)).path("layers").get(0);
    assertThat(layer.path("area").asDouble()).isCloseTo(Math.PI * (29 * 29 - 24 * 24), within(0.5));
  }

  @Test
  @DisplayName(
      "a design of two thousand islands is read on the server, and the page goes on answering")
  void largeDesign() throws IOException {
    context.addInitScript(
        "window.long = []; new PerformanceObserver((seen) => seen.getEntries()"
            + ".forEach(({ duration }) => window.long.push(Math.round(duration))))"
            + ".observe({ type: 'longtask', buffered: true })");
    atCut("worn-out wall", "Everyday film", "140", "140", 1, 1);
    page.evaluate("() => (window.long = [])");
    artPicker().setInputFiles(svg("worn.svg", islands(2000).getBytes(StandardCharsets.UTF_8)));
    assertThat(page.locator("svg.art circle").first()).isVisible();
    assertThat(page.getByText(Pattern.compile("and \\d+ more"))).isVisible();
    page.getByText("As it lies", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator("svg.art > g[transform]")).isVisible();
    System.out.println("Long tasks with 2,000 islands, ms: " + page.evaluate("() => window.long"));
  }

  /** Islands of twenty corners on a lattice, every third thin. */
  private static String islands(int count) {
    StringBuilder d = new StringBuilder();
    int across = (int) Math.ceil(Math.sqrt(count));
    for (int i = 0; i < count; i++) {
      double flat = i % 3 == 0 ? 0.25 : 0.9;
      for (int k = 0; k < 20; k++) {
        double turn = 2 * Math.PI * k / 20;
        double r = 1.2 + 0.15 * Math.sin(5 * turn + i);
        d.append(k == 0 ? 'M' : 'L')
            .append(
                String.format(
                    Locale.ROOT,
                    "%.3f %.3f",
                    3 + 3.2 * (i % across) + r * Math.cos(turn),
                    3 + 3.2 * (i / across) + flat * r * Math.sin(turn)));
      }
      d.append('Z');
    }
    return "<svg xmlns='http://www.w3.org/2000/svg' width='150mm' height='150mm' viewBox='0 0 150 150'><path d='"
        + d
        + "'/></svg>";
  }

  @Test
  @DisplayName("what is no drawing says so, and what was there stays")
  void hostileFiles() throws IOException {
    page.navigate(ticket("Half-zips,%20stage") + "/cut");
    assertThat(page.locator("svg.art")).isVisible();
    Locator alert = page.locator(".art-in [role=alert]");
    artPicker().setInputFiles(svg("photo.svg", new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10}));
    assertThat(alert).containsText("This is a PNG file, whatever its name says");
    String bomb =
        "<!DOCTYPE svg [<!ENTITY a 'ha'>]><svg xmlns='http://www.w3.org/2000/svg'><text>&a;</text></svg>";
    artPicker().setInputFiles(svg("bomb.svg", bomb.getBytes(StandardCharsets.UTF_8)));
    assertThat(alert).containsText("Save the drawing as plain SVG");
    String deep =
        "<svg xmlns='http://www.w3.org/2000/svg'>"
            + "<g>".repeat(10_000)
            + "</g>".repeat(10_000)
            + "</svg>";
    artPicker().setInputFiles(svg("deep.svg", deep.getBytes(StandardCharsets.UTF_8)));
    assertThat(alert).containsText("Groups lie in groups");
    artPicker().setInputFiles(svg("huge.svg", new byte[11_000_000]));
    assertThat(alert).containsText("larger than 10 MB");
    assertThat(page.locator("svg.art")).isVisible();
  }
}
