package velvetkettle.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.LabelReader;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.quantity.Sentence;

/** What goes without saying, what is asked for, and where makers slip. */
class FromOrderToTicketTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

  private static Intake read(String sentence) {
    return IntakeReader.read(sentence, MONDAY);
  }

  private static List<String> hints(String sentence) {
    return Hints.of(sentence, read(sentence), MONDAY).stream().map(Sentence::key).toList();
  }

  @ParameterizedTest
  @CsvSource({
    "navy zip hoodies, ZIP HOOD",
    "jackets with buttons and a pocket, BUTTON POCKET",
    "jackets with zipped pockets, POCKET_ZIP",
    "tees with a logo on the pocket, ",
    "a lined wool coat with snaps, SNAP LINING",
    "a wool coat with lining, LINING",
    "bags without a zip, ",
    "bags with no zip, ",
    "vests with reflective tape, REFLECTIVE_TAPE",
    "hoodies with nothing in the way, HOOD",
    "aprons with nothing in the way, NOTHING",
    "jackets with hood and zip, HOOD ZIP",
    "jackets with a name on the hood, ",
  })
  @DisplayName("what hangs in the way is an obstacle where the garment is said to have it")
  void obstacles(String sentence, String expected) {
    Optional<Said<?>> said = read(sentence).get(Field.OBSTACLES);
    if (expected == null) {
      assertThat(said).isEmpty();
      return;
    }
    Set<Obstacle> all = EnumSet.noneOf(Obstacle.class);
    for (String name : expected.replace("NOTHING", "").split(" ")) {
      if (!name.isEmpty()) {
        all.add(Obstacle.valueOf(name));
      }
    }
    assertThat(said.orElseThrow().value()).isEqualTo(all);
  }

  @ParameterizedTest
  @CsvSource({
    "10 kids' tees, YOUTH",
    "baby blue tees, ",
    "3 sweatshirts for a baby, BABY",
    "tees for ladies, ADULT",
    "rompers for a toddler, TODDLER",
  })
  @DisplayName("whom it fits")
  void fits(String sentence, Size expected) {
    assertThat(read(sentence).value(Field.FITS, Size.class)).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "20 navy hoodies, white crew name on the back | navy hoodies | white crew name",
        "6 tees, black, back print \"Slipway 12\" | black tees | Slipway 12",
        "logo on the chest | '' | logo",
        "nothing of the kind | '' | ''",
      })
  @DisplayName("garment and art are called what they are called in the order")
  void names(String sentence, String garment, String goesOn) {
    Intake intake = read(sentence);
    assertThat(intake.garment()).isEqualTo(garment);
    assertThat(intake.goesOn()).isEqualTo(goesOn);
  }

  @Test
  @DisplayName("what goes without saying is usual; what decides the method never is")
  void usual() {
    Map<Field, Object> usual = Usual.of(read("navy hoodies, 100% cotton, name 250 mm on the back"));
    assertThat(usual)
        .containsEntry(Field.FABRIC, Fabric.FLEECE)
        .containsEntry(Field.HEIGHT, 65.0)
        .containsEntry(Field.LIGHT, Depth.WHITE)
        .containsEntry(Field.OBSTACLES, Set.of(Obstacle.HOOD))
        .containsEntry(Field.FITS, Size.ADULT)
        .containsEntry(Field.PIECES, 1);
    for (String sentence : List.of("hoodies", "logo", "20 caps with a badge", "")) {
      assertThat(Usual.of(read(sentence)))
          .as(sentence)
          .doesNotContainKeys(Field.LABEL, Field.COLOUR, Field.KIND, Field.ART);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "jackets 100% nylon, NYLON_SHELL",
    "jackets 100% cotton, TWILL",
    "denim jackets, TWILL",
    "coats of wool, WOOL_COATING",
    "jackets, SOFTSHELL",
    "cotton scarves, WOVEN_SHIRTING",
    "silk scarves, WOVEN_SATIN",
    "fleece jackets, ",
  })
  @DisplayName("the usual fabric follows kind and fibre; what is said is not usual")
  void usualFabric(String sentence, Fabric fabric) {
    assertThat(Usual.of(read(sentence)).get(Field.FABRIC)).isEqualTo(fabric);
  }

  @ParameterizedTest
  @CsvSource({"'S 4, M 2', ADULT", "'104 x3, 116 x5', YOUTH", "'62 x3, 68 x5', BABY"})
  @DisplayName("sizes that are heights tell whom they fit")
  void usualFits(String sizes, Size fits) {
    assertThat(Usual.of(read("yellow tees " + sizes)).get(Field.FITS)).isEqualTo(fits);
  }

  @Test
  @DisplayName("asks one by one, the fibre first, and every answer is read as what was asked")
  void questions() {
    List<String> begun =
        List.of(
            "hoodies",
            "navy hoodies",
            "white logo",
            "20 tees 100% cotton",
            "12 black caps, badge",
            "5 red bags, name 100 mm",
            "patch on the back of 3 jackets",
            "two aprons by Friday");
    for (String start : begun) {
      walk(start, false, 0, new ArrayList<>());
      walk(start, true, 1, new ArrayList<>());
    }
  }

  /** Answers every question with one of its answers until none is left, and tries all others. */
  private void walk(String sentence, boolean inches, int which, List<Field> asked) {
    Intake before = read(sentence);
    NextQuestion question = Questions.next(before, inches, Set.of()).orElse(null);
    if (question == null) {
      assertThat(asked).doesNotHaveDuplicates();
      return;
    }
    asked.add(question.about());
    String next = "";
    for (int n = 0; n < question.answers().size(); n++) {
      String answered = sentence + ", " + question.answers().get(n);
      Intake after = read(answered);
      assertThat(after.get(question.about()).filter(Said::sure)).as(answered).isPresent();
      Map<Field, Object> others = values(after);
      others.remove(question.about());
      assertThat(others).as(answered).isEqualTo(values(before));
      if (n == Math.min(which, question.answers().size() - 1)) {
        next = answered;
      }
    }
    walk(next, inches, which, asked);
  }

  private static Map<Field, Object> values(Intake intake) {
    Map<Field, Object> values = new HashMap<>();
    intake.fields().forEach((field, said) -> values.put(field, said.value()));
    return values;
  }

  @Test
  @DisplayName("without a label the careful way is taken, and it is not asked for again")
  void noLabel() {
    Intake intake = read("20 navy hoodies, no label, logo 80 mm on the left chest");
    String label = intake.value(Field.LABEL, String.class);
    assertThat(LabelReader.read(String.valueOf(label)).blend()).isNotNull();
    assertThat(Questions.next(intake, false, Set.of()).orElseThrow().about())
        .isEqualTo(Field.OBSTACLES);
  }

  @Test
  @DisplayName("what the ticket knows already is not asked for")
  void known() {
    Intake intake = read("logo 80 mm on the left chest");
    Set<Field> garment = EnumSet.of(Field.LABEL, Field.KIND, Field.COLOUR, Field.OBSTACLES);
    assertThat(Questions.next(intake, false, Set.of()).orElseThrow().about())
        .isEqualTo(Field.LABEL);
    assertThat(Questions.next(intake, false, garment)).isEmpty();
    assertThat(Questions.next(read("logo"), false, garment).orElseThrow().about())
        .isEqualTo(Field.WIDTH);
  }

  @ParameterizedTest
  @EnumSource(GarmentKind.class)
  @DisplayName("the usual cloth of every kind can be read on a label")
  void labels(GarmentKind kind) {
    for (String label : UsualCloth.of(kind).labels()) {
      assertThat(LabelReader.read(label).blend()).as(label).isNotNull();
      assertThat(LabelReader.read(label).blend().unknownPercent()).isZero();
      assertThat(UsualCloth.fabric(kind, label)).isNotNull();
    }
  }

  @Test
  @DisplayName("templates have readable labels and fabrics of a garment that bears them")
  void templates() {
    assertThat(Template.ALL).extracting(Template::key).doesNotHaveDuplicates();
    for (Template template : Template.ALL) {
      assertThat(LabelReader.read(template.label()).blend()).as(template.key()).isNotNull();
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "20 tees of microfibre | hint.no-fibre",
        "20 tees 100% Windsail, navy | hint.no-fibre",
        "fleece jackets | hint.no-fibre",
        "a birth present: bodysuit, white cotton | hint.baby-present",
        "white cotton bodysuit | hint.baby-size",
        "20 caps, badge on the sleeve | hint.no-place",
        "20 tees, logo on the chest and name on the back | hint.second-place",
        "20 tees S 4, M 10 | hint.sizes",
        "20 navy cotton tees, due 2026-11-02 | hint.day-gone",
      })
  @DisplayName("hints where makers slip")
  void slips(String sentence, String hint) {
    assertThat(hints(sentence)).contains(hint);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "20 navy cotton hoodies, white crew name 250 mm on the back, Friday",
        "fleece jackets, 100% polyester, logo on the back",
        "a birth present: bodysuit size 68, white cotton",
        "14 cotton tees S 4, M 10",
        "tees 100% cotton, logo on the left chest"
      })
  @DisplayName("and none where all is well")
  void noSlips(String sentence) {
    assertThat(hints(sentence)).isEmpty();
  }
}
