package velvetkettle.core.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.media.school.Dispute;
import velvetkettle.core.media.school.School;
import velvetkettle.core.media.school.Schools;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.SecondsRange;

/** Windows and traits for a plate press with an even platen: common practice, no source. */
class MediaTest {
  static Stream<PressMedium> pressed() {
    return MediaCatalogue.pressed().stream();
  }

  @ParameterizedTest
  @CsvSource({
    "film-smooth, 150, 160, 10, 15, MEDIUM, WARM",
    "film-stretch, 145, 155, 10, 15, MEDIUM, WARM",
    "film-nylon, 130, 145, 6, 12, MEDIUM, WARM",
    "film-low, 115, 130, 8, 15, MEDIUM, COLD",
    "film-block, 130, 150, 12, 15, FIRM, COLD",
    "film-glitter, 155, 165, 15, 20, FIRM, WARM",
    "film-flock, 155, 165, 15, 20, MEDIUM, COLD",
    "film-metal, 140, 155, 10, 15, MEDIUM, COLD",
    "film-reflect, 145, 155, 10, 15, MEDIUM, COLD",
    "film-puff, 150, 155, 8, 10, FIRM, HOT",
    "film-print, 140, 160, 15, 30, MEDIUM, NONE",
    "xfer-dtf, 140, 160, 8, 15, MEDIUM, WARM",
    "xfer-screen, 140, 175, 6, 12, MEDIUM, HOT",
    "paper-light, 175, 190, 20, 30, FIRM, COLD",
    "paper-dark, 165, 180, 15, 30, MEDIUM, NONE",
    "sub-direct, 190, 205, 35, 60, MEDIUM, HOT",
    "sub-coated, 190, 200, 40, 60, MEDIUM, HOT",
    "stone-sheet, 150, 170, 15, 60, MEDIUM, COLD",
    "stone-stencil, 150, 160, 40, 60, LIGHT, NONE",
    "stone-wand, 200, 220, 5, 15, HAND, NONE",
    "web-light, 150, 160, 10, 30, LIGHT, NONE",
    "web-strong, 145, 160, 6, 10, MEDIUM, NONE",
    "web-stretch, 140, 160, 10, 20, LIGHT, NONE",
    "web-double, 150, 160, 5, 15, MEDIUM, NONE",
    "patch-web, 150, 170, 10, 30, MEDIUM, NONE"
  })
  void windows(
      String key,
      double cool,
      double hot,
      double brief,
      double lengthy,
      Pressure pressure,
      Peel peel) {
    Window window = medium(key).window();
    assertThat(window.temperature()).isEqualTo(CelsiusRange.of(cool, hot));
    assertThat(window.time()).isEqualTo(SecondsRange.of(brief, lengthy));
    assertThat(window.pressure()).isEqualTo(pressure);
    assertThat(window.peel()).isEqualTo(peel);
  }

  @ParameterizedTest
  @CsvSource({
    "film-smooth, MIRRORED, GLUE_UP, NONE, FACE, NOT_NEEDED, false, false, 0",
    "film-nylon, MIRRORED, GLUE_UP, NONE, FACE, NOT_NEEDED, false, false, 0",
    "film-low, MIRRORED, GLUE_UP, PARCHMENT, FACE, NOT_NEEDED, false, false, 0",
    "film-block, MIRRORED, GLUE_UP, NONE, FACE, NOT_NEEDED, false, true, 0",
    "film-metal, MIRRORED, GLUE_UP, PARCHMENT, FACE, NOT_NEEDED, false, false, 0",
    "film-print, AS_SEEN, FACE_UP, PARCHMENT, FACE, NOT_NEEDED, false, false, 0",
    "xfer-dtf, ALREADY_REVERSED, ALREADY_MADE, NONE, FACE, NOT_NEEDED, false, false, 0",
    "xfer-screen, ALREADY_REVERSED, ALREADY_MADE, NONE, FACE, NOT_NEEDED, false, false, 0",
    "paper-light, MIRRORED, PRINT_SIDE, NONE, FACE, NOT_NEEDED, true, false, 0",
    "paper-dark, AS_SEEN, FACE_UP, PARCHMENT, FACE, NOT_NEEDED, false, false, 0",
    "sub-direct, MIRRORED, PRINT_SIDE, KRAFT, FACE, NOT_NEEDED, true, false, 65",
    "sub-coated, MIRRORED, PRINT_SIDE, PARCHMENT, FACE, NOT_NEEDED, true, false, 0",
    "stone-sheet, ALREADY_REVERSED, ALREADY_MADE, COTTON, FACE, NOT_NEEDED, false, false, 0",
    "web-light, AS_SEEN, FACE_UP, PARCHMENT, FACE, MUST, false, false, 0",
    "web-strong, AS_SEEN, FACE_UP, COTTON, FACE, NEVER, false, false, 0",
    "patch-web, AS_SEEN, ALREADY_MADE, COTTON, BACK, NEVER, false, false, 0"
  })
  void traits(
      String key,
      Orientation orientation,
      CutFace face,
      CoverSheet cover,
      Side side,
      Stitch stitch,
      boolean transparent,
      boolean blocksDye,
      double leastPolyester) {
    PressMedium medium = medium(key);
    assertThat(medium.orientation()).isEqualTo(orientation);
    assertThat(medium.cutFace()).isEqualTo(face);
    assertThat(medium.cover()).isEqualTo(cover);
    assertThat(medium.side()).isEqualTo(side);
    assertThat(medium.stitch()).isEqualTo(stitch);
    assertThat(medium.transparent()).isEqualTo(transparent);
    assertThat(medium.blocksDye()).isEqualTo(blocksDye);
    assertThat(medium.leastPolyester()).isEqualTo(leastPolyester);
  }

