package velvetkettle.core.intake;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Size;

/**
 * Reads an order as it was said, typed or pasted.
 *
 * <ol>
 *   <li>What has a shape of its own comes first: words in quotes, days, runs of sizes, lengths,
 *       fibre content. What was read is not read again.
 *   <li>The garment, the art and the place are the first that is named of each.
 *   <li>A colour belongs to the art where it stands before it, or behind it when the garment has
 *       its own.
 * </ol>
 */
public final class IntakeReader {
  private static final int LONGEST = 2000;

  /** Years from which one wears what adults do [common practice, no source]. */
  private static final int GROWN = 15;

  private static final Pattern AGE =
      Pattern.compile(
          "\\bage[sd]?\\s*:?\\s*(\\d{1,2})(?:\\s*(?:-|–|to|/)\\s*\\d{1,2})?\\b"
              + "|\\b(\\d{1,2})(?:\\s*(?:-|–|to|/)\\s*\\d{1,2})?\\s*-?(?:yrs?|years?)\\b");

  private final Text text;
  private final List<Word> words;
  private final LocalDate today;
  private final Map<Field, Said<?>> fields = new EnumMap<>(Field.class);

  private IntakeReader(String sentence, LocalDate today) {
    text = new Text(sentence);
    words = text.words();
    this.today = today;
  }

  /** Of at most 2000 characters; what is longer is read up to there. */
  public static Intake read(String sentence, LocalDate today) {
    String whole = sentence.length() > LONGEST ? sentence.substring(0, LONGEST) : sentence;
    return new IntakeReader(whole, today).read();
  }

  private Intake read() {
    boolean quoted = quoted();
    ages();
    Sizes sizes = new Sizes(text);
    sizes.read(fields);
    new Lengths(text).read(fields);
    new Dates(text, today).read().ifPresent(due -> fields.put(Field.DUE, due));
    new Labels(text, words).read(fields);
    named(Field.FABRIC, "fabric");
    int kind = kind();
    place();
    ofTheGarment();
    new Obstacles(text).read(fields);
    fits();
    int art = art();
    if (art < 0 && quoted) {
      fields.put(Field.ART, new Said<>(ArtKind.LETTERING.name(), 0, 0, true));
    }
    new Colours(text, fields).read(art);
    new Pieces(text, fields).read(kind);
    sizes.readOne(fields);
    fields.computeIfPresent(
        Field.KIND, (f, said) -> as(said, GarmentKind.valueOf(said.value().toString())));
    fields.computeIfPresent(
        Field.FABRIC, (f, said) -> as(said, Fabric.valueOf(said.value().toString())));
    fields.computeIfPresent(
        Field.ART, (f, said) -> as(said, ArtKind.valueOf(said.value().toString())));
    fields.computeIfPresent(
        Field.PLACE, (f, said) -> as(said, Placement.valueOf(said.value().toString())));
    Names names = new Names(text, fields);
    return new Intake(fields, names.garment(), names.goesOn());
  }

  private static <T> Said<T> as(Said<?> said, T value) {
    return new Said<>(value, said.from(), said.to(), said.sure());
  }

  /** What is written on it is no description of it. */
  private boolean quoted() {
    Matcher quoted = Names.QUOTED.matcher(text.plain());
    boolean any = false;
    while (quoted.find()) {
      text.take(quoted.start(), quoted.end());
      any = true;
    }
    return any;
  }

  /**
   * How old somebody is says for whom it is, never how many: "age 7-8 x 5" are five. "10 years"
   * alone may be an anniversary.
   */
  private void ages() {
    Matcher age = text.find(AGE);
    while (age.find()) {
      text.take(age.start(), age.end());
      boolean told = age.group(1) != null;
      int years = Integer.parseInt(told ? age.group(1) : age.group(2));
      if (years <= GROWN && !fields.containsKey(Field.FITS)) {
        fields.put(Field.FITS, new Said<>(at(years), age.start(), age.end(), told));
      }
    }
  }

  private static Size at(int years) {
    if (years < 2) {
      return Size.BABY;
    }
    return years < 4 ? Size.TODDLER : Size.YOUTH;
  }

  /** The first of that kind, the longest phrase for it; -1 where none is named. */
  private int named(Field field, String what) {
    int bentAt = -1;
    Lexicon.Hit bent = null;
    for (int at = 0; at < words.size(); at++) {
      Optional<Lexicon.Hit> hit = text.at(at, what);
      if (hit.isPresent() && hit.get().exact()) {
        return put(field, hit.get(), at);
      }
      if (hit.isPresent() && bent == null) {
        bent = hit.get();
        bentAt = at;
      }
    }
    return bent == null ? -1 : put(field, bent, bentAt);
  }

