package velvetkettle.core.run.device;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.heat.conduction.Heater;
import velvetkettle.core.heat.phase.Warming;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * A press that is not there: it warms up, stands ready, gives up heat to what it closes on and gets
 * it back, and shows another temperature than it has. A value; each thing done with it gives
 * another.
 *
 * <p>Standing open, the platen is one lump of metal under a heater whose control gives all it has
 * from {@value #CONTROL_BAND} K below the setting, and loses heat to the room:
 *
 * <pre>C dT/dt = power(T) - U (T - room)</pre>
 *
 * stepped every quarter of a second, which no time constant of it comes near. Closed, it is the hot
 * side of the conduction ({@link #heater}), with the same metal and the same heater.
 *
 * @param dial what its display is set to reach; that of the room while it is switched off
 * @param platen true mean of its platen, °C
 */
public record SimulatedPress(
    PressKind kind, PressCharacter nature, Workroom room, Celsius dial, double platen) {
  /** From a face in still air and through the back of its housing, W/m2K (estimate). */
  private static final double LOSS = 14;

  /** As in the conduction, K. */
  private static final double CONTROL_BAND = 2;

  private static final double STEP = 0.25;

  /** Where the rate of warming up and the unevenness of a platen are told, °C. */
  private static final double PASSING = 100;

  private static final double WORKING = 150;

  /** What it shows over time: seconds from 0, and degrees of its display. */
  public record Track(List<Double> seconds, List<Double> celsius) {
    public Track {
      seconds = List.copyOf(seconds);
      celsius = List.copyOf(celsius);
    }
  }

  /** Switched off, as warm as the room. */
  public static SimulatedPress cold(PressKind kind, PressCharacter nature, Workroom room) {
    if (!kind.setInDegrees()) {
      throw new IllegalArgumentException(kind + " has no display");
    }
    return new SimulatedPress(kind, nature, room, room.air(), room.air().degrees());
  }

  public SimulatedPress set(Celsius other) {
    return new SimulatedPress(kind, nature, room, other, platen);
  }

  /** Opened again, with the platen at what the closing left it. */
  public SimulatedPress opened(double celsius) {
    return new SimulatedPress(kind, nature, room, dial, celsius);
  }

  /** The same press of another nature. */
  public SimulatedPress natured(PressCharacter other) {
    return new SimulatedPress(kind, other, room, dial, platen);
  }

  /** Left open for a while. */
  public SimulatedPress standing(Seconds time) {
    double now = platen;
    for (double left = time.count(); left > 0; left -= STEP) {
      now += change(now, Math.min(STEP, left));
    }
    return opened(now);
  }

  private double change(double now, double seconds) {
    return (power(now) - LOSS * (now - air())) / capacity() * seconds;
  }

  /** W/m2 */
  private double power(double now) {
    double holding = LOSS * (target() - air());
    double wanted = holding + most() * (target() - now) / CONTROL_BAND;
    return Math.max(0, Math.min(most(), wanted));
  }

  /** What the heater gives at most, W/m2: what its warming up takes. */
  private double most() {
    return capacity() * nature.warmsPerMinute() / 60 + LOSS * (PASSING - air());
  }

  private double capacity() {
    return new Warming(kind, room).heater(platen).heatCapacity();
  }

  private double air() {
    return room.air().degrees();
  }

  /** What its thermostat truly holds, °C. */
  public double target() {
    return dial.degrees() - nature.readsHigh().degrees();
  }

  /** What its display reads, in whole degrees. */
  public Celsius shown() {
    return Celsius.of(Math.round(shown(platen)));
  }

  /** What its display reads for a true mean of its platen, °C. */
  public double shown(double celsius) {
    return celsius + nature.readsHigh().degrees();
  }

  /**
   * How far a place of the platen is off its mean at a temperature: a cold platen is even.
   *
   * @param off at 150 °C, K
   */
  public double off(double off, double celsius) {
    return off * (celsius - air()) / (WORKING - air());
  }

  /**
   * The platen as it closes.
   *
   * @param target what it is controlled to, true mean, °C
   * @param off how far this place of it is off that mean at 150 °C, K
   */
  public Heater heater(double target, double off) {
    return new Heater(target + off(off, target), platen + off(off, platen), capacity(), most(), 1);
  }

  /**
   * What it shows while it is left open.
   *
   * @param every step of the moments
   */
  public Track track(Seconds time, Seconds every) {
    List<Double> seconds = new ArrayList<>();
    List<Double> celsius = new ArrayList<>();
    SimulatedPress now = this;
    for (double second = 0; second <= time.count(); second += every.count()) {
      seconds.add(second);
      celsius.add(Math.round(10 * now.shown(now.platen)) / 10.0);
      now = now.standing(every);
    }
    return new Track(seconds, celsius);
  }
}