  @ParameterizedTest
  @MethodSource("pressed")
  @DisplayName("every medium ends in what meets the cloth, and its numbers are usable")
  void everyMediumIsComplete(PressMedium medium) {
    assertThat(medium.carries()).isNotEmpty();
    assertThat(medium.layers().get(medium.layers().size() - 1).kind())
        .isIn(LayerKind.GLUE, LayerKind.INK);
    assertThat(medium.layers()).allSatisfy(layer -> assertThat(layer.thickness()).isNotNull());
    assertThat(medium.hand()).isBetween(1, 5);
    assertThat(medium.skin()).isBetween(1, 5);
    assertThat(medium.gives()).isNotEmpty();
    assertThat(medium.tools()).isNotEmpty();
    assertThat(medium.worthFrom()).isGreaterThan(0);
    assertThat(medium.wear()).isBetween(1, 5);
    assertThat(medium.preparation(work(Surface.ANY))).isNotEmpty();
    assertThat(medium.handlingPerPiece(art(Surface.ANY))).isGreaterThan(Seconds.of(0));
    assertThat(MediaCatalogue.knows(medium.key())).isTrue();
    assertThat(medium.term().key()).isEqualTo("medium." + medium.key());
  }

  @Test
  void keysTellMediaApart() {
    assertThat(pressed().map(PressMedium::key).toList()).doesNotHaveDuplicates();
    assertThat(MediaCatalogue.knows("glitter-glue")).isFalse();
    assertThat(MediaCatalogue.pressed("no-heat")).isEmpty();
    assertThat(MediaCatalogue.knows("no-heat")).isTrue();
  }

  @Test
  @DisplayName(
      "the second press takes its sheet from the wanted surface: gloss PTFE, else parchment")
  void secondPressBySurface() {
    assertThat(secondCover("film-smooth", work(Surface.GLOSS))).isEqualTo(CoverSheet.PTFE);
    assertThat(secondCover("film-smooth", work(Surface.MATT))).isEqualTo(CoverSheet.PARCHMENT);
    assertThat(medium("sub-direct").after(work(Surface.ANY))).isEmpty();
    assertThat(medium("film-puff").after(work(Surface.RAISED))).isEmpty();
  }

  @Test
  @DisplayName("cotton on nylon, which soaks up the glue; a shop may keep to one sheet for all")
  void secondPressBySchool() {
    assertThat(secondCover("film-nylon", work(Surface.GLOSS))).isEqualTo(CoverSheet.COTTON);
    Work byCloth = work(Surface.GLOSS, School.COVER_CLOTH);
    assertThat(secondCover("film-smooth", byCloth)).isEqualTo(CoverSheet.COTTON);
    Work byPtfe = work(Surface.MATT, School.COVER_PTFE);
    assertThat(secondCover("xfer-dtf", byPtfe)).isEqualTo(CoverSheet.PTFE);
  }

  @Test
  @DisplayName("5 s under a thin sheet, 6 to 8 s under cotton")
  void secondPressTimes() {
    assertThat(ExtraPress.second(CoverSheet.PARCHMENT).time()).isEqualTo(Seconds.of(5));
    assertThat(ExtraPress.second(CoverSheet.COTTON).time().count()).isBetween(6.0, 8.0);
  }

  @Test
  @DisplayName(
      "primed cotton: two coats under parchment at 165 °C, 30 s and 20 s, before the print")
  void primes() {
    assertThat(medium("sub-coated").before(work(Surface.ANY)))
        .containsExactly(ExtraPress.prime(165, 30), ExtraPress.prime(165, 20));
    assertThat(medium("sub-coated").window().usualTemperature()).isEqualTo(Celsius.of(196));
    assertThat(medium("sub-coated").window().usualTime()).isEqualTo(Seconds.of(40));
  }

