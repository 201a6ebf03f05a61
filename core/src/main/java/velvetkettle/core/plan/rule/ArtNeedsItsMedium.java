package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.ArtKind;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.media.Stones;
import velvetkettle.core.media.Web;

/**
 * A photograph cannot be cut from film, an all-over print is larger than any sheet, a made patch
 * only needs glue, stones bring their own.
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
            "rule.art-needs-its-medium.lift-" + lift(weighing.medium(), kind),
            kind,
            weighing.medium().term());
  }

  /** Either the art is made over for the medium, or the medium is one that carries such art. */
  private static String lift(PressMedium medium, ArtKind kind) {
    boolean drawn = kind == ArtKind.LETTERING || kind == ArtKind.LOGO;
    if (drawn && medium instanceof Stones) {
      return "as-stones";
    }
    if (drawn && medium instanceof Web) {
      return "as-applique";
    }
    return switch (kind) {
      case PHOTOGRAPH, ALL_OVER_PRINT -> "print";
      case MADE_PATCH -> "patch";
      case LETTERING, LOGO -> "made";
      case STONES -> "stones";
      case APPLIQUE, SECOND_LAYER -> "web";
    };
  }
}
