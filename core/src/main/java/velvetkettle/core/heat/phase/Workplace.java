package velvetkettle.core.heat.phase;

import velvetkettle.core.cloth.Garment;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;

/**
 * What the work is done on and with, and the air that the cloth has lain in.
 *
 * @param under how the platen reaches the art; the heat is that of its coolest place
 * @param barred whether a film that lies below all of the art keeps the dye of the cloth from it
 */
public record Workplace(
    Garment garment, Press press, Workroom workroom, PlatenContact under, boolean barred) {
  /** In the middle of its platen. */
  public Workplace(Garment garment, Press press, Workroom workroom) {
    this(garment, press, workroom, PlatenContact.middleOf(press), false);
  }

  /** The same with the platen over it otherwise. */
  public Workplace under(PlatenContact otherwise) {
    return new Workplace(garment, press, workroom, otherwise, barred);
  }

  /** The same where the art gets hottest. */
  public Workplace atHottest() {
    return under(under.atHottest());
  }

  /**
   * Whether the computation speaks of this press. A steam iron and a wand are moved and vented: it
   * is two to four times too quick for them.
   */
  public boolean isComputed() {
    return !press.kind().steams() && !press.kind().setsSingleStones();
  }
}
