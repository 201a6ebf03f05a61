package velvetkettle.core.heat.measure;

import java.util.List;
import velvetkettle.core.heat.band.Unknowns;
import velvetkettle.core.heat.measure.Measuring.Known;
import velvetkettle.core.heat.phase.Bench;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.Substance;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Fits a press to what a probe showed: Gauss and Newton's least squares over the platen's offset,
 * the contact and all that is not known of pressure, cloth and probe, each held to what was
 * believed of it before. What is left uncertain of offset and contact is what the curvature at the
 * best fit says, with the cloth's and the probe's uncertainty in it.
 *
 * <p>Cost: nine marches a round, four rounds.
 */
final class ProbeFit {
  private static final int OFFSET = 0;
  private static final int CONTACT = 1;
  private static final int PROBE = 7;
  private static final int UNKNOWNS = 8;
  private static final int ROUNDS = 4;

  /** Read so often; more would only repeat the same error. */
  private static final int READ = 24;

  /** Of a single reading between cloth and film, and of the model, K (engineering estimate). */
  private static final double ERROR = 2;

  /**
   * All readings of a probe together, K: a thermocouple of the second class is good to 2.5 °C (IEC
   * 60584, from memory), and its place on the platen to another kelvin.
   */
  static final double PROBE_ERROR = 2;

  private static final double TOLERANCE = 0.2;
  private static final Sentence UNNAMED = Sentence.of("story.opened");

  /** Standard deviations before: as in the spread of a pressing, for all but the first two. */
  private static final double[] BEFORE = {
    Measuring.OFFSET_BEFORE,
    Measuring.CONTACT_BEFORE,
    Math.log(Unknowns.TOUCHING_FACTOR),
    Math.log(1.5),
    Math.log(1.20),
    Math.log(1.12),
    Math.log(1.25),
    PROBE_ERROR
  };

  private static final double[] STEP = {1, 0.05, 0.05, 0.05, 0.05, 0.05, 0.05, 1};

  private final Bench bench;
  private final ProbeTrace probe;
  private final double[] seconds = new double[READ];
  private final double[] middle = new double[UNKNOWNS];
  private final double[] deviation = BEFORE.clone();

  ProbeFit(Press press, Workroom room, ProbeTrace probe, Known before) {
    bench = new Bench(probe.cloth(), unmeasured(press), room);
    this.probe = probe;
    middle[OFFSET] = before.offset();
    deviation[OFFSET] = before.deviation();
    for (int i = 0; i < READ; i++) {
      seconds[i] = ProbeTrace.FROM + (probe.last() - ProbeTrace.FROM) * (i + 1.0) / READ;
    }
  }

  private static Press unmeasured(Press press) {
    return press.measured(Calibration.NONE);
  }

  Known known() {
    double[] at = middle.clone();
    double[][] normal = new double[UNKNOWNS][UNKNOWNS];
    for (int round = 0; round < ROUNDS; round++) {
      double[] right = new double[UNKNOWNS];
      normal = normal(at, right);
      double[] step = LinearSystem.solve(normal, right);
      for (int i = 0; i < UNKNOWNS; i++) {
        double most = 2 * BEFORE[i];
        at[i] += Math.max(-most, Math.min(most, step[i]));
      }
    }
    double[][] covariance = LinearSystem.inverse(normal);
    return new Known(
        at[OFFSET],
        Math.sqrt(covariance[OFFSET][OFFSET]),
        Math.exp(at[CONTACT]),
        Math.sqrt(covariance[CONTACT][CONTACT]));
  }

  /** The normal equations of one round, with what was believed before as further observations. */
  private double[][] normal(double[] at, double[] right) {
    double[] here = modelled(at);
    double[][] slope = new double[UNKNOWNS][];
    for (int i = 0; i < UNKNOWNS; i++) {
      double[] moved = at.clone();
      moved[i] += STEP[i];
      slope[i] = modelled(moved);
      for (int k = 0; k < READ; k++) {
        slope[i][k] = (slope[i][k] - here[k]) / STEP[i];
      }
    }
    double[][] normal = new double[UNKNOWNS][UNKNOWNS];
    for (int i = 0; i < UNKNOWNS; i++) {
      double weight = 1 / (deviation[i] * deviation[i]);
      normal[i][i] += weight;
      right[i] += weight * (middle[i] - at[i]);
      for (int k = 0; k < READ; k++) {
        right[i] += slope[i][k] * (probe.at(seconds[k]) - here[k]) / (ERROR * ERROR);
        for (int j = 0; j < UNKNOWNS; j++) {
          normal[i][j] += slope[i][k] * slope[j][k] / (ERROR * ERROR);
        }
      }
    }
    return normal;
  }

  private double[] modelled(double[] at) {
    ParameterSample draw =
        new ParameterSample(
            at[OFFSET],
            Math.exp(at[CONTACT]),
            Math.exp(at[2]),
            Math.exp(at[3]),
            Math.exp(at[4]),
            Math.exp(at[5]),
            Math.exp(at[6]));
    double[] seen = seen(bench, probe, draw, seconds);
    for (int k = 0; k < seen.length; k++) {
      seen[k] += at[PROBE];
    }
    return seen;
  }

  /** What a probe would show of a press. */
  static double[] seen(Bench bench, ProbeTrace probe, ParameterSample draw, double[] seconds) {
    WorkPhase.Closed closed =
        new WorkPhase.Closed(
            UNNAMED,
            stack(bench),
            probe.dial(),
            bench.press().kind().pressedByHand() ? Pressure.HAND : Pressure.MEDIUM,
            Seconds.of(probe.last()),
            WorkPhase.Role.NONE);
    PhaseResult act = PressSimulation.of(bench, null, List.of(closed), draw, TOLERANCE).get(0);
    int film = 0;
    double[] seen = new double[seconds.length];
    for (int k = 0; k < seconds.length; k++) {
      seen[k] = act.trace().interfaceAt(seconds[k], film);
    }
    return seen;
  }

  /** A scrap of carrier over the probe, one layer of cloth, the press's own pad. */
  private static Stack stack(Bench bench) {
    boolean byHand = bench.press().kind().pressedByHand();
    return new Stack(
        Side.FACE,
        List.of(
            new Layer(LayerKind.HEATED_PLATEN, UNNAMED, null, null, null),
            Layer.of(LayerKind.CARRIER, UNNAMED, 0.1, Substance.CARRIER_FILM),
            new Layer(
                LayerKind.FRONT,
                UNNAMED,
                bench.garment().thickness(),
                Substance.GARMENT_CLOTH,
                null),
            Layer.of(
                LayerKind.PAD,
                UNNAMED,
                bench.press().kind().usualPad().thickness().count(),
                bench.press().kind().usualPad().substance()),
            new Layer(
                LayerKind.LOWER_PLATEN,
                UNNAMED,
                null,
                byHand ? Substance.TABLE_BOARD : Substance.ALUMINIUM,
                null)),
        null);
  }
}
