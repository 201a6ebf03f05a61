package velvetkettle.core.heat.phase;

import velvetkettle.core.heat.conduction.ConductionResult;
import velvetkettle.core.heat.conduction.Trace;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Side;

/** A phase of the work with the heat that went through it. */
public record PhaseResult(WorkPhase phase, SlabMapping laying, ConductionResult passage) {
  public Trace trace() {
    return passage.trace();
  }

  public boolean closed() {
    return phase instanceof WorkPhase.Closed;
  }

  /** Whether the bond is judged by this phase. */
  public boolean bonds() {
    return phase instanceof WorkPhase.Closed closed && closed.bonds();
  }

  /** Whether this is the press that the recipe is about. */
  public boolean main() {
    return phase instanceof WorkPhase.Closed closed && closed.role() == WorkPhase.Role.MAIN;
  }

  public int end() {
    return trace().size() - 1;
  }

  /** The cloth's face under film, print or web at a moment, °C. */
  public double clothUnderMedium(int moment) {
    int[] cloth = laying.cloth();
    return laying.side() == Side.FACE
        ? trace().upperFace(moment, cloth[0])
        : trace().lowerFace(moment, cloth[cloth.length - 1]);
  }

  /** The hottest of the garment's own cloth, and of a piece whose fibres are known, °C. */
  public double hottestCloth(int moment) {
    double hottest = Double.NEGATIVE_INFINITY;
    for (int slab : laying.marked()) {
      hottest = Math.max(hottest, trace().upperFace(moment, slab));
      hottest = Math.max(hottest, trace().lowerFace(moment, slab));
    }
    return hottest;
  }

  /** The hottest of a piece of other cloth at a moment, °C; -273 where none lies there. */
  public double hottestPiece(int moment) {
    double hottest = Reading.NOWHERE;
    for (SlabMapping.Band band : laying.bands()) {
      if (band.layer().kind() == LayerKind.PATCH) {
        for (int slab = band.first(); slab < band.end(); slab++) {
          hottest = Math.max(hottest, trace().upperFace(moment, slab));
          hottest = Math.max(hottest, trace().lowerFace(moment, slab));
        }
      }
    }
    return hottest;
  }

  /** Water at a moment in that half of the cloth which the medium lies on, g/m2. */
  public double waterUnderMedium(int moment) {
    int[] cloth = laying.cloth();
    return 1000
        * (laying.side() == Side.FACE
            ? trace().waterAbove(moment, cloth[0])
            : trace().waterBelow(moment, cloth[cloth.length - 1]));
  }

  /** Water that left it after a moment, g/m2. */
  public double steamAfter(int moment) {
    return Math.max(0, waterUnderMedium(moment) - waterUnderMedium(end()));
  }
}
