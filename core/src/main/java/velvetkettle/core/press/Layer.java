package velvetkettle.core.press;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * One band of the Stack.
 *
 * @param name what it is, to be shown
 * @param thickness null for the platens, which are as thick as they are
 */
public record Layer(LayerKind kind, Sentence name, @Nullable Millimetres thickness) {
  public static Layer of(LayerKind kind, Sentence name, double millimetres) {
    return new Layer(kind, name, Millimetres.of(millimetres));
  }
}
