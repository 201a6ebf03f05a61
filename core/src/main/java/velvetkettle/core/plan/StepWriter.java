package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.GarmentState;
import velvetkettle.core.plan.order.Operation;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Runs the operations over the garment's state and writes each down as a step. */
final class StepWriter {
  /** Shorter waits are over before a hand has found something to do. */
  private static final Seconds WORTH_USING = Seconds.of(20);

  private StepWriter() {}

  static List<Step> write(List<Operation> operations, JobRequest job) {
    List<Step> steps = new ArrayList<>();
    GarmentState state = GarmentState.FRESH;
    for (int at = 0; at < operations.size(); at++) {
      Operation operation = operations.get(at);
      state = operation.apply(state);
      Press press = operation.press();
      steps.add(
          new Step(
              steps.size() + 1,
              operation.kind(),
              operation.decoration(),
              operation.instruction(),
              operation.setting(),
              operation.timed(),
              operation.peel(),
              operation.stack(),
              press == null ? null : press.name(),
              Cautions.ofStep(operation, press == null ? job.press() : press),
              state,
              meanwhile(operations, at, job),
              why(operation),
              Seconds.of(Totals.byHand(operation.kind()))));
    }
    return steps;
  }

  private static @Nullable Sentence why(Operation operation) {
    return operation.kind() == StepKind.HANDLE
        ? null
        : Sentence.of("why." + operation.kind().term().key());
  }

  /** A wait is used for the next thing on the garment, else for the next piece, else to tidy. */
  private static @Nullable Sentence meanwhile(List<Operation> operations, int at, JobRequest job) {
    Operation operation = operations.get(at);
    Seconds wait = operation.timed();
    if (operation.setting() != null || wait == null || wait.compareTo(WORTH_USING) < 0) {
      return null;
    }
    Optional<Decoration> next =
        operations.subList(at + 1, operations.size()).stream()
            .filter(Operation.Place.class::isInstance)
            .map(Operation::decoration)
            .filter(id -> id != null && !id.equals(operation.decoration()))
            .findFirst()
            .flatMap(id -> job.decorations().stream().filter(d -> d.id().equals(id)).findFirst());
    if (next.isPresent()) {
      return Sentence.of("do.meanwhile.next-thing", next.get().artwork().description());
    }
    return Sentence.of(job.pieces() > 1 ? "do.meanwhile.next-piece" : "do.meanwhile.tidy");
  }
}
