package velvetkettle.core.heat.phase;

import velvetkettle.core.cloth.Garment;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;

/** What the work is done on and with, and the air that the cloth has lain in. */
public record Bench(Garment garment, Press press, Workroom workroom) {
  /**
   * Whether the computation speaks of this press. A steam iron and a wand are moved and vented: it
   * is two to four times too quick for them.
   */
  public boolean isComputed() {
    return !press.kind().steams() && !press.kind().setsSingleStones();
  }
}
