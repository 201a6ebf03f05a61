package velvetkettle.core.cut.art;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cut.art.MixedFilms.Film;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.shelf.InstructionSheet;
import velvetkettle.core.shelf.Material;

class MixedFilmsTest {
  private static final Medium SMOOTH = medium("film-smooth");

  private static Medium medium(String key) {
    return MediaCatalogue.TRADE.find(key).orElseThrow();
  }

  private static Film film(String name, double low, double high, Peel peel, CoverSheet cover) {
    InstructionSheet sheet =
        new InstructionSheet(CelsiusRange.of(low, high), null, null, peel, cover, null, null);
    return new Film(
        SMOOTH,
        new Material(name, SMOOTH.key(), "navy", Depth.DARK, sheet, 500, 4000, List.of(), null));
  }

  private static List<String> keys(Film... films) {
    return MixedFilms.told(List.of(films)).stream().map(Sentence::key).toList();
  }

  @Test
  void filmsThatArePressedAlikeAreNotTold() {
    Film navy = film("Saltline navy", 150, 160, Peel.WARM, CoverSheet.PARCHMENT);
    Film white = film("Saltline white", 155, 165, Peel.WARM, CoverSheet.PARCHMENT);
    assertThat(keys(navy, white)).isEmpty();
    assertThat(keys(navy, navy)).isEmpty();
    assertThat(keys(new Film(SMOOTH, null), new Film(SMOOTH, null))).isEmpty();
  }

  /** The hotter one is named first, whichever came first. */
  @Test
  void heatsThatDoNotMeetAreTold() {
    Film hot = film("Saltline navy", 155, 165, Peel.WARM, CoverSheet.PARCHMENT);
    Film cool = film("Tideway soft", 120, 130, Peel.WARM, CoverSheet.PARCHMENT);
    for (List<Film> films : List.of(List.of(hot, cool), List.of(cool, hot))) {
      List<Sentence> told = MixedFilms.told(films);
      assertThat(told).extracting(Sentence::key).containsExactly("cut.mixed.heat");
      assertThat(told.get(0).arguments()).startsWith("Saltline navy").contains("Tideway soft");
    }
  }

  @Test
  void coversPeelsAndKindsAreTold() {
    Film one = film("Saltline navy", 150, 160, Peel.WARM, CoverSheet.PARCHMENT);
    assertThat(keys(one, film("b", 150, 160, Peel.COLD, CoverSheet.PARCHMENT)))
        .containsExactly("cut.mixed.peel");
    assertThat(keys(one, film("b", 150, 160, Peel.WARM, CoverSheet.PTFE)))
        .containsExactly("cut.mixed.cover");
    assertThat(keys(new Film(SMOOTH, null), new Film(medium("film-flock"), null)))
        .contains("cut.mixed.kinds");
    // What is not peeled has no time to peel.
    assertThat(keys(one, film("b", 150, 160, Peel.NONE, CoverSheet.PARCHMENT))).isEmpty();
  }
}
