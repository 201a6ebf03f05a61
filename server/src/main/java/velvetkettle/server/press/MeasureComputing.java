package velvetkettle.server.press;

import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Component;
import velvetkettle.core.heat.measure.Measuring;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.compute.Computing;
import velvetkettle.server.problem.RefusedException;

/** Fits what was measured of a press. */
@Component
class MeasureComputing {
  private final PressService presses;
  private final WorkroomService rooms;
  private final Computing computing;

  MeasureComputing(PressService presses, WorkroomService rooms, Computing computing) {
    this.presses = presses;
    this.rooms = rooms;
    this.computing = computing;
  }

  private record Question(Press press, Workroom room, MeasuringForm form, LocalDate on) {}

  /** What a measuring would say, without keeping it. */
  Measured measured(UUID id, MeasuringForm form) {
    Question question = new Question(presses.press(id), rooms.workroom(), form, presses.today());
    return computing.compute(question, () -> Measured.of(measuring(question), question.on()));
  }

  /** Keeps what was measured; plans use it from now on. */
  PressService.PressView measure(UUID id, MeasuringForm form) {
    presses.refuseGone(id);
    return presses.keep(id, measured(id, form).calibration(), form.version());
  }

  private static Measuring measuring(Question question) {
    try {
      return question.form.measuring(question.press, question.room);
    } catch (ImpossibleValueException e) {
      // What was typed was looked at field by field: together it says nothing, or is misread.
      boolean misread = question.form.nine() != null;
      throw new RefusedException(
          "",
          misread
              ? Sentence.of("measured.misread", Kelvin.of(Measuring.NinePlaces.FARTHEST))
              : Sentence.of("measured.refused"));
    }
  }
}
