package velvetkettle.core.plan.job;

import java.util.List;
import java.util.Optional;
import velvetkettle.core.cloth.ClothKind;
import velvetkettle.core.cloth.Garment;

/** What the shop's own log has learnt, as the planner needs it. */
public record Experience(List<Result> results) {
  public static final Experience NONE = new Experience(List.of());

  public Experience {
    results = List.copyOf(results);
  }

  /** How often a medium held on a kind of cloth. */
  public record Result(String medium, ClothKind cloth, int good, int bad) {}

  public Optional<Result> of(String medium, Garment garment) {
    return results.stream()
        .filter(r -> r.medium().equals(medium) && r.cloth().equals(garment.clothKind()))
        .findFirst();
  }
}
