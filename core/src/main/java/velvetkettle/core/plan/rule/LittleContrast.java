package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Surface;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.heat.Question;

/** White on white and dark on dark hardly show. */
public final class LittleContrast extends Rule {
  public LittleContrast() {
    super("little-contrast", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Depth art = weighing.artwork().tones().lightest();
    boolean same = art == weighing.garment().colour().depth();
    boolean extreme = art == Depth.WHITE || art == Depth.DARK;
    boolean plain =
        weighing.artwork().tones().colours() == 1
            && Surface.PLAIN.contains(weighing.artwork().surface());
    return same && extreme && plain && weighing.artwork().kind() != ArtKind.STONES
        ? caution(art, weighing.garment().colour().name())
        : Optional.empty();
  }
}
