package velvetkettle.core.cut.drawn;

import velvetkettle.core.quantity.Worded;

/** What a mark of a drawn page is for. It is the layer that it lies on in a file. */
public enum LineRole implements Worded {
  /** The edge of a sheet, a strip, a panel or a garment: there already. */
  EDGE,
  CUT,
  /** Where the edge of the cloth is cut off at the end. */
  TRIM,
  /** Cut through the upper layer only; the backing stays whole. */
  KISS_CUT,
  FOLD,
  /** Where one piece is laid on the other. */
  PLACEMENT,
  TACK_DOWN,
  /** Both edges of a border that is sewn over. */
  SATIN,
  COVER,
  WEB,
  STABILISER,
  PRINT,
  /** A cut through the cloth of the garment, which opens. */
  SLIT,
  /** What goes inside the garment while it is cut. */
  BOARD,
  /** A stone, as large as it is. */
  STONE,
  /** A stone that is set by hand afterwards. */
  BY_HAND,
  /** A hole of a stencil that a stone falls through. */
  HOLE,
  /** Where the platen comes down. */
  PLATEN,
  /** Corners and crosses to lay pages or colours by. */
  MARK;

  @Override
  public String vocabulary() {
    return "line";
  }
}
