package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.ArtKind;

/**
 * A photograph cannot be cut from film, an all-over print is larger than any sheet, a made patch
 * only needs glue.
 */
public final class ArtNeedsItsMedium extends Rule {
  public ArtNeedsItsMedium() {
    super("art-needs-its-medium", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    ArtKind kind = weighing.artwork().kind();
    return weighing.medium().carries().contains(kind)
        ? Optional.empty()
        : vetoLiftedBy(
            "rule.art-needs-its-medium.lift-" + liftFor(kind), kind, weighing.medium().term());
  }

  private static String liftFor(ArtKind kind) {
    return switch (kind) {
      case PHOTOGRAPH, ALL_OVER_PRINT -> "print";
      case MADE_PATCH -> "patch";
      case LETTERING, LOGO -> "made";
    };
  }
}
