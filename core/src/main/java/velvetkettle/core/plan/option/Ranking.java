package velvetkettle.core.plan.option;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.quantity.Sentence;

/**
 * Orders the media that will do: wider margins first, then the points of all criteria by their
 * weight, then the time at table and press. Says for each why it stands where it stands, beside the
 * first, and for the first beside the second.
 */
public final class Ranking {
  /** No more than this many differences are told; the others stand side by side on request. */
  private static final int TOLD = 2;

  private Ranking() {}

  /**
   * The best first, each with what sets it apart.
   *
   * @param pressedBefore whether this shop's log has a pairing, which is then told
   */
  public static List<Option> rank(List<Option> options, Predicate<Option> pressedBefore) {
    List<Option> ranked = new ArrayList<>(options);
    ranked.sort(
        Comparator.comparingLong((Option option) -> option.margins().tight())
            .thenComparing(Comparator.comparingInt(Ranking::points).reversed())
            .thenComparing(option -> option.standing().order()));
    List<Option> explained = new ArrayList<>();
    for (int i = 0; i < ranked.size(); i++) {
      Option other = i == 0 ? (ranked.size() > 1 ? ranked.get(1) : null) : ranked.get(0);
      explained.add(ranked.get(i).because(reasons(ranked.get(i), i == 0, other, pressedBefore)));
    }
    return explained;
  }

  private static int points(Option option) {
    return option.standing().scores().stream().mapToInt(Score::weighted).sum();
  }

  private static List<Sentence> reasons(
      Option option, boolean best, @Nullable Option other, Predicate<Option> pressedBefore) {
    List<Sentence> reasons = new ArrayList<>();
    option
        .margins()
        .all()
        .filter(margin -> margin.verdict() == Verdict.TIGHT)
        .map(Margin::reason)
        .forEach(reasons::add);
    // Said of the best one; beside it the others only tell what sets them apart.
    if (best && reasons.isEmpty()) {
      reasons.add(Sentence.of("reason.all-safe"));
    }
    if (pressedBefore.test(option)) {
      option.standing().scores().stream()
          .filter(score -> score.criterion() == Criterion.LOG)
          .map(Score::why)
          .forEach(reasons::add);
    }
    if (other == null) {
      reasons.add(Sentence.of("reason.only-one"));
    } else {
      reasons.addAll(differences(option, other));
    }
    return reasons;
  }

  /** What sets it apart from the other, the weightiest first. */
  private static List<Sentence> differences(Option option, Option other) {
    List<Sentence> told = new ArrayList<>();
    option.standing().scores().stream()
        .filter(score -> score.criterion() != Criterion.LOG)
        .sorted(Comparator.comparingInt((Score score) -> -Math.abs(ahead(score, other))))
        .filter(score -> ahead(score, other) != 0)
        .limit(TOLD)
        .map(score -> difference(score, ahead(score, other) > 0, other))
        .forEach(told::add);
    int minutes =
        (int)
            Math.round((other.standing().order().count() - option.standing().order().count()) / 60);
    if (Math.abs(minutes) >= 2) {
      told.add(
          Sentence.of(
              minutes > 0 ? "reason.quicker" : "reason.slower", Math.abs(minutes), other.name()));
    }
    return told;
  }

  private static Sentence difference(Score score, boolean better, Option other) {
    String criterion = score.criterion().name().toLowerCase(Locale.ROOT);
    return Sentence.of(
        "reason." + criterion + (better ? ".better" : ".worse"), other.name(), score.why());
  }

  private static int ahead(Score score, Option other) {
    Optional<Score> theirs =
        other.standing().scores().stream()
            .filter(s -> s.criterion() == score.criterion())
            .findFirst();
    return theirs.map(their -> score.weighted() - their.weighted()).orElse(0);
  }
}
