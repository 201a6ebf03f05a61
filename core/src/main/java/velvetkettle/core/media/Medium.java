package velvetkettle.core.media;

import java.util.Set;
import velvetkettle.core.quantity.Term;

/** A way of putting something on a garment. */
public sealed interface Medium permits PressMedium, NoHeat {
  /** A stable key, as stored and as used in addresses. */
  String key();

  default Term term() {
    return new Term("medium." + key());
  }

  Set<ArtKind> carries();
}
