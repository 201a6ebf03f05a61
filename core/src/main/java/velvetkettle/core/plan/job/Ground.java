package velvetkettle.core.plan.job;

import velvetkettle.core.cloth.Garment;
import velvetkettle.core.press.Press;

/**
 * What a Stack is laid up between.
 *
 * @param raised whether a foam pad inside the garment lifts the art above what lies round it
 */
public record Ground(Garment garment, Press press, boolean raised) {}
