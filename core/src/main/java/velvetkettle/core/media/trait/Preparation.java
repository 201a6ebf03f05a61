package velvetkettle.core.media.trait;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Something to do with the art and the material before the press, or to mind while that is done.
 *
 * @param does in this order; nothing where it is only to be minded
 * @param time under the press; null where none is used
 */
public record Preparation(Sentence say, List<Doing> does, @Nullable Seconds time, Occasion when) {
  public Preparation {
    does = List.copyOf(does);
    if (does.contains(Doing.FUSE_WEB) == (time == null)) {
      throw new IllegalArgumentException("a web is fused for a time, and nothing else is");
    }
  }
}
