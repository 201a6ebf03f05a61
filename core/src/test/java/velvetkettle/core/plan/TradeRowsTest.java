package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.option.TwoLayers;
import velvetkettle.core.plan.rule.Rule;
import velvetkettle.core.plan.rule.Rules;
import velvetkettle.core.press.Pad;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.School;

/** What the handbook says of garments, art and tools, row by row. */
class TradeRowsTest {
  static Stream<TradeRow> rows() {
    return TradeRow.all();
  }

  static Stream<Rule> rules() {
    return Rules.all().stream();
  }

  @ParameterizedTest
  @MethodSource("rows")
  void theHandbookHolds(TradeRow row) {
    check(row, Rules.all());
  }

  @ParameterizedTest
  @MethodSource("rules")
  @DisplayName("switching any one rule off turns a row red")
  void everyRuleIsNeeded(Rule off) {
    List<Rule> others = Rules.all().stream().filter(rule -> rule != off).toList();
    List<TradeRow> red = new ArrayList<>();
    rows()
        .filter(row -> row.speaksOf(off.id()))
        .forEach(
            row -> {
              try {
                check(row, others);
              } catch (AssertionError e) {
                red.add(row);
              }
            });
    assertThat(red).as("rows that need %s", off.id()).isNotEmpty();
  }

  @Test
  void enoughRowsAndEachWithItsSource() {
    assertThat(rows().count()).isGreaterThanOrEqualTo(150);
    assertThat(rows()).allSatisfy(row -> assertThat(row.expected).containsKey("source"));
    assertThat(rows().map(TradeRow::toString)).doesNotHaveDuplicates();
  }

  @Test
  @DisplayName(
      "every fibre, fabric, garment, place, end use, medium, finish, obstacle, lower side, rule and school is in two rows")
  void nothingIsLeftOut() {
    List<String> words = new ArrayList<>();
    Arrays.stream(Fibre.values()).forEach(fibre -> words.add(fibre.labelWords().get(0)));
    MediaCatalogue.TRADE.all().stream().map(Medium::key).forEach(words::add);
    Arrays.stream(Fabric.values()).map(Enum::name).forEach(words::add);
    Arrays.stream(GarmentKind.values()).map(Enum::name).forEach(words::add);
    Arrays.stream(Placement.values()).map(Enum::name).forEach(words::add);
    Arrays.stream(ArtKind.values()).map(Enum::name).forEach(words::add);
    Arrays.stream(EndUse.values()).map(Enum::name).forEach(words::add);
    Arrays.stream(Finish.values()).map(Enum::name).forEach(words::add);
    Arrays.stream(Obstacle.values()).map(Enum::name).forEach(words::add);
    Rules.all().stream().map(Rule::id).forEach(words::add);
    Arrays.stream(Pad.values())
        .map(pad -> pad.term().key().substring("pad.".length()))
        .forEach(words::add);
    Arrays.stream(School.values()).map(Enum::name).forEach(words::add);
    assertThat(words)
        .allSatisfy(
            word ->
                assertThat(rows().filter(row -> row.speaksOf(word)).count())
                    .as("rows that speak of %s", word)
                    .isGreaterThanOrEqualTo(2));
  }

  private static void check(TradeRow row, List<Rule> rules) {
    Planner planner = new Planner(Jobs.HEAT, Jobs.MAPS, rules);
    DecorationPlan weighed = planner.plan(row.job(null)).decorations().get(0);
    row.expected.forEach(
        (key, values) -> values.forEach(value -> check(key, value, row, weighed, planner)));
  }

