package velvetkettle.core.press;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Everything between the platens, from the hot one down.
 *
 * @param side which side of the garment meets the heat
 * @param layers top to bottom, first the heated platen, last what does not heat
 * @param glueLineBelow the index of the layer whose lower face is the glue line; null where nothing
 *     is being bonded
 */
public record Stack(Side side, List<Layer> layers, @Nullable Integer glueLineBelow) {
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
}
