package velvetkettle.core.media;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * A medium that heat and pressure fix. Its traits are all that the rules and the plan know of it;
 * where most media agree the trait stands here, and a medium says only what it does otherwise.
 */
public sealed interface PressMedium extends Medium
    permits Film, Transfer, TransferPaper, Sublimation, Stones, Web, Patch {
  Window window();

  Orientation orientation();

  CutFace cutFace();

  Glue glue();

  /** The sheet that usually lies over the work at the main press. */
  CoverSheet cover();

  /** The sheet over this work at the main press; the other presses name their own. */
  default CoverSheet cover(Work work) {
    return cover();
  }

  /** How the maker tells which side is the glue, or the print. */
  Sentence glueSide();

  /**
   * Its own layers in the press, from the side away from the cloth, last the glue or ink that meets
   * the cloth.
   */
  List<Layer> layers();

  /** What has to be done with the art and the material before the press. */
  List<Sentence> preparation(Work work);

  /** Work at the table for one piece, from art to placed, without press time. */
  Seconds handlingPerPiece(Artwork artwork);

  /** Work once for the whole order. */
  Seconds settingUp();

  /** The thinnest stroke that weeds or prints cleanly. */
  Millimetres thinnestStroke();

  /** How it sits in the hand and moves with the cloth: 1 stiff, 5 not to be felt. */
  int hand();

  /** How long it lasts in wear and wash: 1 to 5. */
  int wear();

  /** How it is on skin, seen from the inside: 1 scratches, 5 not to be felt. */
  default int skin() {
    return 4;
  }

  Palette palette();

  Layering layering();

  /** The finishes it can have. */
  default Set<Surface> gives() {
    return Surface.PLAIN;
  }

  /** The presses before the main one, in their order. */
  default List<ExtraPress> before(Work work) {
    return List.of();
  }

  /** The presses after the peel, in their order. */
  default List<ExtraPress> after(Work work) {
    return List.of();
  }

  /** The side of the garment that meets the heat at the main press. */
  default Side side() {
    return Side.FACE;
  }

  default Stitch stitch() {
    return Stitch.NOT_NEEDED;
  }

  /**
   * Ink or film one can see through: it shows on white and light cloth only, and cannot print
   * white.
   */
  default boolean transparent() {
    return false;
  }

  /** Brings its own ground, so that no dye of the cloth shows through it. */
  default boolean hasOwnGround() {
    return false;
  }

  /** Keeps the dye gas of a polyester from the colours above. */
  default boolean blocksDye() {
    return false;
  }

  /** The least share of polyester it needs, %; 0 where any cloth does. */
  default double leastPolyester() {
    return 0;
  }

  /** Whether it goes with cloth that stretches far. */
  default boolean stretches() {
    return false;
  }

  /** Whether its glue wets a nylon shell or a repellent finish at all well. */
  default boolean bondsToShell() {
    return false;
  }

  /** Whether it is pressed with steam; to all others moisture is the enemy. */
  default boolean wantsSteam() {
    return false;
  }

  /** Whether parts of it can come off and be swallowed. */
  default boolean smallParts() {
    return false;
  }

  /** Whether it has a nap or a pattern, so that its pieces are not turned when they are cut. */
  default boolean hasNap() {
    return false;
  }

  /** From how many alike pieces it is worth ordering or setting up. */
  default int worthFrom() {
    return 1;
  }

  /** How long the cloth is dried before this medium at least; the cloth itself may need longer. */
  default Seconds leastDrying() {
    return Seconds.of(3);
  }

  /** Whether the cloth must be cool again after drying, before this is placed. */
  default boolean placedOnCoolCloth() {
    return false;
  }

  /** The tools that can press it. */
  default Set<PressKind> tools() {
    return EnumSet.complementOf(EnumSet.of(PressKind.WAND));
  }

  /** Whether a carrier or paper comes off after the main press. */
  default boolean hasCarrier() {
    return layers().stream()
        .anyMatch(layer -> layer.kind() == LayerKind.CARRIER || layer.kind() == LayerKind.PAPER);
  }
}
