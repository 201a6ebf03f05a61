package velvetkettle.core.heat;

import velvetkettle.core.cloth.Garment;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;

/** What the work is done on and with, and the air that the cloth has lain in. */
public record Bench(Garment garment, Press press, Workroom workroom) {}
