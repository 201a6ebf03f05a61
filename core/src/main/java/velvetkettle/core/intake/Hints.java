package velvetkettle.core.intake;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.place.GarmentPlaces;
import velvetkettle.core.quantity.Sentence;

/** Where makers slip with orders [common practice, no source]. */
public final class Hints {
  /** What is sold as a fibre and is none. */
  private static final Pattern NO_FIBRE =
      Pattern.compile(
          "\\b(micro-?fib(?:re|er)|performance (?:fabric|cloth)|technical (?:fabric|cloth)|dry-fit"
              + "|quick-?dry|moisture-wicking|easy-?care|non-iron|fleece|softshell|denim|canvas"
              + "|felt|velvet|satin|jersey)\\b");

  /** A share of something that no label knows. */
  private static final Pattern SHARE = Pattern.compile("100 ?% ?(\\p{L}[\\p{L}-]{2,30})");

  private static final Pattern PRESENT = Pattern.compile("\\b(present|gift|birth|christening)\\b");

  private final Text text;
  private final Intake intake;
  private final List<Sentence> hints = new ArrayList<>();

  private Hints(String sentence, Intake intake) {
    text = new Text(sentence);
    this.intake = intake;
  }

  public static List<Sentence> of(String sentence, Intake intake, LocalDate today) {
    Hints hints = new Hints(sentence, intake);
    hints.noFibre();
    hints.baby();
    hints.gone(today);
    hints.place();
    hints.second();
    hints.sizes();
    return List.copyOf(hints.hints);
  }

  private void noFibre() {
    if (intake.get(Field.LABEL).isPresent()) {
      return;
    }
    Matcher share = text.find(SHARE);
    Matcher name = text.find(NO_FIBRE);
    if (share.find()) {
      hints.add(Sentence.of("hint.no-fibre", share.group(1)));
    } else if (name.find()) {
      hints.add(Sentence.of("hint.no-fibre", name.group(1)));
    }
  }

  private void baby() {
    boolean fits =
        intake.value(Field.FITS, Size.class) == Size.BABY
            || intake.value(Field.KIND, GarmentKind.class) == GarmentKind.BODYSUIT;
    if (fits && intake.get(Field.SIZES).isEmpty()) {
      boolean present = text.find(PRESENT).find();
      hints.add(Sentence.of(present ? "hint.baby-present" : "hint.baby-size"));
    }
  }

  private void gone(LocalDate today) {
    Intake.Due due = intake.value(Field.DUE, Intake.Due.class);
    if (due != null && due.day().isBefore(today)) {
      hints.add(Sentence.of("hint.day-gone"));
    }
  }

  /** A place that such a garment does not have. */
  private void place() {
    GarmentKind kind = intake.value(Field.KIND, GarmentKind.class);
    Placement place = intake.value(Field.PLACE, Placement.class);
    if (kind != null && place != null && !GarmentPlaces.has(kind, place)) {
      hints.add(Sentence.of("hint.no-place", kind.term(), place.term()));
    }
  }

  /** Only one thing is read: a second place is told, not dropped in silence. */
  private void second() {
    Said<?> first = intake.get(Field.PLACE).orElse(null);
    if (first == null) {
      return;
    }
    for (int at = 0; at < text.words().size(); at++) {
      Word word = text.words().get(at);
      boolean outside = word.from() >= first.to() || word.to() <= first.from();
      Lexicon.Hit hit = text.exactlyAt(at, "place").orElse(null);
      if (hit == null) {
        continue;
      }
      boolean on =
          at > 0 && Set.of("on", "the", "and", "across").contains(text.words().get(at - 1).text());
      if (outside && on && !hit.entry().value().equals(first.value().toString())) {
        hints.add(Sentence.of("hint.second-place", Placement.valueOf(hit.entry().value()).term()));
        return;
      }
      at += hit.words() - 1;
    }
  }

  /** A run of sizes that does not come to the number of pieces. */
  private void sizes() {
    List<?> sizes = intake.value(Field.SIZES, List.class);
    Integer pieces = intake.value(Field.PIECES, Integer.class);
    if (sizes == null || pieces == null) {
      return;
    }
    int all =
        sizes.stream().map(Intake.SizeCount.class::cast).mapToInt(Intake.SizeCount::pieces).sum();
    if (all != pieces) {
      hints.add(Sentence.of("hint.sizes", all, pieces));
    }
  }
}