  /** "Jersey dresses" are dresses: what is a fabric too gives way to the noun behind it. */
  private int kind() {
    int kind = named(Field.KIND, "kind");
    if (kind < 0) {
      return kind;
    }
    boolean oneWord = requireNonNull(fields.get(Field.KIND)).to() == words.get(kind).to();
    boolean fabric = oneWord && text.exactlyAt(kind, "fabric").isPresent();
    Optional<Lexicon.Hit> next = text.exactlyAt(kind + 1, "kind");
    if (fabric && next.isPresent()) {
      kind = put(Field.KIND, next.get(), kind + 1);
    }
    kind = governing(kind);
    Said<?> said = requireNonNull(fields.get(Field.KIND));
    Said<?> cloth = fields.get(Field.FABRIC);
    if (cloth != null
        && cloth.value().equals(Fabric.JERSEY.name())
        && cloth.from() == said.from()) {
      fields.remove(Field.FABRIC);
    }
    text.take(said.from(), said.to());
    return kind;
  }

  /** "Jeans jackets" are jackets: of two garments in a row the second is what it is. */
  private int governing(int kind) {
    int at = kind;
    while (true) {
      Said<?> said = requireNonNull(fields.get(Field.KIND));
      int behind = at;
      while (behind < words.size() && words.get(behind).to() <= said.to()) {
        behind++;
      }
      Optional<Lexicon.Hit> next = text.exactlyAt(behind, "kind");
      if (next.isEmpty()) {
        return at;
      }
      at = put(Field.KIND, next.get(), behind);
    }
  }

  /** The one that says most: a badge with a name is a badge, a photograph with a logo in it one. */
  private int art() {
    int best = -1;
    Lexicon.Hit found = null;
    for (int at = 0; at < words.size(); at++) {
      Optional<Lexicon.Hit> hit = text.at(at, "art");
      if (hit.isPresent() && (found == null || rank(hit.get()) > rank(found))) {
        found = hit.get();
        best = at;
      }
    }
    return found == null ? -1 : put(Field.ART, found, best);
  }

  private static int rank(Lexicon.Hit hit) {
    if (!hit.exact()) {
      return 0;
    }
    return switch (ArtKind.valueOf(hit.entry().value())) {
      case LOGO -> 1;
      case LETTERING -> 2;
      default -> 3;
    };
  }

  private int put(Field field, Lexicon.Hit hit, int at) {
    int to = words.get(at + hit.words() - 1).to();
    fields.put(field, new Said<>(hit.entry().value(), words.get(at).from(), to, hit.exact()));
    return at;
  }

  private void place() {
    for (int at = 0; at < words.size(); at++) {
      Optional<Lexicon.Hit> hit = text.at(at, "place");
      if (hit.isPresent() && isPlace(at, at + hit.get().words())) {
        put(Field.PLACE, hit.get(), at);
        return;
      }
    }
  }

  /** "Tablecloths 140 x 200 cm" may be as large as that themselves. */
  private void ofTheGarment() {
    Said<?> kind = fields.get(Field.KIND);
    for (Field length : List.of(Field.WIDTH, Field.HEIGHT)) {
      Said<?> said = fields.get(length);
      if (kind != null && said != null && said.from() >= kind.to()) {
        String between = text.lower().substring(kind.to(), said.from());
        if (between.matches("[\\s,:(]*(?:of|each|about)?[\\s\\d.,x×]*")) {
          fields.put(length, new Said<>(said.value(), said.from(), said.to(), false));
        }
      }
    }
  }

  /** "Kids' tees"; but for what is called so, "baby blue". */
  private void fits() {
    for (int at = 0; at < words.size(); at++) {
      Optional<Lexicon.Hit> hit = text.exactlyAt(at, "fits");
      boolean colour = text.exactlyAt(at, "colour").filter(tint -> tint.words() > 1).isPresent();
      if (hit.isPresent() && !colour) {
        Size size = Size.valueOf(hit.get().entry().value());
        Word last = words.get(at + hit.get().words() - 1);
        fields.put(Field.FITS, new Said<>(size, words.get(at).from(), last.to(), true));
        return;
      }
    }
  }

  /** "Call me back", "bags with pockets" and "a pocket in front" name no place. */
  private boolean isPlace(int at, int behind) {
    if (text.is(behind, "in") && text.is(behind + 1, "front")) {
      return false;
    }
    String before = at == 0 ? "" : words.get(at - 1).text();
    boolean owned = before.matches("me|us|come|call|with|and|above|below|beside");
    boolean girth =
        at > 0 && before.matches("cm|mm|in|inch|inches|[\"″”]") && text.isFree(words.get(at - 1));
    boolean above = girth || at > 1 && words.get(at - 2).text().matches("above|below|beside");
    return !owned && !above;
  }
}
