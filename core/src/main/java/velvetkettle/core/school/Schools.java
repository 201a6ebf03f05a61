package velvetkettle.core.school;

import java.util.Comparator;
import java.util.List;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * The schools that a shop keeps to; where it keeps to none, ours speaks.
 *
 * @param kept at most one to a question, else {@link ImpossibleValueException}
 */
public record Schools(List<School> kept) {
  public static final Schools OURS = new Schools(List.of());

  public Schools {
    kept = kept.stream().distinct().sorted(Comparator.naturalOrder()).toList();
    if (kept.stream().map(School::dispute).distinct().count() < kept.size()) {
      throw new ImpossibleValueException("a shop keeps to one school on each question: " + kept);
    }
  }

  public static Schools of(School... kept) {
    return new Schools(List.of(kept));
  }

  public School on(Dispute dispute) {
    return kept.stream()
        .filter(school -> school.dispute() == dispute)
        .findFirst()
        .orElse(dispute.schools().get(0));
  }

  public boolean keepTo(School school) {
    return on(school.dispute()) == school;
  }
}
