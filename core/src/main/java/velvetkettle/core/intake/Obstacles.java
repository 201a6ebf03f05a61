package velvetkettle.core.intake;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import velvetkettle.core.cloth.Obstacle;

/** What a garment is said to have that lies in the way: "with a zip", "buttons and a pocket". */
final class Obstacles {
  private static final Pattern NOTHING =
      Pattern.compile("\\b(?:nothing|no obstacles?) in (?:the way|front)\\b|\\bplain front\\b");

  /** Also places where art goes, or words of other things: they are obstacles when it has them. */
  private static final Set<Obstacle> ALSO_PLACES =
      EnumSet.of(Obstacle.POCKET, Obstacle.SEAM, Obstacle.LINING, Obstacle.HOOD);

  private static final Pattern HAS = Pattern.compile("with|has|have|and|plus|a|front|chest|in");
  private static final Pattern LACKS = Pattern.compile("no|without|not|un");

  private final Text text;

  Obstacles(Text text) {
    this.text = text;
  }

  void read(Map<Field, Said<?>> fields) {
    Matcher nothing = text.find(NOTHING);
    if (nothing.find()) {
      text.take(nothing.start(), nothing.end());
      fields.put(Field.OBSTACLES, new Said<>(hung(fields), nothing.start(), nothing.end(), true));
      return;
    }
    Set<Obstacle> all = EnumSet.noneOf(Obstacle.class);
    int from = -1;
    int to = 0;
    for (int at = 0; at < text.words().size(); at++) {
      Optional<Lexicon.Hit> hit = text.exactlyAt(at, "obstacle");
      if (hit.isEmpty()) {
        continue;
      }
      Obstacle what = Obstacle.valueOf(hit.get().entry().value());
      int last = at + hit.get().words() - 1;
      if (!isLacking(at) && (!ALSO_PLACES.contains(what) || isHad(at, last))) {
        all.add(what);
        from = from < 0 ? text.words().get(at).from() : from;
        to = text.words().get(last).to();
        text.take(text.words().get(at).from(), to);
      }
      at = last;
    }
    if (!all.isEmpty()) {
      all.addAll(hung(fields));
      fields.put(Field.OBSTACLES, new Said<>(all, from, to, true));
    }
  }

  /** A hoodie has its hood, whatever else is said of it. */
  private Set<Obstacle> hung(Map<Field, Said<?>> fields) {
    Said<?> kind = fields.get(Field.KIND);
    boolean hooded =
        kind != null && text.lower().substring(kind.from(), kind.to()).startsWith("hood");
    return hooded ? EnumSet.of(Obstacle.HOOD) : EnumSet.noneOf(Obstacle.class);
  }

  private boolean isLacking(int at) {
    return isBefore(at, 1, LACKS) || isBefore(at, 2, LACKS) && text.is(at - 1, "a");
  }

  /** "With pockets", "pocket in front"; not "on the pocket", nor "along the seam". */
  private boolean isHad(int at, int last) {
    return isBefore(at, 1, HAS) || text.is(last + 1, "in") && text.is(last + 2, "front");
  }

  private boolean isBefore(int at, int words, Pattern pattern) {
    int there = at - words;
    return there >= 0 && pattern.matcher(text.words().get(there).text()).matches();
  }
}
