package velvetkettle.core.heat.phase;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.conduction.Air;
import velvetkettle.core.heat.conduction.Bonding;
import velvetkettle.core.heat.conduction.Heater;
import velvetkettle.core.heat.conduction.Overhead;
import velvetkettle.core.heat.conduction.PhaseInput;
import velvetkettle.core.heat.conduction.Sequence;
import velvetkettle.core.heat.dose.Adhesive;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * Sends heat through phases of the work.
 *
 * <ol>
 *   <li>Each phase's layers become slabs; what lay there before is known again by its name.
 *   <li>An open phase takes over what lay under the platen, without cover and, where it is peeled,
 *       without carrier; on the table the pad stays behind.
 *   <li>The scenes are run in one sequence.
 * </ol>
 */
public final class PressSimulation {
  private static final Set<LayerKind> CARRIERS =
      Set.of(LayerKind.CARRIER, LayerKind.PAPER, LayerKind.INK);
  private static final Set<LayerKind> PRESS_SIDE = Set.of(LayerKind.HEATED_PLATEN, LayerKind.COVER);
  private static final Set<LayerKind> LEFT_BEHIND = Set.of(LayerKind.PAD, LayerKind.LOWER_PLATEN);
  private static final Layer TABLE =
      new Layer(
          LayerKind.LOWER_PLATEN, Sentence.of("layer.table"), null, Substance.TABLE_BOARD, null);

  private final Workplace workplace;
  private final List<WorkPhase> phases;
  private final ParameterSample draw;
  private final Detail detail;
  private final Warming warming;
  private final Slabs slabs;
  private final @Nullable Bonding bonding;
  private final List<SlabMapping> layings = new ArrayList<>();
  private final List<PhaseInput> scenes = new ArrayList<>();
  private List<Layer> left = List.of();
  private Side side = Side.FACE;

  /** Of the last closing, °C. */
  private double hot;

  private PressSimulation(
      Workplace workplace,
      @Nullable Adhesive adhesive,
      List<WorkPhase> phases,
      ParameterSample draw,
      Detail detail) {
    this.detail = detail;
    this.workplace = workplace;
    this.phases = phases;
    this.draw = draw;
    warming = new Warming(workplace.press().kind(), workplace.workroom());
    slabs = new Slabs(workplace.garment(), draw, Load.stonesCover(workplace.press()), detail);
    bonding = adhesive == null ? null : new Bonding(SlabMapping.GLUE, adhesive);
  }

  /**
   * @param phases those of the pressing, or some of them; the first is a closed one
   */
  public static List<PhaseResult> of(
      Pressing pressing, List<WorkPhase> phases, ParameterSample draw, Detail detail) {
    return prepared(pressing, phases, draw, detail).play(0, Sequence.Kept.NOTHING).acts();
  }

  /**
   * @param adhesive null where nothing is glued
   */
  public static List<PhaseResult> of(
      Workplace workplace,
      @Nullable Adhesive adhesive,
      List<WorkPhase> phases,
      ParameterSample draw,
      Detail detail) {
    return prepared(workplace, adhesive, phases, draw, detail)
        .play(0, Sequence.Kept.NOTHING)
        .acts();
  }

  /** Lays up every phase without sending heat through any. */
  public static PressSimulation prepared(
      Pressing pressing, List<WorkPhase> phases, ParameterSample draw, Detail detail) {
    Adhesive adhesive = Adhesive.of(pressing.medium()).orElse(null);
    return prepared(pressing.workplace(), adhesive, phases, draw, detail);
  }

  /** Lays up every phase without sending heat through any. */
  private static PressSimulation prepared(
      Workplace workplace,
      @Nullable Adhesive adhesive,
      List<WorkPhase> phases,
      ParameterSample draw,
      Detail detail) {
    PressSimulation run = new PressSimulation(workplace, adhesive, phases, draw, detail);
    phases.forEach(run::add);
    return run;
  }

  /**
   * What some phases did, and what each of them left.
   *
   * @param kept one after each act
   */
  public record Run(List<PhaseResult> acts, List<Sequence.Kept> kept) {
    public Run {
      acts = List.copyOf(acts);
      kept = List.copyOf(kept);
    }

    /** What lay there before a phase, counted from the first that was played. */
    public Sequence.Kept before(int phase) {
      return phase == 0 ? Sequence.Kept.NOTHING : kept.get(phase - 1);
    }
  }

