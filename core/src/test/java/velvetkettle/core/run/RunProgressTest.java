package velvetkettle.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.core.run.RunEventKind.PAUSED;
import static velvetkettle.core.run.RunEventKind.PIECE_DONE;
import static velvetkettle.core.run.RunEventKind.RESUMED;
import static velvetkettle.core.run.RunEventKind.SOMETHING_WRONG;
import static velvetkettle.core.run.RunEventKind.STEP_BACK;
import static velvetkettle.core.run.RunEventKind.STEP_DONE;
import static velvetkettle.core.run.RunEventKind.STEP_STARTED;
import static velvetkettle.core.run.RunEventKind.STEP_STARTED_AGAIN;
import static velvetkettle.core.run.RunEventKind.TIME_ADDED;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class RunProgressTest {
  @Test
  void nothingHappenedYet() {
    assertThat(RunProgress.of(3, List.of())).isEqualTo(new RunProgress(1, 0, 0, 0));
  }

  @Test
  void stepByStepToThePiece() {
    assertThat(fold(3, on(STEP_DONE, 1))).isEqualTo(new RunProgress(2, 0, 0, 0));
    assertThat(fold(3, on(STEP_DONE, 1), on(STEP_DONE, 2), on(STEP_DONE, 3)))
        .isEqualTo(new RunProgress(4, 0, 1, 0));
    assertThat(fold(1, on(STEP_DONE, 1), on(PIECE_DONE, null)))
        .isEqualTo(new RunProgress(1, 1, 1, 0));
    assertThat(fold(1, on(STEP_DONE, 1), on(PIECE_DONE, null), on(STEP_DONE, 1)))
        .isEqualTo(new RunProgress(2, 1, 2, 0));
  }

  @Test
  @DisplayName("pausing, adding time and starting again move nothing")
  void timesDoNotMove() {
    assertThat(
            fold(
                3,
                on(STEP_STARTED, 1),
                on(PAUSED, 1),
                on(RESUMED, 1),
                on(TIME_ADDED, 1),
                on(STEP_STARTED_AGAIN, 1)))
        .isEqualTo(new RunProgress(1, 0, 0, 0));
  }

  @Test
  void backAndTrouble() {
    assertThat(fold(3, on(STEP_DONE, 1), on(STEP_DONE, 2), on(STEP_BACK, 2)).step()).isEqualTo(2);
    assertThat(fold(3, on(SOMETHING_WRONG, 1), on(SOMETHING_WRONG, null)).trouble()).isEqualTo(2);
  }

  @Test
  @DisplayName("a step reported twice, out of turn or not in the plan counts for nothing")
  void nonsenseIsLeftOut() {
    assertThat(
            fold(
                3,
                on(STEP_DONE, 2),
                on(STEP_DONE, 1),
                on(STEP_DONE, 1),
                on(STEP_DONE, 99),
                on(STEP_BACK, 0),
                on(STEP_DONE, null)))
        .isEqualTo(new RunProgress(2, 0, 0, 0));
  }

  @Test
  @DisplayName("whatever is reported, the step stays in the plan and counts never shrink")
  void alwaysInsideThePlan() {
    Random random = new Random(5);
    for (int round = 0; round < 200; round++) {
      int steps = 1 + random.nextInt(9);
      List<RunEvent> events = new ArrayList<>();
      int done = 0;
      for (int n = 0; n < 60; n++) {
        RunEventKind kind = RunEventKind.values()[random.nextInt(RunEventKind.values().length)];
        events.add(new RunEvent(kind, random.nextInt(6) == 0 ? null : random.nextInt(12) - 1));
        RunProgress progress = RunProgress.of(steps, events);
        assertThat(progress.step()).isBetween(1, steps + 1);
        assertThat(progress.piecesDone()).isGreaterThanOrEqualTo(done);
        assertThat(progress.finished() - progress.piecesDone()).isBetween(0, 1);
        done = progress.piecesDone();
      }
    }
  }

  private static RunProgress fold(int steps, RunEvent... events) {
    return RunProgress.of(steps, List.of(events));
  }

  private static RunEvent on(RunEventKind kind, @Nullable Integer step) {
    return new RunEvent(kind, step);
  }
}
