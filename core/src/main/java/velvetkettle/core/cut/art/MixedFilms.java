package velvetkettle.core.cut.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.shelf.InstructionSheet;
import velvetkettle.core.shelf.Material;

/** What follows where the colours of one design are cut from films that are not pressed alike. */
public final class MixedFilms {
  private MixedFilms() {}

  /**
   * What a colour is cut from.
   *
   * @param material null where none was chosen: any of its medium, as such media usually are
   */
  public record Film(Medium medium, @Nullable Material material) {
    private Object name() {
      return material == null ? medium.term() : material.name();
    }

    private @Nullable InstructionSheet sheet() {
      return material == null ? null : material.sheet();
    }

    private CelsiusRange heat() {
      InstructionSheet sheet = sheet();
      return sheet == null || sheet.temperature() == null
          ? medium.window().temperature()
          : sheet.temperature();
    }

    private CoverSheet cover() {
      InstructionSheet sheet = sheet();
      return sheet == null || sheet.cover() == null
          ? medium.atPress().cover().usual()
          : sheet.cover();
    }

    private Peel peel() {
      InstructionSheet sheet = sheet();
      return sheet == null || sheet.peel() == null ? medium.window().peel() : sheet.peel();
    }
  }

  /** Of each two that differ; nothing where all are alike. */
  public static List<Sentence> told(List<Film> films) {
    List<Film> apart = films.stream().distinct().toList();
    List<Sentence> told = new ArrayList<>();
    for (int i = 0; i < apart.size(); i++) {
      for (int j = i + 1; j < apart.size(); j++) {
        pair(apart.get(i), apart.get(j), told);
      }
    }
    return told.stream().distinct().toList();
  }

  private static void pair(Film one, Film other, List<Sentence> told) {
    if (!one.medium().key().equals(other.medium().key())) {
      told.add(Sentence.of("cut.mixed.kinds", one.name(), other.name()));
    }
    boolean hotter = one.heat().low().compareTo(other.heat().high()) > 0;
    boolean cooler = other.heat().low().compareTo(one.heat().high()) > 0;
    if (hotter || cooler) {
      Film hot = hotter ? one : other;
      Film cool = hotter ? other : one;
      Celsius least = hot.heat().low();
      Celsius most = cool.heat().high();
      told.add(Sentence.of("cut.mixed.heat", hot.name(), least, cool.name(), most));
    }
    if (one.cover() != other.cover()) {
      told.add(
          Sentence.of("cut.mixed.cover", one.name(), one.cover(), other.name(), other.cover()));
    }
    boolean peeled = one.peel() != Peel.NONE && other.peel() != Peel.NONE;
    if (peeled && !Objects.equals(one.peel(), other.peel())) {
      told.add(Sentence.of("cut.mixed.peel", one.name(), one.peel(), other.name(), other.peel()));
    }
  }
}
