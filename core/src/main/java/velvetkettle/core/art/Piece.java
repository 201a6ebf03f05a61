package velvetkettle.core.art;

import static java.util.Objects.requireNonNull;

import velvetkettle.core.cloth.Blend;

/**
 * What a piece of other cloth, a patch or a panel is itself made of: it gets as hot as the garment.
 *
 * @param printed whether there is a print on it that heat softens or fades
 */
public record Piece(Blend blend, boolean printed) {
  public Piece {
    requireNonNull(blend, "blend");
  }
}
