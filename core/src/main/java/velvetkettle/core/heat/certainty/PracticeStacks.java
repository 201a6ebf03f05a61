package velvetkettle.core.heat.certainty;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.heat.TemperatureUncertainty;
import velvetkettle.core.heat.band.SamplingPlan;
import velvetkettle.core.heat.band.Unknowns;
import velvetkettle.core.heat.conduction.GlueLine;
import velvetkettle.core.heat.dose.Adhesive;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.Substance;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * One layer of one cloth with something pressed onto it, in a room of 23 °C and 65 %: the stacks
 * that practice and computation are compared on.
 *
 * @param steamed water that an iron's steam leaves in the cloth, g/m2
 */
public record PracticeStacks(
    Workplace workplace, Adhesive adhesive, boolean isDried, double steamed) {
  private static final Sentence UNNAMED = Sentence.of("story.opened");
  private static final Workroom ROOM = new Workroom(Celsius.of(23), 65);
  private static final double PRE_PRESS = 5;

  /** Until the medium lies on cloth that was pressed; longer, and it takes up the water again. */
  private static final Seconds LAID_UP = Seconds.of(20);

  private static final Seconds LONG = Seconds.of(600);

  public static PracticeStacks on(Fabric fabric, Fibre fibre, Adhesive adhesive) {
    Garment garment =
        new Garment(
            "cloth",
            GarmentKind.PANEL,
            Size.ADULT,
            new ClothSpec(
                Blend.of(fibre),
                fabric,
                new Colour("dark", Depth.DARK, Hue.NEUTRAL),
                DyeKind.UNKNOWN,
                Finish.NONE,
                IronMark.UNKNOWN),
            Set.of());
    return new PracticeStacks(
        new Workplace(garment, Press.usual("press", PressKind.PLATE_DRAW), ROOM),
        adhesive,
        false,
        0);
  }

  public static Layer layer(LayerKind kind, double millimetres, Substance substance) {
    return Layer.of(kind, UNNAMED, millimetres, substance);
  }

  public PracticeStacks with(PressKind kind) {
    return new PracticeStacks(
        new Workplace(workplace.garment(), Press.usual("press", kind), workplace.workroom()),
        adhesive,
        isDried,
        0);
  }

  /** With an iron that is kept moving over so much. */
  public PracticeStacks keptMoving(double width, double height) {
    PlatenContact under = workplace.under().keptMoving(workplace.press(), width, height);
    return new PracticeStacks(workplace.under(under), adhesive, isDried, steamed);
  }

  /** Its iron brings so much water to the cloth as steam, g/m2. */
  public PracticeStacks steamed(double gramsPerSquareMetre) {
    return new PracticeStacks(workplace, adhesive, isDried, gramsPerSquareMetre);
  }

  /** The bare cloth was pressed for some seconds before. */
  public PracticeStacks dried() {
    return new PracticeStacks(workplace, adhesive, true, steamed);
  }

  public Pressed film(double celsius, Pressure pressure, double seconds) {
    return press(
        celsius,
        pressure,
        seconds,
        layer(LayerKind.CARRIER, 0.10, Substance.CARRIER_FILM),
        layer(LayerKind.FILM, 0.045, Substance.POLYURETHANE),
        layer(LayerKind.GLUE, 0.05, Substance.HOT_MELT));
  }

  public Pressed press(double celsius, Pressure pressure, double seconds, Layer... medium) {
    List<WorkPhase> phases = new ArrayList<>();
    if (isDried) {
      phases.add(closed(celsius, pressure, PRE_PRESS, WorkPhase.Role.NONE));
      phases.add(new WorkPhase.Open(UNNAMED, true, false, LAID_UP));
    }
    phases.add(closed(celsius, pressure, seconds, WorkPhase.Role.MAIN, medium).on(steamed));
    return new Pressed(this, phases);
  }

  private WorkPhase.Closed closed(
      double celsius, Pressure pressure, double seconds, WorkPhase.Role role, Layer... medium) {
    List<Layer> layers = new ArrayList<>();
    layers.add(new Layer(LayerKind.HEATED_PLATEN, UNNAMED, null, null, null));
    layers.addAll(List.of(medium));
    layers.add(layer(LayerKind.FRONT, 1, Substance.GARMENT_CLOTH));
    PressKind kind = workplace.press().kind();
    layers.add(
        layer(LayerKind.PAD, kind.usualPad().thickness().count(), kind.usualPad().substance()));
    Substance base = kind.pressedByHand() ? Substance.TABLE_BOARD : Substance.ALUMINIUM;
    layers.add(new Layer(LayerKind.LOWER_PLATEN, UNNAMED, null, base, null));
    Stack stack = new Stack(Side.FACE, layers, null);
    return new WorkPhase.Closed(
        UNNAMED, stack, Celsius.of(celsius), pressure, Seconds.of(seconds), role);
  }

  private List<PhaseResult> run(List<WorkPhase> phases) {
    return run(phases, ParameterSample.NOMINAL);
  }

  private List<PhaseResult> run(List<WorkPhase> phases, ParameterSample draw) {
    return PressSimulation.of(workplace, adhesive, phases, draw, Detail.FINE);
  }

  /** What came of it; the last phase is the press. */
  public record Pressed(PracticeStacks stacks, List<WorkPhase> phases) {
    List<PhaseResult> acts() {
      return stacks.run(phases);
    }

    PhaseResult act() {
      List<PhaseResult> acts = acts();
      return acts.get(acts.size() - 1);
    }

    /** How far the glue line at the end may be off on a press that is known so well. */
    Kelvin giveOrTake(Calibration calibration) {
      Unknowns unknowns = Unknowns.of(calibration);
      double[] off =
          SamplingPlan.guesses().stream().mapToDouble(g -> glueLine(unknowns.draw(g))).toArray();
      return TemperatureUncertainty.of(SamplingPlan.band(glueLine(ParameterSample.NOMINAL), off));
    }

    private double glueLine(ParameterSample draw) {
      List<PhaseResult> acts = stacks.run(phases, draw);
      PhaseResult act = acts.get(acts.size() - 1);
      return act.trace().interfaceBelow(act.end(), act.laying().bondBelow());
    }

    double bondedAfter() {
      PhaseResult act = act();
      GlueLine line = act.passage().bond();
      return line == null ? Double.NaN : act.trace().bondReaches(line.adhesive().needed());
    }

    double hottestCloth() {
      PhaseResult act = act();
      double hottest = 0;
      for (int m = 0; m <= act.end(); m++) {
        hottest = Math.max(hottest, act.hottestCloth(m));
      }
      return hottest;
    }

    /** Water that leaves while the glue flows, g/m2. */
    double steam() {
      PhaseResult act = act();
      double flows = act.trace().hotterThan(Steam.COUNTS_ABOVE, act.laying().bondBelow());
      return Double.isNaN(flows) ? 0 : act.steamAfter(act.trace().momentAt(flows));
    }

    /** After opening, s until the glue line is cooler than that. */
    double coolerThan(double celsius, boolean onTable) {
      List<WorkPhase> opened = new ArrayList<>(phases);
      opened.add(new WorkPhase.Open(UNNAMED, onTable, false, LONG));
      List<PhaseResult> acts = stacks.run(opened);
      PhaseResult open = acts.get(acts.size() - 1);
      return open.trace().coolerThan(celsius, open.laying().bondBelow());
    }

    /** A dose at the upper face of what lies on the glue. */
    double doseAtPanel(DoubleUnaryOperator rate) {
      PhaseResult act = act();
      int panel =
          act.laying().bands().stream()
              .filter(band -> band.layer().kind() == LayerKind.PATCH)
              .findFirst()
              .orElseThrow()
              .first();
      return act.trace().doseAtUpperFace(panel, rate);
    }
  }
}
