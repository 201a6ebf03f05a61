package velvetkettle.core.cut.label;

import java.util.List;

/**
 * Labels one after the other on a strip.
 *
 * @param from which tape or page it is of, from 0
 * @param length of the strip, mm: from the first label to the end of the last
 */
public record LabelStrip(int from, double length, List<Label> labels) {
  public LabelStrip {
    labels = List.copyOf(labels);
  }
}
