package velvetkettle.core.press;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * One band of the Stack.
 *
 * @param name what it is, to be shown
 * @param thickness null for the platens, which are as thick as they are
 * @param substance what it is made of; null for the heated platen, and in plans made before heat
 *     was computed
 * @param peak the hottest it gets in the middle; null where heat was not computed
 */
public record Layer(
    LayerKind kind,
    Sentence name,
    @Nullable Millimetres thickness,
    @Nullable Substance substance,
    @Nullable Celsius peak) {
  public static Layer of(LayerKind kind, Sentence name, double millimetres, Substance substance) {
    return new Layer(kind, name, Millimetres.of(millimetres), substance, null);
  }

  Layer peaking(@Nullable Celsius celsius) {
    return new Layer(kind, name, thickness, substance, celsius);
  }
}
