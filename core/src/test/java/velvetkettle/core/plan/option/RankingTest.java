package velvetkettle.core.plan.option;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;

/** Which of several media stands first, and what is said of each. */
class RankingTest {
  private static final Option REAL =
      Jobs.weigh(Jobs.whiteBandTee(), Jobs.whiteLettering()).options().get(0);

  @Test
  @DisplayName("fewer tight margins, then more points, then less time")
  void order() {
    Option tight = option("tight", 1, 600, score(Criterion.WEAR, 5));
    Option poor = option("poor", 0, 600, score(Criterion.WEAR, 2));
    Option slow = option("slow", 0, 1200, score(Criterion.WEAR, 4));
    Option quick = option("quick", 0, 600, score(Criterion.WEAR, 4));
    assertThat(Ranking.rank(List.of(tight, poor, slow, quick), known -> false))
        .extracting(Option::medium)
        .containsExactly("quick", "slow", "poor", "tight");
  }

  @Test
  @DisplayName("points are weighted: colours count twice what wear does")
  void weights() {
    Option lasting =
        option("lasting", 0, 600, score(Criterion.WEAR, 5), score(Criterion.COLOURS, 3));
    Option easy = option("easy", 0, 600, score(Criterion.WEAR, 4), score(Criterion.COLOURS, 4));
    assertThat(Ranking.rank(List.of(lasting, easy), known -> false).get(0).medium())
        .isEqualTo("easy");
  }

  @Test
  @DisplayName("the first is told beside the second, the others beside the first")
  void reasons() {
    Option first = option("first", 0, 600, score(Criterion.WEAR, 5), score(Criterion.HAND, 3));
    Option second = option("second", 0, 840, score(Criterion.WEAR, 3), score(Criterion.HAND, 4));
    List<Option> ranked = Ranking.rank(List.of(second, first), known -> false);
    assertThat(ranked.get(0).standing().reasons())
        .extracting(Sentence::key)
        .containsExactly(
            "reason.all-safe", "reason.wear.better", "reason.hand.worse", "reason.quicker");
    assertThat(ranked.get(0).standing().reasons().get(1).arguments())
        .contains(new Term("medium.second"));
    assertThat(ranked.get(0).standing().reasons().get(3).arguments()).contains(4);
    assertThat(ranked.get(1).standing().reasons())
        .extracting(Sentence::key)
        .containsExactly("reason.wear.worse", "reason.hand.better", "reason.slower");
  }

  @Test
  @DisplayName("no more than two differences, the weightiest first, and none where there is none")
  void theWeightiest() {
    Option first =
        option(
            "first",
            0,
            600,
            score(Criterion.WEAR, 5),
            score(Criterion.HAND, 4),
            score(Criterion.COLOURS, 5),
            score(Criterion.SKIN, 4));
    Option second =
        option(
            "second",
            0,
            660,
            score(Criterion.WEAR, 3),
            score(Criterion.HAND, 3),
            score(Criterion.COLOURS, 1),
            score(Criterion.SKIN, 4));
    assertThat(Ranking.rank(List.of(first, second), known -> false).get(0).standing().reasons())
        .extracting(Sentence::key)
        .containsExactly("reason.all-safe", "reason.colours.better", "reason.wear.better");
  }

  @Test
  @DisplayName("alone it says so; tight margins and the log speak for themselves")
  void alone() {
    Score yours = new Score(Criterion.LOG, 0, Sentence.of("reason.yours", 1, 9));
    Option only = option("only", 1, 600, yours, score(Criterion.WEAR, 2));
    assertThat(Ranking.rank(List.of(only), known -> true).get(0).standing().reasons())
        .extracting(Sentence::key)
        .containsExactly("hold.tight", "reason.yours", "reason.only-one");
  }

  @Test
  @DisplayName("the log is told as what it is, not as a difference")
  void logIsNoDifference() {
    Option first = option("first", 0, 600, score(Criterion.LOG, 3), score(Criterion.WEAR, 4));
    Option second = option("second", 0, 600, score(Criterion.LOG, 0), score(Criterion.WEAR, 4));
    assertThat(Ranking.rank(List.of(first, second), known -> false).get(0).standing().reasons())
        .extracting(Sentence::key)
        .containsExactly("reason.all-safe");
  }

  private static Score score(Criterion criterion, int points) {
    return new Score(criterion, points, Sentence.of("score.wear-" + points));
  }

  private static Option option(String medium, int tight, double order, Score... scores) {
    Margin mark = margin(Question.MARK, Verdict.SAFE);
    Margin hold = margin(Question.HOLD, tight == 0 ? Verdict.SAFE : Verdict.TIGHT);
    Margin bleed = margin(Question.BLEED, Verdict.SAFE);
    return new Option(
        medium,
        new Term("medium." + medium),
        REAL.recipe(),
        new Margins(hold, mark, bleed),
        new Standing(List.of(), List.of(scores), Seconds.of(order)),
        new Advice(List.of(), null),
        REAL.stack(),
        "Press");
  }

  private static Margin margin(Question question, Verdict verdict) {
    String reason = verdict == Verdict.TIGHT ? "hold.tight" : "safe";
    return new Margin(
        question, verdict, Sentence.of("figure"), Sentence.of(reason), null, true, null);
  }
}