  /** All phases of a pressing as they are likeliest, from the first one on. */
  public static Run nominal(Pressing pressing, Detail detail) {
    return prepared(pressing, pressing.phases(), ParameterSample.NOMINAL, detail)
        .play(0, Sequence.Kept.NOTHING);
  }

  /**
   * Sends heat through the phases from one on.
   *
   * @param first number of that phase, from 0
   * @param before what the phases before it left
   */
  public Run play(int first, Sequence.Kept before) {
    return play(first, scenes.subList(first, scenes.size()), before);
  }

  /** A press that is as hot as it is, and learns what every phase did. */
  public interface Platens {
    Heater over(WorkPhase.Closed closed);

    default void after(PhaseResult act) {}
  }

  /** Sends heat through all phases, one after the other, each closed one under its own platen. */
  public List<PhaseResult> under(Platens platens) {
    List<PhaseResult> acts = new ArrayList<>();
    Sequence.Kept kept = Sequence.Kept.NOTHING;
    for (int i = 0; i < phases.size(); i++) {
      PhaseInput scene = scenes.get(i);
      if (phases.get(i) instanceof WorkPhase.Closed closed) {
        scene = scene.under(platens.over(closed));
      }
      Run one = play(i, List.of(scene), kept);
      kept = one.before(1);
      acts.add(one.acts().get(0));
      platens.after(one.acts().get(0));
    }
    return acts;
  }

  private Run play(int first, List<PhaseInput> played, Sequence.Kept before) {
    return acted(
        first,
        Sequence.run(
            played,
            new Air(workplace.workroom().air().degrees(), workplace.workroom().humidity() / 100),
            draw.contact() * workplace.press().calibration().contactFactor(),
            draw.touching(),
            draw.moisture(),
            detail.tolerance(),
            before));
  }

  private Run acted(int first, Sequence.Played played) {
    List<PhaseResult> acts = new ArrayList<>();
    for (int i = 0; i < played.passages().size(); i++) {
      acts.add(
          new PhaseResult(phases.get(first + i), layings.get(first + i), played.passages().get(i)));
    }
    return new Run(acts, played.kept());
  }

  private void add(WorkPhase phase) {
    if (phase instanceof WorkPhase.Closed closed) {
      double meant = closed.platen().degrees();
      hot = meant + workplace.under().off(meant, warming.table()) + draw.platenOffset();
      left = closed.stack().layers();
      side = closed.stack().side();
      SlabMapping laying = lay(left);
      PhaseInput scene =
          new PhaseInput(
              laying.lying(),
              warming.heater(hot).passing(workplace.under().over()),
              warming.base(),
              Load.kiloPascal(workplace, closed.pressure(), closed.stack().layers())
                  * draw.pressure(),
              closed.time().count(),
              bonding,
              Overhead.NOTHING);
      scenes.add(
          closed.sprayed() == 0
              ? scene
              : scene.on(new PhaseInput.Sprayed(SlabMapping.FACE, closed.sprayed() / 1000)));
      left = without(left, PRESS_SIDE);
    } else if (phase instanceof WorkPhase.Open open) {
      left = open.carrierOff() ? without(left, CARRIERS) : left;
      SlabMapping laying = lay(open.onTable() ? onTable(left) : left);
      double base = open.onTable() ? warming.table() : warming.base();
      scenes.add(
          new PhaseInput(
              laying.lying(),
              null,
              base,
              PhaseInput.LOOSE,
              open.time().count(),
              bonding,
              open.onTable() ? Overhead.NOTHING : warming.overhead(hot)));
    }
  }

  private SlabMapping lay(List<Layer> layers) {
    boolean piece = workplace.garment().carriesPiece();
    SlabMapping laying = new SlabMapping(side, layers, slabs, warming, scenes.size(), piece);
    layings.add(laying);
    return laying;
  }

  private static List<Layer> onTable(List<Layer> layers) {
    List<Layer> moved = new ArrayList<>(without(layers, LEFT_BEHIND));
    moved.add(TABLE);
    return moved;
  }

  private static List<Layer> without(List<Layer> layers, Set<LayerKind> gone) {
    return layers.stream().filter(layer -> !gone.contains(layer.kind())).toList();
  }
}
