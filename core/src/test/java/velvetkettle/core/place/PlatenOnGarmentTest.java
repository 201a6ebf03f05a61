package velvetkettle.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Layout;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/** What practice does about zips, pockets and seams [handbook 5, common practice, no source]. */
class PlatenOnGarmentTest {
  private static final Press BIG = press("Big press", PressKind.PLATE_DRAW, 400, 500);
  private static final Press MINI = press("Mini press", PressKind.HAND_MINI, 120, 80);

  private static Press press(String name, PressKind kind, double width, double depth) {
    return new Press(name, kind, Millimetres.of(width), Millimetres.of(depth), Calibration.NONE);
  }

  private static Garment garment(GarmentKind kind, Size size, PlacedObstacle... placed) {
    return new Garment(
        "test garment",
        kind,
        size,
        new ClothSpec(
            Blend.of(Fibre.COTTON),
            Fabric.TWILL,
            new Colour("navy", Depth.DARK, Hue.BLUE),
            DyeKind.REACTIVE,
            Finish.NONE,
            IronMark.UNKNOWN),
        Set.copyOf(List.of(placed).stream().map(PlacedObstacle::what).toList()),
        new Layout(null, null, List.of(placed)));
  }

  private static PlacedObstacle front(
      Obstacle what, double x, double y, double width, double height) {
    return new PlacedObstacle(what, GarmentFace.FRONT, new Area(x, y, width, height));
  }

  private static Placing place(
      Garment garment,
      Placement placement,
      @Nullable Spot spot,
      double width,
      double height,
      Press press) {
    return new PlatenOnGarment.Question(
            garment,
            placement,
            spot,
            Millimetres.of(width),
            Millimetres.of(height),
            press,
            List.of(BIG, MINI))
        .placing();
  }

  private static List<String> keys(Placing placing) {
    return placing.advice().stream().map(Sentence::key).toList();
  }

  @Test
  void plainChest() {
    Placing placing =
        place(garment(GarmentKind.TOP, Size.ADULT), Placement.CHEST, null, 280, 200, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.CLEAR);
    assertThat(placing.positions()).hasSize(1);
    assertThat(placing.positions().get(0).middle()).isCloseTo(0, within(0.5));
    assertThat(placing.advice()).isEmpty();
  }

  @Test
  @DisplayName("a vest's crest beside the chest zip: the zip hangs off the edge of the platen")
  void hangOff() {
    Garment vest = garment(GarmentKind.VEST, Size.ADULT, front(Obstacle.ZIP, -7, 0, 14, 600));
    Placing placing = place(vest, Placement.LEFT_CHEST, null, 80, 80, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.HANG_OFF);
    assertThat(keys(placing)).containsExactly("place.hang-off");
    assertThat(placing.positions()).hasSize(1);
    Area platen = placing.positions().get(0);
    assertThat(platen.x()).isGreaterThanOrEqualTo(7);
    assertThat(platen.contains(placing.art())).isTrue();
    assertThat(placing.met()).isEmpty();
  }

  @Test
  @DisplayName("a seam through the art is taken up by a pad, and the pressure tuned anew")
  void padOverASeam() {
    Garment tee = garment(GarmentKind.TOP, Size.ADULT, front(Obstacle.SEAM, -200, 150, 400, 8));
    Placing placing = place(tee, Placement.CHEST, null, 280, 200, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.PAD);
    assertThat(keys(placing)).startsWith("place.pad", "place.tune-pressure");
    assertThat(placing.met()).containsExactly(Obstacle.SEAM);
    assertThat(placing.insert()).isNotNull();
    assertThat(placing.insert().contains(placing.art())).isTrue();
  }

  private static Garment betweenZips() {
    return garment(
        GarmentKind.JACKET,
        Size.ADULT,
        front(Obstacle.ZIP, -20, 0, 10, 600),
        front(Obstacle.POCKET_ZIP, 160, 0, 10, 600));
  }

  @Test
  @DisplayName("single cloth has no inside: the pad goes below it, and nothing is lifted")
  void padBelowSingleCloth() {
    Garment apron = garment(GarmentKind.APRON, Size.ADULT, front(Obstacle.SEAM, -200, 300, 400, 8));
    Placing placing =
        place(apron, Placement.CHEST, new Spot(GarmentFace.FRONT, 0, 250), 200, 120, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.PAD);
    assertThat(keys(placing)).startsWith("place.pad-below", "place.tune-pressure");
    assertThat(placing.insert()).as("below it, where there is room").isNotNull();
  }

