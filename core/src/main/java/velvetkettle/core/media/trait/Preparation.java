package velvetkettle.core.media.trait;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Something to do with the art and the material before the press, or to mind while that is done.
 *
 * @param does in this order; nothing where it is only to be minded
 * @param time under the press; null where none is used
 * @param platen how hot that press is; null where none is used, or as hot as for the main press
 */
public record Preparation(
    Sentence say,
    List<Doing> does,
    @Nullable Seconds time,
    @Nullable Celsius platen,
    Occasion when) {
  public Preparation {
    does = List.copyOf(does);
    boolean pressed = does.contains(Doing.PRESS_ON);
    if ((pressed || does.contains(Doing.FUSE_WEB)) == (time == null)) {
      throw new IllegalArgumentException("a web or a print is pressed for a time, nothing else is");
    }
    if (pressed == (platen == null)) {
      throw new IllegalArgumentException("a print is pressed at a heat of its own, a web is not");
    }
  }

  /** Whether a press is used for it. */
  public boolean underPress() {
    return time != null;
  }
}
