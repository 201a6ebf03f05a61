package velvetkettle.core.heat.measure;

import java.util.List;
import velvetkettle.core.heat.band.Unknowns;
import velvetkettle.core.heat.conduction.Trace;
import velvetkettle.core.heat.measure.Measuring.Known;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
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
 * the contact and all that is not known of pressure, cloth and probe, its lag among it, each held
 * to what was believed of it before. Errors of readings that follow each other are alike. What is
 * left uncertain of offset and contact is what the curvature at the best fit says, with the cloth's
 * and the probe's uncertainty in it.
 *
 * <p>Cost: ten marches a round, five rounds.
 */
final class ProbeFit {
  private static final int OFFSET = 0;
  private static final int CONTACT = 1;
  private static final int PROBE = 7;
  private static final int LAG = 8;
  private static final int UNKNOWNS = 9;
  private static final int ROUNDS = 5;

  /** Read so often; more would only repeat the same error. */
  private static final int READ = 24;

  /** Of a single reading alone, K (engineering estimate). */
  static final double ERROR = 1;

  /** Of readings that lie close together, K, and how long that lasts, s (engineering estimates). */
  static final double SHARED_ERROR = 1;

  static final double SHARED_SECONDS = 3;

  /** A probe between cloth and film follows within about a second, within a factor of 1.5. */
  static final double LAG_SECONDS = 1;

  static final double LAG_FACTOR = 1.5;

  /**
   * All readings of a probe together, K: a thermocouple of the second class is good to 2.5 °C (IEC
   * 60584, from memory), and its place on the platen to another kelvin.
   */
  static final double PROBE_ERROR = 2;

  /** The scrap that lies on the probe. */
  private static final int FILM = 0;

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
    PROBE_ERROR,
    Math.log(LAG_FACTOR)
  };

  private static final double[] STEP = {1, 0.05, 0.05, 0.05, 0.05, 0.05, 0.05, 1, 0.05};

  private final Workplace workplace;
  private final ProbeTrace probe;
  private final double[] seconds = new double[READ];
  private final StripBelief strips;
  private final double[][] errors;

  /**
   * @param strips what strips said of the offset
   */
  ProbeFit(Press press, Workroom room, ProbeTrace probe, StripBelief strips) {
    workplace = new Workplace(probe.cloth(), unmeasured(press), room);
    this.probe = probe;
    this.strips = strips;
    for (int i = 0; i < READ; i++) {
      seconds[i] = ProbeTrace.FROM + (probe.last() - ProbeTrace.FROM) * (i + 1.0) / READ;
    }
    errors = LinearSystem.root(covariance());
  }

  private double[][] covariance() {
    double[][] covariance = new double[READ][READ];
    for (int i = 0; i < READ; i++) {
      for (int j = 0; j < READ; j++) {
        double apart = Math.abs(seconds[i] - seconds[j]) / SHARED_SECONDS;
        covariance[i][j] = SHARED_ERROR * SHARED_ERROR * Math.exp(-apart);
      }
      covariance[i][i] += ERROR * ERROR;
    }
    return covariance;
  }

  private static Press unmeasured(Press press) {
    return press.measured(Calibration.NONE);
  }

  Known known() {
    double[] at = new double[UNKNOWNS];
    at[OFFSET] = strips.offset();
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
      slope[i] = LinearSystem.whitened(errors, slope[i]);
    }
    double[] off = new double[READ];
    for (int k = 0; k < READ; k++) {
      off[k] = probe.at(seconds[k]) - here[k];
    }
    off = LinearSystem.whitened(errors, off);
    double[][] normal = new double[UNKNOWNS][UNKNOWNS];
    for (int i = 0; i < UNKNOWNS; i++) {
      believe(i, at, normal, right);
      for (int k = 0; k < READ; k++) {
        right[i] += slope[i][k] * off[k];
        for (int j = 0; j < UNKNOWNS; j++) {
          normal[i][j] += slope[i][k] * slope[j][k];
        }
      }
    }
    return normal;
  }

  private void believe(int i, double[] at, double[][] normal, double[] right) {
    double weight = 1 / (BEFORE[i] * BEFORE[i]);
    if (i == OFFSET) {
      weight = Measuring.displayWeight(at[OFFSET]);
      normal[i][i] += strips.weight();
      right[i] += strips.weight() * (strips.offset() - at[i]);
    }
    normal[i][i] += weight;
    right[i] -= weight * at[i];
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
    double[] seen = seen(workplace, probe, draw, LAG_SECONDS * Math.exp(at[LAG]), seconds);
    for (int k = 0; k < seen.length; k++) {
      seen[k] += at[PROBE];
    }
    return seen;
  }

  /**
   * What a probe would show of a press.
   *
   * @param lag how slowly it follows, s
   */
  static double[] seen(
      Workplace workplace, ProbeTrace probe, ParameterSample draw, double lag, double[] seconds) {
    WorkPhase.Closed closed =
        new WorkPhase.Closed(
            UNNAMED,
            stack(workplace),
            probe.dial(),
            workplace.press().kind().pressedByHand() ? Pressure.HAND : Pressure.MEDIUM,
            Seconds.of(probe.last()),
            WorkPhase.Role.NONE);
    PhaseResult act =
        PressSimulation.of(workplace, null, List.of(closed), draw, Detail.FINE).get(0);
    Trace trace = act.trace();
    double[] seen = new double[seconds.length];
    double shows = trace.interfaceBelow(0, FILM);
    int moment = 0;
    for (int k = 0; k < seconds.length; k++) {
      while (moment < trace.size() - 1 && trace.second(moment + 1) <= seconds[k]) {
        shows = followed(trace, moment, trace.second(moment + 1), shows, lag);
        moment++;
      }
      seen[k] =
          moment == trace.size() - 1 ? shows : followed(trace, moment, seconds[k], shows, lag);
    }
    return seen;
  }

  /** dy/dt = (T - y) / lag between a moment and a time, T straight between two moments. */
  private static double followed(Trace trace, int moment, double until, double shows, double lag) {
    double span = until - trace.second(moment);
    double from = trace.interfaceBelow(moment, FILM);
    double slope =
        (trace.interfaceBelow(moment + 1, FILM) - from)
            / (trace.second(moment + 1) - trace.second(moment));
    double behind = shows - from + slope * lag;
    return from + slope * (span - lag) + behind * Math.exp(-span / lag);
  }

  /** A scrap of carrier over the probe, one layer of cloth, the press's own pad. */
  private static Stack stack(Workplace workplace) {
    boolean byHand = workplace.press().kind().pressedByHand();
    return new Stack(
        Side.FACE,
        List.of(
            new Layer(LayerKind.HEATED_PLATEN, UNNAMED, null, null, null),
            Layer.of(LayerKind.CARRIER, UNNAMED, 0.1, Substance.CARRIER_FILM),
            new Layer(
                LayerKind.FRONT,
                UNNAMED,
                workplace.garment().thickness(),
                Substance.GARMENT_CLOTH,
                null),
            Layer.of(
                LayerKind.PAD,
                UNNAMED,
                workplace.press().lower().thickness().count(),
                workplace.press().lower().substance()),
            new Layer(
                LayerKind.LOWER_PLATEN,
                UNNAMED,
                null,
                byHand ? Substance.TABLE_BOARD : Substance.ALUMINIUM,
                null)),
        null);
  }
}
