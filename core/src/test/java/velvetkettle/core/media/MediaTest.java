package velvetkettle.core.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.cloth.Depth;
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
    "film-block, 130, 150, 12, 15, FIRM, COLD",
    "paper-light, 175, 190, 20, 30, FIRM, COLD",
    "sub-direct, 190, 205, 35, 60, MEDIUM, HOT",
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
    "film-block, MIRRORED, GLUE_UP, NONE, FACE, NOT_NEEDED, false, true, 0",
    "paper-light, MIRRORED, PRINT_SIDE, NONE, FACE, NOT_NEEDED, true, false, 0",
    "sub-direct, MIRRORED, PRINT_SIDE, KRAFT, FACE, NOT_NEEDED, true, false, 65",
    "patch-web, AS_SEEN, ALREADY_MADE, COTTON, BACK, NEVER, false, true, 0"
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
    assertThat(medium.wear()).isBetween(1, 5);
    assertThat(medium.preparation(art(Surface.ANY))).isNotEmpty();
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
    assertThat(secondPress(Surface.GLOSS)).isEqualTo(SecondPress.under(CoverSheet.PTFE));
    assertThat(secondPress(Surface.MATT)).isEqualTo(SecondPress.under(CoverSheet.PARCHMENT));
    assertThat(medium("sub-direct").secondPress(art(Surface.ANY))).isNull();
  }

  @Test
  @DisplayName("5 s under a thin sheet, 6 to 8 s under cotton")
  void secondPressTimes() {
    assertThat(SecondPress.under(CoverSheet.PARCHMENT).time()).isEqualTo(Seconds.of(5));
    assertThat(SecondPress.under(CoverSheet.COTTON).time().count()).isBetween(6.0, 8.0);
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

  private static SecondPress secondPress(Surface surface) {
    return medium("film-smooth").secondPress(art(surface));
  }

  private static Artwork art(Surface surface) {
    return artwork("art", 1, 100, surface);
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
