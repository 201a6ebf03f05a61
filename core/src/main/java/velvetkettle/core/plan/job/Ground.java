package velvetkettle.core.plan.job;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.place.LowerSide;
import velvetkettle.core.place.PlatenApproach;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.StoneSize;

/**
 * What a Stack is laid up between, and how high what is put on it stands out.
 *
 * @param lower what it lies on
 * @param face that is worked on
 * @param way how the platen comes down on it
 * @param oneLayer whether only the cloth of that face lies between the platens
 * @param raised whether a foam pad inside the garment lifts the art above what lies round it
 * @param stones their size where art is made of them and somebody said; else null
 * @param colours how many colours of it lie over one another, from 1
 */
public record Ground(
    Garment garment,
    Press press,
    Pad lower,
    GarmentFace face,
    PlatenApproach way,
    boolean oneLayer,
    boolean raised,
    @Nullable StoneSize stones,
    int colours) {
  /** The bare cloth. */
  public Ground(Garment garment, Press press) {
    this(
        garment,
        press,
        LowerSide.of(garment, false, press),
        GarmentFace.FRONT,
        PlatenApproach.CLEAR,
        false,
        false,
        null,
        1);
  }
}
