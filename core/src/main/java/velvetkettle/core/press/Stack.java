package velvetkettle.core.press;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;

/**
 * Everything between the platens, from the hot one down.
 *
 * @param side which side of the garment meets the heat
 * @param layers top to bottom, first the heated platen, last what does not heat
 * @param glueLineBelow the index of the layer whose lower face is the glue line; null where nothing
 *     is being bonded
 * @param glueLinePeak the hottest the glue line gets; null where heat was not computed
 * @param giveOrTake how far that may be off; null likewise
 */
public record Stack(
    Side side,
    List<Layer> layers,
    @Nullable Integer glueLineBelow,
    @Nullable Celsius glueLinePeak,
    @Nullable Kelvin giveOrTake) {
  public Stack(Side side, List<Layer> layers, @Nullable Integer glueLineBelow) {
    this(side, layers, glueLineBelow, null, null);
  }

  public Stack {
    layers = List.copyOf(layers);
    if (layers.size() < 2 || layers.get(0).kind() != LayerKind.HEATED_PLATEN) {
      throw new IllegalArgumentException(
          "a stack begins with the heated platen and stands on something");
    }
    if (glueLineBelow != null && (glueLineBelow < 0 || glueLineBelow >= layers.size() - 1)) {
      throw new IllegalArgumentException("the glue line lies between two layers: " + glueLineBelow);
    }
  }

  /**
   * The same with what was computed of it.
   *
   * @param peaks one for each layer, null where none is known
   */
  public Stack heated(List<@Nullable Celsius> peaks, @Nullable Celsius glueLine, Kelvin offBy) {
    List<Layer> heated = new ArrayList<>();
    for (int i = 0; i < layers.size(); i++) {
      heated.add(layers.get(i).peaking(peaks.get(i)));
    }
    return new Stack(side, heated, glueLineBelow, glueLine, glueLine == null ? null : offBy);
  }

  /** The same before any heat. */
  public Stack cold() {
    return new Stack(
        side, layers.stream().map(layer -> layer.peaking(null)).toList(), glueLineBelow);
  }
}
