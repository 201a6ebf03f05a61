package velvetkettle.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Size;

/** Orders: our own, written down before the reader was, and made up by a grammar of its own. */
class IntakeReaderTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

  private static List<Told> written() throws IOException {
    try (InputStream in = IntakeReaderTest.class.getResourceAsStream("/order-sentences.txt")) {
      return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.startsWith("#") && line.contains("=>"))
          .map(Told::of)
          .toList();
    }
  }

  private static Told.Score score(Told told) {
    return told.score(IntakeReader.read(told.sentence(), MONDAY));
  }

  private static void expect(Told.Score score) {
    assertThat(score.wrong()).as("wrong and not marked").isEmpty();
    assertThat(score.right()).isGreaterThanOrEqualTo((int) Math.ceil(0.95 * score.all()));
    assertThat(score.unsure()).isLessThanOrEqualTo((int) (0.15 * score.all()));
  }

  @Test
  @DisplayName("orders as people write them: nearly all fields right, none wrong without a mark")
  void asPeopleWrite() throws IOException {
    List<Told> orders = written();
    assertThat(orders).hasSizeGreaterThanOrEqualTo(120);
    expect(orders.stream().map(IntakeReaderTest::score).reduce(Told.Score.NONE, Told.Score::and));
  }

  @Test
  @DisplayName("two thousand orders of a grammar that the reader does not share")
  void madeUp() {
    Told.Score all = Told.Score.NONE;
    for (int seed = 0; seed < 2000; seed++) {
      all = all.and(score(Orders.of(seed, MONDAY)));
    }
    expect(all);
  }

  @Test
  @DisplayName("the measure sees an order that is read wrong")
  void measure() {
    Told told = Orders.of(7, MONDAY);
    Intake other = IntakeReader.read(Orders.of(8, MONDAY).sentence(), MONDAY);
    assertThat(told.score(other).wrong()).isNotEmpty();
    assertThat(told.score(new Intake(Map.of(), "", "")).right()).isZero();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "   ", "???", "as discussed, same as last time", "\u0000 \uD83D\uDC55"})
  @DisplayName("a sentence with nothing in it is empty, and the fibre is asked for first")
  void nothing(String sentence) {
    Intake intake = IntakeReader.read(sentence, MONDAY);
    assertThat(intake.isEmpty()).isTrue();
    assertThat(intake.missing()).startsWith(Field.LABEL, Field.KIND, Field.COLOUR);
  }

  @ParameterizedTest
  @CsvSource({
    "2026-11-30, Friday, 2026-12-04",
    "2026-12-04, Friday, 2026-12-11",
    "2026-12-31, tomorrow, 2027-01-01",
    "2028-02-28, in 2 days, 2028-03-01",
    "2026-11-30, 29 February 2027,",
    "2026-03-01, 28 Feb, 2027-02-28",
    "2026-11-30, by the 31st, 2026-12-31",
    "2027-02-01, by the 30th, 2027-03-30",
    "2026-11-30, a yellow sun on the chest,",
    "2026-11-30, by Sun, 2026-12-06",
  })
  @DisplayName("days are counted from today")
  void days(LocalDate today, String said, LocalDate day) {
    Intake intake = IntakeReader.read("20 navy tees, " + said, today);
    assertThat(intake.get(Field.DUE).map(due -> ((Intake.Due) due.value()).day()).orElse(null))
        .isEqualTo(day);
  }

  @ParameterizedTest
  @CsvSource({
    "child's age 7-8 x 5 red tees, 5, YOUTH, true",
    "'12 tees, aged 9 to 11, 100% cotton', 12, YOUTH, true",
    "30 tees for 6-8 years, 30, YOUTH, false",
    "tees for 10 year olds x 14, 14, YOUTH, false",
    "age 2/3 polo shirts x 3, 3, TODDLER, true",
    "'4 bodysuits, age 1', 4, BABY, true",
    "20 tees for our 40 years, 20,,",
  })
  @DisplayName("how old somebody is says for whom, and never how many")
  void ages(String sentence, int pieces, @Nullable Size fits, @Nullable Boolean sure) {
    Intake intake = IntakeReader.read(sentence, MONDAY);
    assertThat(intake.value(Field.PIECES, Integer.class)).isEqualTo(pieces);
    assertThat(intake.value(Field.FITS, Size.class)).isEqualTo(fits);
    assertThat(intake.get(Field.FITS).map(Said::sure).orElse(null)).isEqualTo(sure);
  }

  @ParameterizedTest
  @CsvSource({
    "6 dark jeans jackets, JACKET",
    "8 apron dresses, DRESS",
    "9 vest tops, TOP",
    "12 tee shirts, TOP",
    "6 sweat shirts, SWEATSHIRT",
    "4 jersey dresses, DRESS",
    "'20 polo shirts, 20 bags', TOP",
  })
  @DisplayName("of two garments in a row the second is what it is; of two in a list the first")
  void governing(String sentence, GarmentKind kind) {
    assertThat(IntakeReader.read(sentence, MONDAY).value(Field.KIND, GarmentKind.class))
        .isEqualTo(kind);
  }

  @ParameterizedTest
  @CsvSource({
    "'tees 38\" chest, logo 100mm left chest', LEFT_CHEST",
    "'tees 42 in chest, logo 100mm on the back', BACK",
    "'tees, logo 9\" chest', CHEST",
  })
  @DisplayName("a girth is no place")
  void girth(String sentence, Placement place) {
    assertThat(IntakeReader.read(sentence, MONDAY).value(Field.PLACE, Placement.class))
        .isEqualTo(place);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "20 tees for a two day regatta",
        "20 may be enough",
        "tees, width 10.5. Thanks",
        "20 tees by Thursday, 4 December",
        "20 tees, Sat 2026-12-04"
      })
  @DisplayName("what is hardly a day is none, or is marked")
  void hardlyADay(String sentence) {
    assertThat(IntakeReader.read(sentence, MONDAY).get(Field.DUE).filter(Said::sure)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"20 tees by Friday, 4 December", "20 tees, fri 2026-12-04 16:00"})
  @DisplayName("a weekday that agrees with its date leaves no doubt")
  void weekdayAgrees(String sentence) {
    assertThat(IntakeReader.read(sentence, MONDAY).get(Field.DUE).filter(Said::sure)).isPresent();
  }

  @ParameterizedTest
  @CsvSource({
    "'20 tees, cotton rich, navy', LABEL",
    "'20 tees in a cotton blend', LABEL",
    "'cushions in cotton-look cloth', LABEL",
    "'2 tablecloths 140 x 200 cm white, monogram in the corner', WIDTH",
    "'40 green shirts size M and 10 size L', PIECES",
    "'40 green shirts size M and 10 size L', SIZES",
  })
  @DisplayName("what is only half said is not read, or is marked")
  void halfSaid(String sentence, Field field) {
    assertThat(IntakeReader.read(sentence, MONDAY).get(field).filter(Said::sure)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"canvas totes natural x200 one colour, 200", "tea towels x 60 with a whale, 60"})
  @DisplayName("a number behind the garment with a cross before it counts pieces")
  void crossed(String sentence, int pieces) {
    assertThat(IntakeReader.read(sentence, MONDAY).value(Field.PIECES, Integer.class))
        .isEqualTo(pieces);
  }

  @Test
  @DisplayName("what was read says where it stands, and what is misspelt is marked")
  void whereItStands() {
    String sentence = "20 navy hoddies, 100% cotton";
    Intake intake = IntakeReader.read(sentence, MONDAY);
    Said<?> kind = intake.get(Field.KIND).orElseThrow();
    assertThat(sentence.substring(kind.from(), kind.to())).isEqualTo("hoddies");
    assertThat(kind.sure()).isFalse();
    assertThat(intake.unsure()).containsExactly(Field.KIND);
    Said<?> label = intake.get(Field.LABEL).orElseThrow();
    assertThat(sentence.substring(label.from(), label.to())).isEqualTo("100% cotton");
  }

  @Test
  @DisplayName("whatever is pasted is read or left, and every span lies in it")
  void soup() throws IOException {
    Random random = new Random(5);
    List<Told> orders = written();
    for (int i = 0; i < 3000; i++) {
      StringBuilder pasted = new StringBuilder();
      for (int n = 0; n < 4; n++) {
        String one = orders.get(random.nextInt(orders.size())).sentence();
        int from = random.nextInt(one.length() + 1);
        pasted.append(one, from, Math.min(one.length(), from + random.nextInt(30)));
        pasted.append((char) random.nextInt(random.nextBoolean() ? 128 : 0x3000));
      }
      String sentence = pasted.toString();
      Intake intake = IntakeReader.read(sentence, MONDAY);
      intake
          .fields()
          .values()
          .forEach(
              said ->
                  assertThat(
                          said.from() >= 0
                              && said.from() <= said.to()
                              && said.to() <= sentence.length())
                      .as(sentence)
                      .isTrue());
    }
    IntakeReader.read("a ".repeat(500_000), MONDAY);
  }
}
