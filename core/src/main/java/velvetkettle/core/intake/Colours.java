package velvetkettle.core.intake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Hue;

/**
 * Which colour is the cloth's and which the art's: it belongs to the art where it stands right
 * before it, or anywhere behind it when the cloth has its own.
 */
final class Colours {
  private static final Set<String> COLOURLESS =
      Set.of(ArtKind.BADGE.name(), ArtKind.PHOTOGRAPH.name(), ArtKind.ALL_OVER_PRINT.name());

  private static final Pattern CLOTH = Pattern.compile("\\s+(?:cloth|fabric)\\b");

  private final Text text;
  private final List<Word> words;
  private final Map<Field, Said<?>> fields;

  Colours(Text text, Map<Field, Said<?>> fields) {
    this.text = text;
    words = text.words();
    this.fields = fields;
  }

  private record Tint(Lexicon.Hit hit, int at) {
    int behind() {
      return at + hit.words();
    }

    Depth depth() {
      return Depth.valueOf(hit.entry().value().split(" ")[0]);
    }

    Hue hue() {
      return Hue.valueOf(hit.entry().value().split(" ")[1]);
    }
  }

  /**
   * @param art the word that names the art; -1 where none does
   */
  void read(int art) {
    List<Tint> tints = new ArrayList<>();
    for (int at = 0; at < words.size(); at++) {
      Optional<Lexicon.Hit> hit = text.at(at, "colour");
      if (hit.isPresent()) {
        tints.add(new Tint(hit.get(), at));
        at += hit.get().words() - 1;
      }
    }
    readTints(tints, art);
    Said<?> cloth = fields.get(Field.COLOUR);
    Said<?> light = fields.get(Field.LIGHT);
    boolean late = cloth != null && art >= 0 && cloth.from() > words.get(art).from();
    if (cloth != null && light != null && late && !isNamedCloth(cloth.to())) {
      // "White logo 15 cm black" may be said the other way round.
      fields.put(Field.COLOUR, new Said<>(cloth.value(), cloth.from(), cloth.to(), false));
      fields.put(Field.LIGHT, new Said<>(light.value(), light.from(), light.to(), false));
    }
  }

  private void readTints(List<Tint> tints, int art) {
    tints.sort(Comparator.comparing((Tint tint) -> !tint.hit.exact()));
    for (Tint tint : tints) {
      boolean adjective = isAlone(tint) && tint.hit.exact();
      if (isNoColour(tint)) {
        continue;
      }
      if (isOfArt(tint, tints, art)) {
        int to = words.get(tint.behind() - 1).to();
        fields.putIfAbsent(
            Field.LIGHT, new Said<>(tint.depth(), words.get(tint.at).from(), to, tint.hit.exact()));
      } else if (!adjective) {
        int from = words.get(tint.at).from();
        int to = words.get(tint.behind() - 1).to();
        String said = text.lower().substring(from, to);
        String name = text.exactlyAt(tint.at, "short").map(hit -> hit.entry().value()).orElse(said);
        fields.putIfAbsent(
            Field.COLOUR,
            new Said<>(new Colour(name, tint.depth(), tint.hue()), from, to, tint.hit.exact()));
      }
    }
  }

  /** "Pale" and "light" are a colour of art only. */
  private boolean isAlone(Tint tint) {
    return words.get(tint.at).text().matches("pale|light") && tint.hit.words() == 1;
  }

  /** "Tops from the navy", and two colours with a stroke between them. */
  private boolean isNoColour(Tint tint) {
    boolean stroke =
        text.is(tint.at - 1, "/") && words.get(tint.at - 1).touches(words.get(tint.at))
            || text.is(tint.behind(), "/")
                && words.get(tint.behind() - 1).touches(words.get(tint.behind()));
    return stroke || text.is(tint.at - 1, "the") && text.is(tint.at - 2, "from");
  }

  /** "White cloth" leaves nothing open. */
  private boolean isNamedCloth(int to) {
    return CLOTH.matcher(text.lower()).region(to, text.plain().length()).lookingAt();
  }

  /** What exists already, and what is printed in all colours, has no colour of its own. */
  private boolean isOfArt(Tint tint, List<Tint> all, int art) {
    if (isNamedCloth(words.get(tint.behind() - 1).to())) {
      return false;
    }
    if (art < 0) {
      return fields.containsKey(Field.COLOUR);
    }
    Said<?> kind = fields.get(Field.ART);
    if (kind != null && COLOURLESS.contains(kind.value().toString())) {
      return false;
    }
    // Right before the art, or up to two words before it.
    int between = art - tint.behind();
    boolean nearer = all.stream().anyMatch(other -> other.at > tint.at && other.at < art);
    boolean before = between >= 0 && between <= 2 && !nearer && isJoined(tint.behind(), art);
    return before || tint.at > art && fields.containsKey(Field.COLOUR);
  }

  /** Whether only plain words stand there: a comma, a fibre or a garment parts them. */
  private boolean isJoined(int from, int to) {
    // A line of its own is parted as by a comma.
    if (text.plain().substring(words.get(from - 1).to(), words.get(to).from()).contains("\n")) {
      return false;
    }
    for (int i = from; i < to; i++) {
      if (!words.get(i).isWord() || !text.isFree(words.get(i))) {
        return false;
      }
    }
    return true;
  }
}