  @Test
  @DisplayName("between two zips only the small platen fits")
  void smallerPlaten() {
    Garment jacket = betweenZips();
    Placing placing =
        place(jacket, Placement.LEFT_CHEST, new Spot(GarmentFace.FRONT, 70, 100), 60, 40, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.SMALLER_PLATEN);
    assertThat(placing.advice().get(0).arguments()).contains("Mini press");
  }

  @Test
  @DisplayName("where no platen fits, an insert no larger than the art lifts it")
  void insert() {
    Garment jacket = betweenZips();
    Placing placing =
        place(jacket, Placement.LEFT_CHEST, new Spot(GarmentFace.FRONT, 70, 100), 130, 120, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.INSERT);
    assertThat(keys(placing)).contains("place.insert");
    assertThat(placing.insert()).isNotNull();
    assertThat(placing.insert().width()).isCloseTo(146, within(0.01));
  }

  @Test
  @DisplayName("an insert does not fit over a zip beside the art, nor into a single cloth")
  void insertDoesNotFit() {
    PlacedObstacle zip = front(Obstacle.ZIP, -75, 0, 4, 600);
    PlacedObstacle other = front(Obstacle.POCKET_ZIP, 71, 0, 4, 600);
    Spot spot = new Spot(GarmentFace.FRONT, 0, 100);
    Placing jacket =
        place(
            garment(GarmentKind.JACKET, Size.ADULT, zip, other),
            Placement.CHEST,
            spot,
            130,
            120,
            BIG);
    assertThat(keys(jacket)).contains("place.no-insert");
    assertThat(jacket.insert()).isNull();
    assertThat(jacket.way()).isEqualTo(PlatenApproach.MOVE);
    Placing apron =
        place(
            garment(GarmentKind.APRON, Size.ADULT, zip, other),
            Placement.CHEST,
            spot,
            100,
            120,
            BIG);
    assertThat(keys(apron)).as("a single cloth has it below").contains("place.insert-below");
  }

  @Test
  @DisplayName(
      "two buttons close beside large art at different heights: it is pressed in two parts")
  void inParts() {
    Garment apron =
        garment(
            GarmentKind.APRON,
            Size.ADULT,
            front(Obstacle.BUTTON, -210, 400, 14, 14),
            front(Obstacle.SNAP, 196, 700, 14, 14));
    Spot spot = new Spot(GarmentFace.FRONT, 0, 345);
    Placing placing = place(apron, Placement.CHEST, spot, 380, 480, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.IN_PARTS);
    assertThat(placing.positions()).hasSize(2);
    assertThat(placing.advice().get(0).arguments()).containsExactly(2);
    assertThat(placing.met()).isEmpty();
  }

  @Test
  @DisplayName("in two parts over a seam that the art crosses: on a pad, as in one part")
  void inPartsOnAPad() {
    Garment apron =
        garment(
            GarmentKind.APRON,
            Size.ADULT,
            front(Obstacle.BUTTON, -210, 400, 14, 14),
            front(Obstacle.SNAP, 196, 700, 14, 14),
            front(Obstacle.SEAM, -150, 560, 300, 6));
    Spot spot = new Spot(GarmentFace.FRONT, 0, 345);
    Placing placing = place(apron, Placement.CHEST, spot, 380, 480, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.PAD);
    assertThat(placing.about()).isEqualTo(Obstacle.SEAM);
    assertThat(placing.insert()).isNotNull();
    assertThat(placing.positions()).hasSize(2);
    assertThat(placing.reaches(placing.art())).isTrue();
  }

  @ParameterizedTest(name = "zip at {0}: move it {1}")
  @CsvSource({"-30, right", "16, left"})
  void artOnAZipMoves(double x, String direction) {
    Garment vest = garment(GarmentKind.VEST, Size.ADULT, front(Obstacle.ZIP, x, 0, 14, 600));
    Placing placing = place(vest, Placement.CHEST, new Spot(GarmentFace.FRONT, 0, 90), 80, 80, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.MOVE);
    assertThat(keys(placing)).contains("place.move-" + direction);
  }

