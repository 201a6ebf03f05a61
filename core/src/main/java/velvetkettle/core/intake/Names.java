package velvetkettle.core.intake;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Colour;

/** What the garment and what goes on it are called, in the words of who ordered them. */
final class Names {
  /** What is to be written, but no inches. */
  static final Pattern QUOTED = Pattern.compile("(?<!\\d)[\"“]([^\"”]{2,80})[\"”]");

  private static final int LONGEST = 80;

  private final String plain;
  private final Map<Field, Said<?>> fields;

  Names(Text text, Map<Field, Said<?>> fields) {
    plain = text.plain();
    this.fields = fields;
  }

  /** "navy hoodies"; empty where no garment is named. */
  String garment() {
    String kind = said(Field.KIND);
    Said<?> said = fields.get(Field.COLOUR);
    return !kind.isEmpty() && said != null && said.value() instanceof Colour colour
        ? cut(colour.name() + " " + kind)
        : kind;
  }

  /** What is written, or "white crew name"; empty where neither is said. */
  String goesOn() {
    Matcher quoted = QUOTED.matcher(plain);
    if (quoted.find()) {
      return cut(quoted.group(1).strip());
    }
    String art = said(Field.ART);
    String colour = said(Field.LIGHT);
    return art.isEmpty() || colour.isEmpty() ? art : cut(colour + " " + art);
  }

  private String said(Field field) {
    @Nullable Said<?> said = fields.get(field);
    return said == null ? "" : clean(plain.substring(said.from(), said.to()));
  }

  private static String clean(String said) {
    return cut(said.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT));
  }

  private static String cut(String name) {
    return name.length() <= LONGEST ? name : name.substring(0, LONGEST).strip();
  }
}