  private static void check(
      String key, String value, TradeRow row, DecorationPlan weighed, Planner planner) {
    String[] parts = value.split(":", 2);
    switch (key) {
      case "first" -> assertThat(weighed.medium()).isEqualTo(value);
      case "offers" -> assertThat(media(weighed)).contains(value.split(","));
      case "none" -> assertThat(weighed.options()).isEmpty();
      case "no-heat" -> assertThat(weighed.noHeat()).extracting("key").contains(value);
      case "no" -> assertThat(veto(weighed, parts[0])).contains(parts[1]);
      case "caution" ->
          assertThat(option(weighed, parts[0]).advice().cautions())
              .extracting("key")
              .contains("rule." + parts[1]);
      case "platen" ->
          between(option(weighed, parts[0]).recipe().setting().platen().degrees(), parts[1]);
      case "time" ->
          between(option(weighed, parts[0]).recipe().setting().time().value().count(), parts[1]);
      case "drying" ->
          between(option(weighed, parts[0]).recipe().presses().drying().value().count(), parts[1]);
      case "keep" ->
          between(
              option(weighed, parts[0]).recipe().waits().keepBack().value().count() / 3600,
              parts[1]);
      case "over" -> assertThat(below(weighed, parts[0])).isEqualTo(parts[1]);
      case "alone" -> assertThat(weighed.twoLayers()).isEmpty();
      case "lies-on" ->
          assertThat(String.valueOf(option(weighed, parts[0]).stack().layers()))
              .contains("pad." + parts[1] + "]");
      case "peel" ->
          assertThat(option(weighed, parts[0]).recipe().peel().when().value())
              .hasToString(parts[1]);
      case "cover" ->
          assertThat(option(weighed, parts[0]).recipe().layUp().cover().value())
              .hasToString(parts[1]);
      case "second" ->
          assertThat(option(weighed, parts[0]).recipe().presses().after().get(0).cover())
              .hasToString(parts[1]);
      case "mirror" ->
          assertThat(option(weighed, parts[0]).recipe().layUp().orientation().value())
              .hasToString(parts[1]);
      case "by" -> assertThat(option(weighed, parts[0]).press()).isEqualTo(parts[1]);
      case "word" -> word(option(weighed, parts[0]), parts[1]);
      case "because" ->
          assertThat(String.valueOf(option(weighed, parts[0]).advice().testFirst()))
              .contains(parts[1]);
      case "score" ->
          assertThat(option(weighed, parts[0]).standing().scores())
              .extracting(score -> score.why().key())
              .contains(parts[1]);
      case "says" -> assertThat(said(row, planner, parts[0])).contains(parts[1]);
      case "never" -> assertThat(said(row, planner, parts[0])).doesNotContain(parts[1]);
      case "caution-job" ->
          assertThat(planner.plan(row.job(parts[0])).cautions())
              .contains(Caution.valueOf(parts[1]));
      case "care" ->
          assertThat(planner.plan(row.job(parts[0])).care()).extracting("key").contains(parts[1]);
      case "source" -> assertThat(value).isNotBlank();
      default -> throw new IllegalArgumentException("no such expectation: " + key);
    }
  }

  private static List<String> media(DecorationPlan weighed) {
    return weighed.options().stream().map(Option::medium).toList();
  }

  /** What it is pressed over where it cannot lie alone. */
  private static String below(DecorationPlan weighed, String medium) {
    return weighed.twoLayers().stream()
        .filter(way -> way.option().medium().equals(medium))
        .map(TwoLayers::below)
        .findFirst()
        .orElseThrow(() -> new AssertionError(medium + " will not do over anything"));
  }

  private static String veto(DecorationPlan weighed, String medium) {
    return weighed.ruledOut().stream()
        .filter(out -> out.medium().equals(medium))
        .map(out -> out.reason().key())
        .findFirst()
        .orElseThrow(() -> new AssertionError(medium + " is not ruled out"));
  }

  private static Option option(DecorationPlan weighed, String medium) {
    Optional<Option> option =
        weighed.options().stream().filter(o -> o.medium().equals(medium)).findFirst();
    return option.orElseThrow(() -> new AssertionError(medium + " will not do"));
  }

  private static void between(double value, String range) {
    String[] ends = range.split("\\.\\.");
    double low = Double.parseDouble(ends[0]);
    double high = Double.parseDouble(ends[ends.length - 1]);
    assertThat(value).isBetween(low, high);
  }

  private static void word(Option option, String said) {
    String[] parts = said.split(":");
    assertThat(
            switch (parts[0]) {
              case "hold" -> option.margins().hold().verdict();
              case "mark" -> option.margins().mark().verdict();
              default -> option.margins().bleed().verdict();
            })
        .hasToString(parts[1]);
  }

  /** With those of what is said within it. */
  private static void keys(Sentence sentence, List<String> said) {
    said.add(sentence.key());
    for (Object argument : sentence.arguments()) {
      if (argument instanceof Sentence within) {
        keys(within, said);
      }
    }
  }

  /**
   * In the steps, where it lies, the tool's instructions or the preparation of the medium when it
   * is taken.
   */
  private static List<String> said(TradeRow row, Planner planner, String medium) {
    Plan plan = planner.plan(row.job(medium));
    Option option = option(plan.decorations().get(0), medium);
    List<String> said = new ArrayList<>();
    for (Step step : plan.steps()) {
      keys(step.instruction(), said);
      if (step.where() != null) {
        said.add(step.where().key());
      }
    }
    plan.together().placed().stream()
        .flatMap(placed -> placed.placing().advice().stream())
        .forEach(line -> said.add(line.key()));
    option.recipe().presses().tool().forEach(line -> said.add(line.key()));
    plan.table().forEach(step -> said.add(step.instruction().key()));
    return said;
  }
}
