package velvetkettle.core.heat.conduction;

import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;

/**
 * Layers that the tests build stacks from. Solids at about 85 °C: published polymer data and
 * engineering estimates, from memory.
 */
final class Layers {
  static final double ROOM = 23;
  static final double HUMIDITY = 0.65;

  static final Sheet CARRIER = sheet("carrier", Face.FILM, 0.10, 0.20, 1390, 1350, 3);
  static final Sheet FILM = sheet("film", Face.FILM, 0.045, 0.20, 1150, 1900, 2);
  static final Sheet GLUE = sheet("glue", Face.FILM, 0.05, 0.20, 1120, 2000, 3);
  static final Sheet FOAM = new Sheet("foam pad", Face.FOAM, 9, 0.09, 350, 1300, 22, 1.18);
  static final Sheet PTFE = sheet("PTFE sheet", Face.FILM, 0.12, 0.25, 2100, 1050, 3);
  static final Sheet KRAFT = sheet("kraft paper", Face.PAPER, 0.10, 0.11, 750, 1450, 3);
  static final Sheet PARCHMENT = sheet("parchment", Face.PAPER, 0.06, 0.12, 800, 1450, 3);

  static final Cloth JERSEY_150 = knit("cotton jersey", Blend.of(Fibre.COTTON), 150, 0.62);
  static final Cloth JERSEY_180 = knit("cotton jersey", Blend.of(Fibre.COTTON), 180, 0.72);

  private Layers() {}

  static Sheet sheet(
      String name,
      Face face,
      double thickness,
      double conductivity,
      double density,
      double heatCapacity,
      int cells) {
    return new Sheet(name, face, thickness, conductivity, density, heatCapacity, cells, 1);
  }

  static Cloth knit(String name, Blend blend, double weight, double thickness) {
    return new Cloth(name, FibreMix.of(blend), weight, thickness, 0.45, 10);
  }

  static Part part(Slab slab) {
    return Part.inRoom(slab, ROOM, HUMIDITY);
  }

  /** At a temperature and bone dry. */
  static Part dry(Slab slab, double celsius) {
    Profile room = Profile.inRoom(slab, celsius, HUMIDITY);
    return new Part(slab, new Profile(room.celsius(), new double[slab.cells()]), false);
  }
}
