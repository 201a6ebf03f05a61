package velvetkettle.core.cloth;

import java.util.List;

/**
 * The dye of a cloth that may leave its fibre as gas.
 *
 * @param dye the one that wanders farthest
 * @param percent of the cloth that is coloured by dye of fibres that give theirs off, 0 to 100;
 *     what a label does not name counts
 */
public record WanderingDye(DyeKind dye, double percent) {
  static WanderingDye of(ClothSpec cloth) {
    List<FibreShare> giving =
        cloth.blend().shares().stream().filter(share -> share.fibre().givesOffDye()).toList();
    double rest = cloth.blend().restPercent();
    DyeKind dye =
        giving.stream()
            .map(share -> cloth.dyeOf(share.fibre()))
            .min(DyeKind.farthest())
            .orElse(rest > 0 && cloth.dye() != DyeKind.UNDYED ? DyeKind.UNKNOWN : cloth.dye());
    double percent = giving.stream().mapToDouble(FibreShare::percent).sum() + rest;
    return new WanderingDye(dye, Math.min(100, percent));
  }
}
