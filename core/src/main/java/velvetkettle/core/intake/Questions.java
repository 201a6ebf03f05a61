package velvetkettle.core.intake;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.place.GarmentPlaces;
import velvetkettle.core.quantity.Sentence;

/** Asks for what is missing of an order, one by one, what matters most first. */
public final class Questions {
  /** What opens or hangs in front of such garments, in the words of an order. */
  private static final Map<GarmentKind, List<String>> IN_FRONT =
      Map.ofEntries(
          Map.entry(GarmentKind.JACKET, List.of("zip in front", "buttons in front")),
          Map.entry(GarmentKind.VEST, List.of("zip in front", "buttons in front")),
          Map.entry(
              GarmentKind.HIGH_VISIBILITY_VEST,
              List.of("reflective tape", "zip in front and reflective tape")),
          Map.entry(GarmentKind.SWEATSHIRT, List.of("zip in front", "pocket in front")),
          Map.entry(GarmentKind.SHIRT, List.of("buttons in front", "buttons and pocket in front")),
          Map.entry(GarmentKind.DRESS, List.of("buttons in front", "zip in front")),
          Map.entry(GarmentKind.TROUSERS, List.of("pocket in front", "zip and pocket in front")),
          Map.entry(GarmentKind.APRON, List.of("pocket in front")),
          Map.entry(GarmentKind.BAG, List.of("pocket in front", "zip in front", "handles")));

  /** Whose cloth nothing in front lies behind. */
  private static final Set<Placement> AWAY =
      EnumSet.of(Placement.SLEEVE, Placement.RIGHT_SLEEVE, Placement.HOOD, Placement.LEG);

  private final Intake intake;
  private final @Nullable GarmentKind kind;

  private Questions(Intake intake) {
    this.intake = intake;
    kind = intake.value(Field.KIND, GarmentKind.class);
  }

  /**
   * The next one; empty where nothing is left to ask.
   *
   * @param inches whether lengths are offered in inches
   * @param known what the ticket has already, because it began with a garment that is known
   */
  public static Optional<NextQuestion> next(Intake intake, boolean inches, Set<Field> known) {
    if (intake.isEmpty()) {
      return Optional.empty();
    }
    Questions questions = new Questions(intake);
    Map<Field, Object> usual = Usual.of(intake);
    return intake.missing().stream()
        .filter(field -> !known.contains(field) && !usual.containsKey(field))
        .findFirst()
        .map(field -> questions.about(field, inches))
        .or(() -> known.contains(Field.OBSTACLES) ? Optional.empty() : questions.inTheWay());
  }

  private NextQuestion about(Field field, boolean inches) {
    List<String> answers =
        switch (field) {
          case LABEL -> labels();
          case KIND -> List.of("tees", "hoodies", "jackets", "aprons", "caps", "bags");
          case COLOUR -> List.of("white cloth", "black cloth", "navy cloth", "grey cloth");
          case ART -> List.of("lettering", "logo", "photo", "patch");
          case WIDTH ->
              widths(inches).map(width -> width + (inches ? " in wide" : " mm wide")).toList();
          case PLACE -> places();
          default -> List.of();
        };
    return question(field, answers, field != Field.LABEL);
  }

  private static NextQuestion question(Field field, List<String> answers, boolean needed) {
    String key = "ask." + field.name().toLowerCase(Locale.ROOT);
    return new NextQuestion(field, Sentence.of(key), Sentence.of(key + ".why"), answers, needed);
  }

  private List<String> labels() {
    List<String> labels = new ArrayList<>();
    if (kind != null) {
      labels.addAll(UsualCloth.of(kind).labels());
    } else {
      labels.addAll(List.of("100% cotton", "100% polyester"));
    }
    labels.add("no label");
    return labels;
  }

  /** What is usual for the place, mm or inches [common practice, no source]. */
  private Stream<String> widths(boolean inches) {
    Placement place = intake.value(Field.PLACE, Placement.class);
    int[] mm = {100, 200, 250};
    String[] inch = {"4", "8", "10"};
    if (kind == GarmentKind.CAP || kind == GarmentKind.KNITTED_HAT) {
      mm = new int[] {50, 60, 70};
      inch = new String[] {"2", "2.5", "3"};
    } else if (place != null) {
      switch (place) {
        case LEFT_CHEST,
            RIGHT_CHEST,
            POCKET,
            SLEEVE,
            RIGHT_SLEEVE,
            NAPE,
            HEM,
            LEG,
            SIDE,
            CORNER -> {
          mm = new int[] {60, 80, 100};
          inch = new String[] {"2.5", "3", "4"};
        }
        case BACK, CHEST, UPPER_BACK -> {
          mm = new int[] {200, 250, 300};
          inch = new String[] {"8", "10", "12"};
        }
        default -> {}
      }
    }
    return inches ? Stream.of(inch) : Arrays.stream(mm).mapToObj(Integer::toString);
  }

  private List<String> places() {
    if (kind == null) {
      return List.of("on the chest", "on the left chest", "on the back");
    }
    List<Placement> own = GarmentPlaces.of(kind);
    return Stream.of(
            Map.entry(Placement.CHEST, "on the chest"),
            Map.entry(Placement.LEFT_CHEST, "on the left chest"),
            Map.entry(Placement.BACK, "on the back"),
            Map.entry(Placement.SLEEVE, "on the left sleeve"),
            Map.entry(Placement.LEG, "on the leg"),
            Map.entry(Placement.MIDDLE, "in the middle"))
        .filter(place -> own.contains(place.getKey()))
        .map(Map.Entry::getValue)
        .limit(4)
        .toList();
  }

  /** What opens in front lies under the platen also where the back is pressed. */
  private Optional<NextQuestion> inTheWay() {
    List<String> front = kind == null ? null : IN_FRONT.get(kind);
    Placement place = intake.value(Field.PLACE, Placement.class);
    boolean said = intake.get(Field.OBSTACLES).isPresent();
    if (front == null || said || place != null && AWAY.contains(place)) {
      return Optional.empty();
    }
    List<String> answers = Stream.concat(Stream.of("nothing in the way"), front.stream()).toList();
    return Optional.of(question(Field.OBSTACLES, answers, false));
  }
}