  @Test
  @DisplayName("art by the guide goes beside a zip down the whole front, and below a short one")
  void guideKeepsOffZips() {
    PlacedObstacle whole = front(Obstacle.ZIP, -7, 0, 14, 600);
    Spot beside =
        PlacementGuide.usual(
            garment(GarmentKind.VEST, Size.ADULT, whole),
            Placement.CHEST,
            Millimetres.of(100),
            Millimetres.of(60));
    assertThat(beside.fromCentre()).isEqualTo(72);
    PlacedObstacle half = front(Obstacle.ZIP, -7, 0, 14, 180);
    Spot below =
        PlacementGuide.usual(
            garment(GarmentKind.SWEATSHIRT, Size.ADULT, half),
            Placement.CHEST,
            Millimetres.of(240),
            Millimetres.of(120));
    assertThat(below.fromCentre()).isZero();
    assertThat(below.belowCollar()).isEqualTo(195);
  }

  @Test
  @DisplayName("something hard on the front lies below art on the back: only that is drawn over")
  void hardBelow() {
    Garment jacket =
        garment(GarmentKind.JACKET, Size.ADULT, front(Obstacle.POCKET_ZIP, -7, 80, 14, 300));
    Placing placing = place(jacket, Placement.BACK, null, 260, 200, BIG);
    assertThat(placing.face()).isEqualTo(GarmentFace.BACK);
    assertThat(placing.way()).isEqualTo(PlatenApproach.ONE_LAYER);
    assertThat(placing.oneLayer()).isTrue();
    assertThat(placing.opened()).isNull();
    assertThat(placing.about()).isEqualTo(Obstacle.POCKET_ZIP);
    assertThat(placing.advice().get(0).arguments()).contains(Obstacle.POCKET_ZIP.term());
  }

  @Test
  @DisplayName("a jacket that opens in front is opened, and its back laid alone on the platen")
  void openedInFront() {
    Garment jacket =
        garment(
            GarmentKind.JACKET,
            Size.ADULT,
            front(Obstacle.ZIP, -7, 0, 14, 600),
            front(Obstacle.POCKET_ZIP, -120, 150, 14, 160));
    Placing back = place(jacket, Placement.BACK, null, 260, 200, BIG);
    assertThat(back.opened()).isEqualTo(Obstacle.ZIP);
    assertThat(back.oneLayer()).isTrue();
    assertThat(back.way()).isEqualTo(PlatenApproach.CLEAR);
    assertThat(back.met()).isEmpty();
    assertThat(keys(back)).containsExactly("place.open-up");
    Placing front = place(jacket, Placement.LEFT_CHEST, null, 60, 60, BIG);
    assertThat(front.opened()).isNull();
    assertThat(keys(front)).doesNotContain("place.open-up");
  }

  @Test
  @DisplayName("buttons open a shirt; what lies on the back itself is still minded")
  void buttonsOpen() {
    Garment shirt = named(GarmentKind.SHIRT, Obstacle.BUTTON, Obstacle.COLLAR);
    Placing placing = place(shirt, Placement.UPPER_BACK, null, 260, 100, BIG);
    assertThat(placing.opened()).isEqualTo(Obstacle.BUTTON);
    assertThat(placing.about()).isEqualTo(Obstacle.COLLAR);
    assertThat(keys(placing)).startsWith("place.open-up");
  }

  @Test
  @DisplayName("a zip at the neck, a fly, snaps at the crotch and a side zip open nothing")
  void opensNothing() {
    List<Garment> closed =
        List.of(
            named(GarmentKind.SWEATSHIRT, Obstacle.ZIP),
            named(GarmentKind.TOP, Obstacle.BUTTON),
            named(GarmentKind.TROUSERS, Obstacle.ZIP),
            named(GarmentKind.BODYSUIT, Obstacle.SNAP),
            garment(GarmentKind.JACKET, Size.ADULT, front(Obstacle.ZIP, 200, 0, 14, 600)),
            garment(GarmentKind.JACKET, Size.ADULT, front(Obstacle.POCKET_ZIP, -7, 0, 14, 600)));
    assertThat(closed)
        .allSatisfy(
            one -> assertThat(place(one, Placement.BACK, null, 200, 100, BIG).opened()).isNull());
    assertThat(
            place(
                    named(GarmentKind.SWEATSHIRT, Obstacle.ZIP, Obstacle.HOOD),
                    Placement.BACK,
                    null,
                    200,
                    100,
                    BIG)
                .opened())
        .as("a hooded one with a zip is zipped all the way")
        .isEqualTo(Obstacle.ZIP);
  }

