package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.quantity.Sentence;

/**
 * Orders the media that will do: wider margins first, then what this shop's log says of them, then
 * wear and feel, then time. Says for each why it stands where it stands.
 */
final class Ranking {
  private final Garment garment;
  private final Experience experience;

  Ranking(Garment garment, Experience experience) {
    this.garment = garment;
    this.experience = experience;
  }

  List<Option> rank(List<Option> options) {
    List<Option> ranked = new ArrayList<>(options);
    ranked.sort(
        Comparator.comparingLong((Option option) -> option.margins().tight())
            .thenComparing(Comparator.comparingInt(this::points).reversed())
            .thenComparing(Option::order));
    List<Option> explained = new ArrayList<>();
    for (int i = 0; i < ranked.size(); i++) {
      Option other = i == 0 ? (ranked.size() > 1 ? ranked.get(1) : null) : ranked.get(0);
      explained.add(ranked.get(i).because(reasons(ranked.get(i), other)));
    }
    return explained;
  }

  /**
   * Wear and hand from 1 to 5 each; a record of failures on this cloth costs as much as two steps
   * of either.
   */
  private int points(Option option) {
    PressMedium medium = medium(option);
    int log =
        experience
            .of(option.medium(), garment)
            .map(result -> Integer.signum(result.good() - result.bad()))
            .orElse(0);
    return medium.wear() + medium.hand() + 2 * Math.min(0, log);
  }

  private List<Sentence> reasons(Option option, @Nullable Option other) {
    List<Sentence> reasons = new ArrayList<>();
    option
        .margins()
        .all()
        .filter(margin -> margin.verdict() == Verdict.TIGHT)
        .map(Margin::reason)
        .forEach(reasons::add);
    if (reasons.isEmpty()) {
      reasons.add(Sentence.of("reason.all-safe"));
    }
    experience
        .of(option.medium(), garment)
        .ifPresent(r -> reasons.add(Sentence.of("reason.yours", r.good(), r.good() + r.bad())));
    if (other == null) {
      reasons.add(Sentence.of("reason.only-one"));
    } else {
      compare(option, other, reasons);
    }
    return reasons;
  }

  private static void compare(Option option, Option other, List<Sentence> reasons) {
    PressMedium medium = medium(option);
    PressMedium against = medium(other);
    if (medium.hand() != against.hand()) {
      reasons.add(
          Sentence.of(
              medium.hand() > against.hand() ? "reason.softer" : "reason.stiffer", other.name()));
    }
    if (medium.wear() != against.wear()) {
      reasons.add(
          Sentence.of(
              medium.wear() > against.wear() ? "reason.lasts" : "reason.wears", other.name()));
    }
    int minutes = (int) Math.round((other.order().count() - option.order().count()) / 60);
    if (Math.abs(minutes) >= 2) {
      reasons.add(
          Sentence.of(
              minutes > 0 ? "reason.quicker" : "reason.slower", Math.abs(minutes), other.name()));
    }
  }

  private static PressMedium medium(Option option) {
    return MediaCatalogue.pressed(option.medium()).orElseThrow();
  }
}
