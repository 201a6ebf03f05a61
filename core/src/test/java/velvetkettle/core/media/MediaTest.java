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
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Detail;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.StoneCount;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
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
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.Window;
import velvetkettle.core.media.trait.Work;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.school.Dispute;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;

/** Windows and traits for a plate press with an even platen: common practice, no source. */
class MediaTest {
  static Stream<Medium> pressed() {
    return MediaCatalogue.TRADE.all().stream();
  }

  @ParameterizedTest
  @MethodSource("pressed")
  @DisplayName("every medium ends in what meets the cloth, and its numbers are usable")
  void everyMediumIsComplete(Medium medium) {
    LayerKind lowest = medium.construction().lowest().kind();
    assertThat(lowest)
        .isEqualTo(medium.construction().dyesTheCloth() ? LayerKind.INK : LayerKind.GLUE);
    assertThat(medium.construction().layers())
        .allSatisfy(layer -> assertThat(layer.thickness()).isNotNull());
    assertThat(medium.handling().worthFrom()).isGreaterThan(0);
    assertThat(medium.handling().preparation(work(Surface.ANY))).isNotEmpty();
    assertThat(medium.handling().work().perPiece(art(Surface.ANY))).isGreaterThan(Seconds.of(0));
    assertThat(MediaCatalogue.TRADE.knows(medium.key())).isTrue();
    assertThat(medium.term().key()).isEqualTo("medium." + medium.key());
  }

  @Test
  void keysTellMediaApart() {
    assertThat(pressed().map(Medium::key).toList()).doesNotHaveDuplicates();
    assertThat(MediaCatalogue.TRADE.knows("glitter-glue")).isFalse();
    assertThat(MediaCatalogue.TRADE.find("no-heat")).isEmpty();
    assertThat(MediaCatalogue.TRADE.knows("no-heat")).isTrue();
  }

  @Test
  @DisplayName(
      "the second press takes its sheet from the wanted surface: gloss PTFE, else parchment")
  void secondPressBySurface() {
    assertThat(secondCover("film-smooth", work(Surface.GLOSS))).isEqualTo(CoverSheet.PTFE);
    assertThat(secondCover("film-smooth", work(Surface.MATT))).isEqualTo(CoverSheet.PARCHMENT);
    assertThat(medium("sub-direct").atPress().after(work(Surface.ANY))).isEmpty();
    assertThat(medium("film-puff").atPress().after(work(Surface.RAISED))).isEmpty();
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
    ExtraPress second = ExtraPress.second(CoverChoice.BY_FINISH);
    assertThat(second.under(CoverSheet.PARCHMENT)).isEqualTo(Seconds.of(5));
    assertThat(second.under(CoverSheet.COTTON).count()).isBetween(6.0, 8.0);
  }

  @Test
  @DisplayName(
      "primed cotton: two coats under parchment at 165 °C, 30 s and 20 s, before the print")
  void primes() {
    assertThat(medium("sub-coated").atPress().before(work(Surface.ANY)))
        .containsExactly(ExtraPress.prime(165, 30), ExtraPress.prime(165, 20));
    assertThat(medium("sub-coated").window().usualTemperature()).isEqualTo(Celsius.of(196));
    assertThat(medium("sub-coated").window().usualTime()).isEqualTo(Seconds.of(40));
  }

  @Test
  @DisplayName("stones: once more without their film, then from the back for 15 to 20 s")
  void stonesAgain() {
    List<ExtraPress> after = medium("stone-sheet").atPress().after(work(Surface.ANY));
    assertThat(after)
        .extracting(ExtraPress::kind)
        .containsExactly(ExtraPress.Kind.SECOND, ExtraPress.Kind.FROM_BACK);
    assertThat(after.get(1).time().count()).isBetween(15.0, 20.0);
  }

  @Test
  @DisplayName("a shop that lays the web on the garment first tacks it there, 2 to 8 s")
  void webFirst() {
    assertThat(medium("web-strong").atPress().before(work(Surface.ANY))).isEmpty();
    List<ExtraPress> tack =
        medium("web-strong").atPress().before(work(Surface.ANY, School.WEB_ON_GARMENT));
    assertThat(tack).hasSize(1);
    assertThat(tack.get(0).time().count()).isBetween(2.0, 8.0);
  }

  @ParameterizedTest
  @CsvSource({"film-glitter, 2", "film-flock, 2", "film-smooth, 1", "xfer-dtf, 0.5"})
  @DisplayName("the thinnest stroke: 1 mm in smooth film, 2 mm in glitter and flock")
  void strokes(String key, double millimetres) {
    assertThat(medium(key).appearance().thinnestStroke()).isEqualTo(Millimetres.of(millimetres));
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
  @DisplayName("a medium that could not be used is refused, and so is a second one of the same key")
  void unusableMediaAreRefused() {
    MediumBuilder bare = MediumBuilder.of("foil", Family.FILM);
    assertThatThrownBy(bare::build).hasMessageContaining("no window");
    bare.window(140, 150, 8, 12, Pressure.MEDIUM, Peel.COLD);
    assertThatThrownBy(bare::build).hasMessageContaining("no layers");
    bare.layer(LayerKind.GLUE, "glue", 0.05, Substance.HOT_MELT);
    assertThatThrownBy(bare::build).hasMessageContaining("carries nothing");
    bare.carries(ArtKind.LOGO);
    assertThat(bare.build().window().usualTemperature()).isEqualTo(Celsius.of(145));
    assertThatThrownBy(bare.feel(6, 3)::build).hasMessageContaining("1 to 5");
    assertThatThrownBy(bare.feel(3, 3).tools(Set.of())::build).hasMessageContaining("nothing");
    Medium twice = medium("film-smooth");
    assertThatThrownBy(() -> MediaCatalogue.TRADE.with(twice)).hasMessageContaining("same key");
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

  private static Medium medium(String key) {
    return MediaCatalogue.TRADE.get(key);
  }

  private static CoverSheet secondCover(String key, Work work) {
    return medium(key).atPress().after(work).get(0).cover().sheet(work);
  }

  private static Work work(Surface surface, School... kept) {
    Garment tee =
        new Garment(
            "tee",
            GarmentKind.TOP,
            Size.ADULT,
            new ClothSpec(
                Blend.of(Fibre.COTTON),
                Fabric.JERSEY,
                new Colour("white", Depth.WHITE, Hue.NEUTRAL),
                DyeKind.UNDYED,
                Finish.NONE,
                IronMark.UNKNOWN),
            Set.of());
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
            new ArtSize(art.size().width(), art.size().height()),
            new Tones(art.tones().colours(), art.tones().lightest()),
            art.placement(),
            art.surface(),
            new Detail(null, false, Seconds.of(84)),
            StoneCount.NONE);
    assertThat(medium("film-smooth").handling().work().perPiece(looked)).isEqualTo(Seconds.of(114));
    assertThat(medium("film-smooth").handling().work().perPiece(art)).isEqualTo(Seconds.of(150));
  }

  private static Artwork art(String description, int colours, double height) {
    return artwork(description, colours, height, Surface.ANY);
  }

  private static Artwork artwork(String description, int colours, double height, Surface surface) {
    return new Artwork(
        description,
        ArtKind.LOGO,
        new ArtSize(Millimetres.of(100), Millimetres.of(height)),
        new Tones(colours, Depth.WHITE),
        Placement.CHEST,
        surface);
  }
}
