package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.Medium;

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
    return weighing.medium().appearance().carries().contains(kind)
        ? Optional.empty()
        : vetoLiftedBy(
            "rule.art-needs-its-medium.lift-" + lift(weighing.medium(), kind),
            kind,
            weighing.medium().term());
  }

  /** Either the art is made over for the medium, or the medium is one that carries such art. */
  private static String lift(Medium medium, ArtKind kind) {
    boolean drawn = kind == ArtKind.LETTERING || kind == ArtKind.LOGO;
    if (drawn && medium.appearance().ofStones()) {
      return "as-stones";
    }
    if (drawn && medium.appearance().ofCloth()) {
      return "as-applique";
    }
    return switch (kind) {
      case PHOTOGRAPH, ALL_OVER_PRINT -> "print";
      case MADE_PATCH, BADGE -> "patch";
      case PRINTED_PATCH -> "blank";
      case LETTERING, LOGO -> "made";
      case STONES -> "stones";
      case APPLIQUE, SECOND_LAYER -> "web";
      case PANEL -> "panel";
      case LABEL -> "label";
    };
  }
}
