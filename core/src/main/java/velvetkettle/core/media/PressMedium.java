package velvetkettle.core.media;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * A medium that heat and pressure fix. Its traits are all that the rules and the plan know of it.
 */
public sealed interface PressMedium extends Medium permits Film, TransferPaper, Sublimation, Patch {
  Window window();

  Orientation orientation();

  CutFace cutFace();

  /** The sheet over the work at the first press; the second press names its own. */
  CoverSheet cover();

  /** Null where one press is all. */
  @Nullable SecondPress secondPress(Artwork artwork);

  /** The side of the garment that meets the heat at the main press. */
  Side side();

  Stitch stitch();

  /**
   * Ink or film one can see through: it shows on white and light cloth only, and cannot print
   * white.
   */
  boolean transparent();

  /** Keeps the dye gas of a polyester from the colours above. */
  boolean blocksDye();

  /** The least share of polyester it needs, %; 0 where any cloth does. */
  double leastPolyester();

  /** The thinnest stroke that weeds or prints cleanly. */
  Millimetres thinnestStroke();

  /** How long the cloth is dried before this medium at least; the cloth itself may need longer. */
  Seconds leastDrying();

  /** Whether the cloth must be cool again after drying, before this is placed. */
  boolean placedOnCoolCloth();

  /** How it sits on skin and in the hand: 1 stiff, 5 not to be felt. */
  int hand();

  /** How long it lasts in wear and wash: 1 to 5. */
  int wear();

  /**
   * Its own layers in the press, from the side away from the cloth, last the glue or ink that meets
   * the cloth.
   */
  List<Layer> layers();

  /** What has to be done with the art and the material before the press. */
  List<Sentence> preparation(Artwork artwork);

  /** Work at the table for one piece, from art to placed, without press time. */
  Seconds handlingPerPiece(Artwork artwork);

  /** Work once for the whole order. */
  Seconds settingUp();
}
