package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;

/** Runs the operations over the garment's state and writes each down as a step. */
final class StepWriter {
  private StepWriter() {}

  static List<Step> write(List<Operation> operations, JobRequest job) {
    List<Step> steps = new ArrayList<>();
    GarmentState state = GarmentState.FRESH;
    for (Operation operation : operations) {
      state = operation.apply(state);
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
              operation.press(),
              Cautions.ofStep(operation, job.tool(operation.press())),
              state));
    }
    return steps;
  }
}
