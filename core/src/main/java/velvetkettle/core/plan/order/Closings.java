package velvetkettle.core.plan.order;

import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Purpose;

/** A closing of a tool in as many positions as it takes to reach all that it is for. */
record Closings(
    Press press,
    Purpose purpose,
    @Nullable String thing,
    List<Area> positions,
    Seconds time,
    CoverSheet cover,
    boolean moved) {
  /** Over all of it, so many times. */
  Closings times(int often) {
    List<Area> again = Collections.nCopies(often, positions.get(0));
    return new Closings(press, purpose, thing, again, time, cover, moved);
  }

  /** All of them, one after the other. */
  void write(List<Act> acts) {
    for (int at = 0; at < positions.size(); at++) {
      write(acts, at);
    }
  }

  /** One of them, under its sheet, which is off again when the tool is open. */
  void write(List<Act> acts, int at) {
    if (cover != CoverSheet.NONE) {
      acts.add(new Act.Cover(cover));
    }
    acts.add(
        new Act.Close(
            press.name(),
            purpose,
            thing,
            at + 1,
            positions.size(),
            positions.get(at),
            time,
            moved));
    acts.add(new Act.Open());
    if (cover != CoverSheet.NONE) {
      acts.add(new Act.Uncover());
    }
  }
}
