package velvetkettle.core.media.trait;

import java.util.Set;
import velvetkettle.core.cloth.EndUse;

/**
 * Which ends it lasts in [common practice, no source]; of what is in neither set it is not known,
 * and it is tried first.
 *
 * @param bears what it is made for
 * @param refuses what takes it off or spoils it
 */
public record Endurance(Set<EndUse> bears, Set<EndUse> refuses) {
  /** A gentle wash at home, and nothing else that is known. */
  public static final Endurance USUAL =
      new Endurance(Set.of(EndUse.HOME_WASH, EndUse.NEXT_TO_SKIN), Set.of());

  public Endurance {
    bears = Set.copyOf(bears);
    refuses = Set.copyOf(refuses);
  }
}
