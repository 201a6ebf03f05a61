package velvetkettle.core.cloth;

import java.util.stream.Collectors;

/**
 * What cloths have to share before a press of one says anything of another: fabric, fibres, finish,
 * and colour where it may wander.
 *
 * @param key in the names of this vocabulary, such as {@code JERSEY: COTTON 60, POLYESTER 40; NONE;
 *     DISPERSE DARK}; kept by the log
 */
public record ClothKind(String key) {
  /** Labels of one cloth from two makers differ by less than that, %. */
  private static final double ALIKE = 10;

  static ClothKind of(ClothSpec cloth) {
    String fibres =
        cloth.blend().shares().stream()
            .filter(FibreShare::counts)
            .map(share -> share.fibre() + " " + Math.round(share.percent() / ALIKE) * (int) ALIKE)
            .sorted()
            .collect(Collectors.joining(", "));
    WanderingDye wandering = cloth.wanderingDye();
    boolean wanders = wandering.percent() > 0 && wandering.dye().turnsToGas();
    String colour = wanders ? wandering.dye() + " " + cloth.colour().depth() : "STAYS";
    return new ClothKind(cloth.fabric() + ": " + fibres + "; " + cloth.finish() + "; " + colour);
  }
}
