package velvetkettle.core.work;

import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;

/** What is done to a thing itself, beside the garment: it is drawn, cut, sewn, given its glue. */
public sealed interface TableAct extends Act {
  @Override
  String thing();

  @Override
  default Bench on(Bench bench) {
    return bench.worked(this);
  }

  /** The drawing is turned round before anything is cut or printed from it. */
  record Mirror(String thing) implements TableAct {}

  /** Ink comes on its sheet. */
  record PrintSheet(String thing) implements TableAct {}

  /** Ink, or what was rinsed, dries to the touch. */
  record DryOut(String thing) implements TableAct {}

  /**
   * A blade goes round its outline, and through no carrier.
   *
   * @param up what looks up from the mat
   */
  record CutOut(String thing, CutFace up) implements TableAct {}

  /** Scissors go round what lies beyond it: sheet, carrier, stabiliser. */
  record Trim(String thing) implements TableAct {}

  /**
   * What is not the design comes off its carrier.
   *
   * @param thinnest stroke that stays, mm
   */
  record Weed(String thing, Millimetres thinnest) implements TableAct {}

  /** A sheet that sticks a little keeps loose parts in their places until they hold. */
  record Mask(String thing) implements TableAct {}

  /** The sheet that its glue lies on comes off. */
  record BackingOff(String thing) implements TableAct {}

  /** A patch is sewn: cloth on its stabiliser, outline, border, centre. */
  record SewPatch(String thing) implements TableAct {}

  /** What it was sewn on is rinsed out or torn away. */
  record StabiliserOff(String thing) implements TableAct {}

  /** Web is cut to its outline, a little inside the edge. */
  record CutWeb(String thing) implements TableAct {}

  /**
   * Web is fused to its wrong side, through the paper of the web.
   *
   * @param tool that is hot by then
   */
  record FuseWeb(String thing, String tool, Seconds time) implements TableAct {}

  /**
   * Its print or its film goes onto the piece.
   *
   * @param tool that is so hot by then
   * @param platen how hot that truly is
   */
  record PressOn(String thing, String tool, Celsius platen, Seconds time) implements TableAct {}

  /** The backs of the stones are looked at: they have glue on them. */
  record LookAtBacks(String thing) implements TableAct {}

  /** A finger presses the stones onto their film, so that none is lost. */
  record FixStones(String thing) implements TableAct {}

  /** Chalk marks its line on the cloth. */
  record MarkOut(String thing) implements TableAct {}

  /** An empty stencil is laid where its stones are to lie. */
  record LayStencil(String thing) implements TableAct {}

  /** It comes off again, straight up, and the stones stay. */
  record LiftStencil(String thing) implements TableAct {}
}
