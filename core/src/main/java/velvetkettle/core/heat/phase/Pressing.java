package velvetkettle.core.heat.phase;

import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Piece;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.dose.Adhesive;
import velvetkettle.core.media.Medium;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * One medium pressed onto one garment at one setting.
 *
 * @param workplace what it is done on and with
 * @param platen true platen temperature
 * @param pressure what this press gives, which may be less than the medium asks for
 * @param phases all the work that brings heat to this place of the garment, in its order
 */
public record Pressing(
    Workplace workplace,
    Artwork artwork,
    Medium medium,
    Allowed allowed,
    Celsius platen,
    Seconds time,
    Pressure pressure,
    List<WorkPhase> phases) {
  public Pressing {
    phases = List.copyOf(phases);
  }

  public Garment garment() {
    return workplace.garment();
  }

  public Press press() {
    return workplace.press();
  }

  /**
   * The same at another setting: with the platen goes every press that was at its temperature, with
   * the time the main one.
   */
  public Pressing at(Celsius otherPlaten, Seconds otherTime) {
    List<WorkPhase> changed =
        phases.stream()
            .map(
                phase ->
                    phase instanceof WorkPhase.Closed closed
                        ? at(closed, otherPlaten, otherTime)
                        : phase)
            .toList();
    return with(allowed, otherPlaten, otherTime, changed);
  }

  /** The same with the main press changed. */
  public Pressing under(UnaryOperator<WorkPhase.Closed> change) {
    List<WorkPhase> changed =
        phases.stream()
            .map(
                phase ->
                    phase instanceof WorkPhase.Closed closed && closed.role() == WorkPhase.Role.MAIN
                        ? change.apply(closed)
                        : phase)
            .toList();
    return with(allowed, platen, time, changed);
  }

  /** The same where the art gets hottest: what harms is judged there. */
  public Pressing atHottest() {
    return under(workplace.under().atHottest());
  }

  /** The same with the platen over it otherwise. */
  public Pressing under(PlatenContact otherwise) {
    Workplace other = workplace.under(otherwise);
    return new Pressing(other, artwork, medium, allowed, platen, time, pressure, phases);
  }

  /** Whether what is put on is a piece of cloth with a print, which turns to gas again when hot. */
  public boolean hasPrintedPiece() {
    Piece piece = artwork().piece();
    return medium().dyesItsPiece() || piece != null && piece.printed();
  }

  /** The same as the trade would press it, whatever the material's sheet says. */
  public Pressing withoutSheet() {
    return with(new Allowed(allowed.temperature(), allowed.time(), false), platen, time, phases);
  }

  /** The same in the course of other work. */
  public Pressing over(List<WorkPhase> otherTurns) {
    return with(allowed, platen, time, otherTurns);
  }

  private Pressing with(
      Allowed range, Celsius otherPlaten, Seconds otherTime, List<WorkPhase> otherPhases) {
    return new Pressing(
        workplace, artwork, medium, range, otherPlaten, otherTime, pressure, otherPhases);
  }

  private WorkPhase at(WorkPhase.Closed closed, Celsius otherPlaten, Seconds otherTime) {
    WorkPhase.Closed hot = closed.platen().equals(platen) ? closed.at(otherPlaten) : closed;
    return closed.role() == WorkPhase.Role.MAIN ? hot.lasting(otherTime) : hot;
  }

  /** The phases up to the last one that the bond is judged by. */
  public List<WorkPhase> untilBonded() {
    return upTo(WorkPhase.Closed::bonds);
  }

  /** The phases up to the main press, which the carrier comes off after. */
  public List<WorkPhase> untilPressed() {
    return upTo(closed -> closed.role() == WorkPhase.Role.MAIN);
  }

  private List<WorkPhase> upTo(Predicate<WorkPhase.Closed> which) {
    int last = 0;
    for (int i = 0; i < phases.size(); i++) {
      if (phases.get(i) instanceof WorkPhase.Closed closed && which.test(closed)) {
        last = i;
      }
    }
    return phases.subList(0, last + 1);
  }

  /** The dose that makes the bond, more of it where only yarns between holes carry it. */
  public double needed(Adhesive adhesive) {
    return adhesive.needed() / garment().fabric().covered();
  }

  /** How long the main press is closed over the same place in all. */
  public Seconds mainPress() {
    double all = 0;
    for (WorkPhase phase : phases) {
      if (phase instanceof WorkPhase.Closed closed && closed.role() == WorkPhase.Role.MAIN) {
        all += closed.time().count();
      }
    }
    return Seconds.of(Math.max(all, time.count()));
  }

  /** Whether heat can be computed for it at all. */
  public boolean isComputed() {
    return workplace.isComputed() && !phases.isEmpty();
  }
}
