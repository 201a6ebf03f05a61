package velvetkettle.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A run of sizes with how many of each, or the one size of all. */
final class Sizes {
  private static final String LETTERS = "xxs|xs|s|m|l|xl|xxl|xxxl|[2-5]xl";
  private static final Pattern BEHIND =
      Pattern.compile("(?<![\\w-])(" + LETTERS + ")\\s*[:x(]?\\s*(\\d{1,4})\\)?(?![\\w%/])");
  private static final Pattern BEFORE =
      Pattern.compile("(?<![\\w])(\\d{1,4})(?:x\\s*|\\s+x\\s+)(" + LETTERS + ")(?![\\w-])");
  private static final Pattern NUMBERED =
      Pattern.compile("(?<![\\w])(\\d{2,3})\\s*(?:x|\\()\\s*(\\d{1,4})\\)?(?![\\w])");
  private static final Pattern ONE = Pattern.compile("\\bsize (" + LETTERS + "|\\d{2,3})(?![\\w])");

  private final Text text;

  Sizes(Text text) {
    this.text = text;
  }

  void read(Map<Field, Said<?>> fields) {
    if (!run(fields, BEFORE, 2, 1) && !run(fields, BEHIND, 1, 2)) {
      run(fields, NUMBERED, 1, 2);
    }
  }

  /** All of the one size that is said, once their number is known. */
  void readOne(Map<Field, Said<?>> fields) {
    Matcher one = text.find(ONE);
    Said<?> pieces = fields.get(Field.PIECES);
    if (!fields.containsKey(Field.SIZES) && pieces != null && one.find()) {
      if (text.find(ONE).results().count() > 1) {
        // "40 size M and 10 size L" are more than the first number.
        fields.put(Field.PIECES, new Said<>(pieces.value(), pieces.from(), pieces.to(), false));
        return;
      }
      text.take(one.start(), one.end());
      String size = one.group(1).toUpperCase(Locale.ROOT);
      List<Intake.SizeCount> all = List.of(new Intake.SizeCount(size, (Integer) pieces.value()));
      fields.put(Field.SIZES, new Said<>(all, one.start(), one.end(), true));
    }
  }

  private boolean run(Map<Field, Said<?>> fields, Pattern pattern, int size, int pieces) {
    Matcher said = text.find(pattern);
    List<Intake.SizeCount> all = new ArrayList<>();
    List<int[]> spans = new ArrayList<>();
    while (said.find()) {
      if (text.isFree(said.start(), said.end()) && isSize(said.group(size))) {
        String name = said.group(size).toUpperCase(Locale.ROOT);
        all.add(new Intake.SizeCount(name, Integer.parseInt(said.group(pieces))));
        spans.add(new int[] {said.start(), said.end()});
      }
    }
    // One alone is something else: a length, a number on a back.
    if (all.size() < 2) {
      return false;
    }
    spans.forEach(span -> text.take(span[0], span[1]));
    int from = spans.get(0)[0];
    int to = spans.get(spans.size() - 1)[1];
    fields.put(Field.SIZES, new Said<>(List.copyOf(all), from, to, true));
    int sum = all.stream().mapToInt(Intake.SizeCount::pieces).sum();
    fields.put(Field.PIECES, new Said<>(sum, from, to, true));
    return true;
  }

  /** A letter, or a height that children's wear is made for, cm. */
  private static boolean isSize(String size) {
    if (!Character.isDigit(size.charAt(0)) || size.endsWith("l")) {
      return true;
    }
    int height = Integer.parseInt(size);
    return height >= 50 && height <= 182 && (height - 50) % 6 == 0;
  }
}