  @Test
  @DisplayName("a sleeve, a leg and a hood are tubes: they do not come open with the front")
  void tubesStayClosed() {
    Garment jacket = named(GarmentKind.JACKET, Obstacle.ZIP);
    assertThat(place(jacket, Placement.SLEEVE, null, 60, 100, BIG).opened()).isNull();
    assertThat(place(jacket, Placement.HOOD, null, 60, 60, BIG).opened()).isNull();
  }

  private static Garment named(GarmentKind kind, Obstacle... what) {
    Garment plain = garment(kind, Size.ADULT);
    return new Garment(
        plain.name(), kind, plain.size(), plain.cloth(), Set.of(what), plain.layout());
  }

  @Test
  @DisplayName("a crest that lies wholly on its pocket is not in the pocket's way")
  void onItsPocket() {
    Garment blazer =
        garment(GarmentKind.JACKET, Size.ADULT, front(Obstacle.POCKET, 60, 60, 120, 130));
    Placing on = place(blazer, Placement.POCKET, null, 70, 80, BIG);
    assertThat(on.art().middle()).isEqualTo(120);
    assertThat(on.way()).isEqualTo(PlatenApproach.CLEAR);
  }

  @Test
  @DisplayName("quilting: how many seams the art crosses, and by how much it is too high")
  void quilting() {
    Garment vest =
        garment(
            GarmentKind.VEST,
            Size.ADULT,
            front(Obstacle.PADDING, -250, 90, 500, 6),
            front(Obstacle.PADDING, -250, 180, 500, 6),
            front(Obstacle.PADDING, -250, 270, 500, 6));
    Placing across =
        place(vest, Placement.CHEST, new Spot(GarmentFace.FRONT, 0, 60), 120, 150, BIG);
    assertThat(across.advice())
        .contains(
            Sentence.of("place.on-seams", 2),
            Sentence.of("place.too-high", Millimetres.of(66), Millimetres.of(84)));
    Placing between =
        place(vest, Placement.CHEST, new Spot(GarmentFace.FRONT, 0, 100), 100, 60, BIG);
    assertThat(keys(between)).doesNotContain("place.on-seams");
  }

  @Test
  void sleeveOnAForm() {
    Placing placing =
        place(garment(GarmentKind.LONG_SLEEVE, Size.ADULT), Placement.SLEEVE, null, 60, 120, BIG);
    assertThat(placing.way()).isEqualTo(PlatenApproach.FORM);
    assertThat(placing.art().x()).isGreaterThan(200);
  }

  @Test
  void artBeyondTheCloth() {
    Placing placing =
        place(garment(GarmentKind.RIBBON, Size.ADULT), Placement.CHEST, null, 200, 40, BIG);
    assertThat(keys(placing)).contains("place.off-cloth");
    assertThat(placing.advice().get(0).arguments()).containsExactly(38);
  }

  @ParameterizedTest(name = "{0}: {1}-{2} mm below the collar, {3}-{4} mm across")
  @CsvSource({
    "BABY,25,40,90,115",
    "TODDLER,40,50,125,150",
    "YOUTH,50,65,180,230",
    "ADULT,75,90,250,300"
  })
  @DisplayName("placement guide [common practice, no source]")
  void guide(Size size, double from, double to, double narrow, double wide) {
    assertThat(PlacementGuide.belowCollar(size)).isEqualTo(new PlacementGuide.Range(from, to));
    assertThat(PlacementGuide.fullWidth(size)).isEqualTo(new PlacementGuide.Range(narrow, wide));
    Spot spot =
        PlacementGuide.usual(
            garment(GarmentKind.TOP, size),
            Placement.CHEST,
            Millimetres.of(narrow),
            Millimetres.of(60));
    assertThat(spot.fromCentre()).isZero();
    assertThat(spot.belowCollar()).isBetween(from, to);
  }

  @Test
  @DisplayName("left chest: 100 mm out, its middle 180-200 mm below the shoulder")
  void leftChest() {
    Garment tee = garment(GarmentKind.TOP, Size.ADULT);
    Spot spot =
        PlacementGuide.usual(tee, Placement.LEFT_CHEST, Millimetres.of(90), Millimetres.of(60));
    assertThat(spot.fromCentre()).isEqualTo(100);
    double belowShoulder = spot.belowCollar() + 30 + GarmentPattern.of(tee).frontCollar();
    assertThat(belowShoulder).isBetween(180.0, 200.0);
  }
}