  @Test
  @DisplayName("stones: once more without their film, then from the back for 15 to 20 s")
  void stonesAgain() {
    List<ExtraPress> after = medium("stone-sheet").after(work(Surface.ANY));
    assertThat(after)
        .extracting(ExtraPress::kind)
        .containsExactly(ExtraPress.Kind.SECOND, ExtraPress.Kind.FROM_BACK);
    assertThat(after.get(1).time().count()).isBetween(15.0, 20.0);
  }

  @Test
  @DisplayName("a shop that lays the web on the garment first tacks it there, 2 to 8 s")
  void webFirst() {
    assertThat(medium("web-strong").before(work(Surface.ANY))).isEmpty();
    List<ExtraPress> tack = medium("web-strong").before(work(Surface.ANY, School.WEB_ON_GARMENT));
    assertThat(tack).hasSize(1);
    assertThat(tack.get(0).time().count()).isBetween(2.0, 8.0);
  }

  @ParameterizedTest
  @CsvSource({"film-glitter, 2", "film-flock, 2", "film-smooth, 1", "xfer-dtf, 0.5"})
  @DisplayName("the thinnest stroke: 1 mm in smooth film, 2 mm in glitter and flock")
  void strokes(String key, double millimetres) {
    assertThat(medium(key).thinnestStroke()).isEqualTo(Millimetres.of(millimetres));
  }

  @Test
  @DisplayName("a shop keeps to one school on each question; on the others ours speaks")
  void schools() {
    Schools schools = Schools.of(School.STITCH_ALWAYS);
    assertThat(schools.keepTo(School.STITCH_ALWAYS)).isTrue();
    assertThat(schools.on(Dispute.PRE_WASH)).isEqualTo(School.PRE_WASH_WHERE_NEEDED);
    assertThatThrownBy(() -> Schools.of(School.STITCH_ALWAYS, School.STITCH_BY_WEB))
        .hasMessageContaining("one school");
    for (Dispute dispute : Dispute.values()) {
      assertThat(dispute.schools()).hasSizeGreaterThan(1);
    }
  }

  @Test
  void aUsualSettingOutsideItsWindowIsAMistake() {
    assertThatThrownBy(
            () ->
                new Window(
                    CelsiusRange.of(150, 160),
                    SecondsRange.of(10, 15),
                    Pressure.MEDIUM,
                    Peel.WARM,
                    Celsius.of(161),
                    Seconds.of(12)))
        .hasMessageContaining("inside the window");
  }

  @Test
  void artworkOutsideReasonIsRefused() {
    assertThatThrownBy(() -> art("", 1, 100)).hasMessageContaining("described");
    assertThatThrownBy(() -> art("x", 0, 100)).hasMessageContaining("colours");
    assertThatThrownBy(() -> art("x", 201, 100)).hasMessageContaining("colours");
    assertThatThrownBy(() -> art("x", 1, 2)).hasMessageContaining("3 to 3000");
    assertThat(art("x", 1, 3).showsStains()).isTrue();
  }

  private static PressMedium medium(String key) {
    return MediaCatalogue.pressed(key).orElseThrow();
  }

  private static CoverSheet secondCover(String key, Work work) {
    return medium(key).after(work).get(0).cover();
  }

  private static Work work(Surface surface, School... kept) {
    Garment tee =
        new Garment(
            "tee",
            GarmentKind.TOP,
            Blend.of(Fibre.COTTON),
            Fabric.JERSEY,
            new Colour("white", Depth.WHITE, Hue.NEUTRAL),
            DyeKind.UNDYED,
            Finish.NONE,
            Set.of(),
            IronMark.UNKNOWN,
            Size.ADULT);
    return new Work(tee, art(surface), Schools.of(kept));
  }

  private static Artwork art(Surface surface) {
    return artwork("art", 1, 100, surface);
  }

  /** Where the art was looked at, its own weeding counts, and half a minute to place it. */
  @Test
  void filmIsHandledAsItsArtWeeds() {
    Artwork art = art("art", 3, 100);
    Artwork looked =
        new Artwork(
            art.description(),
            art.kind(),
            art.width(),
            art.height(),
            art.colours(),
            art.lightest(),
            art.placement(),
            art.surface(),
            null,
            false,
            null,
            0,
            Seconds.of(84));
    assertThat(new EverydayFilm().handlingPerPiece(looked)).isEqualTo(Seconds.of(114));
    assertThat(new EverydayFilm().handlingPerPiece(art)).isEqualTo(Seconds.of(150));
  }

  private static Artwork art(String description, int colours, double height) {
    return artwork(description, colours, height, Surface.ANY);
  }

  private static Artwork artwork(String description, int colours, double height, Surface surface) {
    return new Artwork(
        description,
        ArtKind.LOGO,
        Millimetres.of(100),
        Millimetres.of(height),
        colours,
        Depth.WHITE,
        Placement.CHEST,
        surface,
        null);
  }
}
