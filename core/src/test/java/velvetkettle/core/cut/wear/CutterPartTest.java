package velvetkettle.core.cut.wear;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.quantity.Sentence;

class CutterPartTest {
  private static Medium medium(String key) {
    return MediaCatalogue.TRADE.find(key).orElseThrow();
  }

  @Test
  void aBladeIsFreshThenUsedThenWorn() {
    assertThat(CutterPart.BLADE.isFresh(29_000)).isTrue();
    assertThat(CutterPart.BLADE.isFresh(31_000)).isFalse();
    assertThat(CutterPart.BLADE.isWorn(249_000)).isFalse();
    assertThat(CutterPart.BLADE.isWorn(251_000)).isTrue();
    assertThat(CutterPart.BLADE.told(120_400)).isEqualTo(Sentence.of("wear.blade", 120));
    assertThat(CutterPart.BLADE.told(300_000)).isEqualTo(Sentence.of("wear.blade-worn", 300, 250));
    assertThat(CutterPart.MAT.told(41)).isEqualTo(Sentence.of("wear.mat-worn", 41, 40));
  }

  @Test
  void glitterTakesThreeTimesAsMuchOfItAsSmoothFilm() {
    assertThat(CutterPart.ofBlade(medium("film-smooth"), 1000)).isEqualTo(1000);
    assertThat(CutterPart.ofBlade(medium("film-glitter"), 1000)).isEqualTo(3000);
  }
}
