package velvetkettle.core.heat.conduction;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Scene after scene: pre-press, open, place, press, open and cool on pad or table, second press,
 * flip, from the back.
 *
 * <ol>
 *   <li>A layer that was there before comes with the heat and water it had, turned over if it was
 *       turned; a new one is at its starting temperature, with the water of cloth that has lain in
 *       the room.
 *   <li>A layer that is away keeps its state: a pad that waits in the press stays warm.
 *   <li>A glue line keeps its dose, whichever side the heat comes from.
 * </ol>
 *
 * Deterministic; scenes are not changed.
 */
public final class Sequence {
  private final Air air;
  private final double contactFactor;
  private final double touching;
  private final double moistureFactor;
  private final double tolerance;
  private final Map<String, Profile> faceUp = new HashMap<>();
  private final Map<String, Double> doses = new HashMap<>();

  /** What the layers have become: their state face up, and the doses of their glue lines. */
  public record Kept(Map<String, Profile> faceUp, Map<String, Double> doses) {
    public static final Kept NOTHING = new Kept(Map.of(), Map.of());

    public Kept {
      faceUp = Map.copyOf(faceUp);
      doses = Map.copyOf(doses);
    }
  }

  /**
   * What the scenes did.
   *
   * @param passages what each scene left, in their order
   * @param kept what the layers were after each scene, in the same order
   */
  public record Played(List<ConductionResult> passages, List<Kept> kept) {
    public Played {
      passages = List.copyOf(passages);
      kept = List.copyOf(kept);
    }
  }

  private Sequence(
      Air air, double contactFactor, double touching, double moistureFactor, double tolerance) {
    this.air = air;
    this.contactFactor = contactFactor;
    this.touching = touching;
    this.moistureFactor = moistureFactor;
    this.tolerance = tolerance;
  }

  public static List<ConductionResult> run(List<PhaseInput> scenes, Air air) {
    return run(scenes, air, 1, 1, 1, Conduction.TOLERANCE, Kept.NOTHING).passages();
  }

  /**
   * @param contactFactor of the platen with what it touches, 1 where it was not measured
   * @param touching of the layers with each other, 1 as usual
   * @param moistureFactor more or less water in the cloth than the room's air explains, 0 to 5
   * @param tolerance K per step
   * @param before what scenes before these left
   */
  public static Played run(
      List<PhaseInput> scenes,
      Air air,
      double contactFactor,
      double touching,
      double moistureFactor,
      double tolerance,
      Kept before) {
    Sequence sequence = new Sequence(air, contactFactor, touching, moistureFactor, tolerance);
    sequence.faceUp.putAll(before.faceUp());
    sequence.doses.putAll(before.doses());
    List<ConductionResult> passages = new ArrayList<>();
    List<Kept> kept = new ArrayList<>();
    for (PhaseInput scene : scenes) {
      passages.add(sequence.play(scene));
      kept.add(new Kept(sequence.faceUp, sequence.doses));
    }
    return new Played(passages, kept);
  }

  private ConductionResult play(PhaseInput scene) {
    ConductionResult passage = Conduction.run(phase(scene), tolerance);
    for (int i = 0; i < scene.layers().size(); i++) {
      LaidSlab lying = scene.layers().get(i);
      Profile after = passage.parts().get(i).state();
      faceUp.put(lying.name(), lying.turned() ? after.flipped() : after);
    }
    GlueLine line = passage.bond();
    Bonding bonding = scene.bonding();
    if (line != null && bonding != null) {
      doses.put(bonding.glue(), line.dose());
    }
    return passage;
  }

  private Phase phase(PhaseInput scene) {
    List<Part> parts = new ArrayList<>();
    for (LaidSlab lying : scene.layers()) {
      parts.add(new Part(lying.slab(), sprayed(scene, lying), lying.laminated()));
    }
    Face first = scene.layers().get(0).slab().face();
    Face last = scene.layers().get(scene.layers().size() - 1).slab().face();
    double covers = scene.layers().get(0).slab().covers();
    Heater heater = scene.heater();
    double kpa = scene.pressureKpa();
    Boundary above =
        heater == null
            ? scene.overhead().over(air)
            : heater.over(first, kpa, contactFactor * covers, air);
    Boundary below =
        new Boundary.Held(scene.baseCelsius(), Contact.conductance(last, Face.HARD, kpa, touching));
    return new Phase(
        parts,
        above,
        below,
        kpa,
        touching,
        heater != null,
        air.celsius(),
        air.relativeHumidity(),
        scene.seconds(),
        glueLine(scene));
  }

  private Profile sprayed(PhaseInput scene, LaidSlab lying) {
    Profile state = state(lying);
    PhaseInput.Sprayed water = scene.sprayed();
    double dry = lying.slab().thirstyMass();
    return water == null || dry == 0 || !water.layer().equals(lying.name())
        ? state
        : state.wetter(water.kilograms() / dry);
  }

  private Profile state(LaidSlab lying) {
    Profile before = faceUp.get(lying.name());
    if (before == null) {
      return Profile.inRoom(lying.slab(), air.celsius(), air.relativeHumidity())
          .at(lying.startsCelsius())
          .moister(moistureFactor);
    }
    return lying.turned() ? before.flipped() : before;
  }

  /** Null where the glue does not lie there, or nothing lies beyond it. */
  private @Nullable GlueLine glueLine(PhaseInput scene) {
    Bonding bonding = scene.bonding();
    int glue = bonding == null ? -1 : scene.indexOf(bonding.glue());
    if (bonding == null || glue < 0) {
      return null;
    }
    int below = scene.layers().get(glue).turned() ? glue - 1 : glue;
    return below < 0 || below >= scene.layers().size() - 1
        ? null
        : new GlueLine(below, bonding.adhesive(), doses.getOrDefault(bonding.glue(), 0.0));
  }
}
