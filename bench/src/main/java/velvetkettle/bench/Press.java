package velvetkettle.bench;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.conduction.Boundary;
import velvetkettle.core.heat.conduction.Cloth;
import velvetkettle.core.heat.conduction.Contact;
import velvetkettle.core.heat.conduction.Face;
import velvetkettle.core.heat.conduction.FibreMix;
import velvetkettle.core.heat.conduction.GlueLine;
import velvetkettle.core.heat.conduction.Part;
import velvetkettle.core.heat.conduction.Phase;
import velvetkettle.core.heat.conduction.Profile;
import velvetkettle.core.heat.conduction.Sheet;
import velvetkettle.core.heat.conduction.Slab;
import velvetkettle.core.heat.dose.Adhesive;

/** Film on one cotton jersey on a foam pad under a platen held at 150 °C: the stack of check H. */
final class Press {
  static final int GLUE = 2;
  static final int[] CELLS = {3, 2, 3, 10, 22};

  private Press() {}

  static Phase moist(double seconds) {
    return phase(seconds, 1, true);
  }

  /**
   * @param finer how many times as many cells
   */
  static Phase phase(double seconds, int finer, boolean moist) {
    FibreMix cotton = FibreMix.of(Blend.of(Fibre.COTTON));
    List<Slab> slabs =
        List.of(
            new Sheet("carrier", Face.FILM, 0.10, 0.20, 1390, 1350, CELLS[0] * finer, 1),
            new Sheet("film", Face.FILM, 0.045, 0.20, 1150, 1900, CELLS[1] * finer, 1),
            new Sheet("glue", Face.FILM, 0.05, 0.20, 1120, 2000, CELLS[2] * finer, 1),
            new Cloth("jersey", cotton, 150, 0.62, 0.45, CELLS[3] * finer),
            new Sheet(
                "foam",
                Face.FOAM,
                9,
                0.09,
                350,
                1300,
                CELLS[4] * finer,
                Math.pow(1.18, 1.0 / finer)));
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < slabs.size(); i++) {
      parts.add(new Part(slabs.get(i), state(slabs.get(i), moist), i < GLUE));
    }
    double top = Contact.conductance(Face.HARD, Face.FILM, 20, 1);
    double base = Contact.conductance(Face.FOAM, Face.HARD, 20, 1);
    return new Phase(
        parts,
        new Boundary.Held(150, top),
        new Boundary.Held(30, base),
        20,
        1,
        true,
        23,
        0.65,
        seconds,
        new GlueLine(GLUE, Adhesive.EVERYDAY, 0));
  }

  private static Profile state(Slab slab, boolean moist) {
    Profile room = Profile.inRoom(slab, 23, 0.65);
    return moist ? room : new Profile(room.celsius(), new double[slab.cells()]);
  }
}
