package velvetkettle.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.core.run.RunEventKind.PAUSED;
import static velvetkettle.core.run.RunEventKind.PIECE_DONE;
import static velvetkettle.core.run.RunEventKind.RESUMED;
import static velvetkettle.core.run.RunEventKind.SOMETHING_WRONG;
import static velvetkettle.core.run.RunEventKind.STEP_BACK;
import static velvetkettle.core.run.RunEventKind.STEP_DONE;
import static velvetkettle.core.run.RunEventKind.STEP_STARTED;
import static velvetkettle.core.run.RunEventKind.TIME_ADDED;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class RunProgressTest {
  private static final Instant BEGAN = Instant.parse("2026-05-04T09:00:00Z");

  @Test
  void nothingHappenedYet() {
    assertThat(RunProgress.of(3, List.of())).isEqualTo(RunProgress.BEGUN);
    assertThat(RunProgress.BEGUN.piece(1).step()).isEqualTo(1);
  }

  @Test
  void stepByStepToThePiece() {
    assertThat(fold(3, on(STEP_DONE, 1)).piece(1).step()).isEqualTo(2);
    RunProgress lying = fold(3, on(STEP_DONE, 1), on(STEP_DONE, 2), on(STEP_DONE, 3));
    assertThat(lying.piece(1).step()).isEqualTo(4);
    assertThat(lying.finished(3)).isEqualTo(1);
    RunProgress next = fold(1, on(STEP_DONE, 1), on(PIECE_DONE, null));
    assertThat(next.aside()).containsExactly(1);
    assertThat(next.inHand()).isEqualTo(2);
    RunProgress second = fold(1, on(STEP_DONE, 1), on(PIECE_DONE, null), on(STEP_DONE, 1));
    assertThat(second.finished(1)).isEqualTo(2);
  }

  @Test
  @DisplayName(
      "several pieces stand where each of them stands, and their times run beside one another")
  void severalPieces() {
    RunProgress now =
        fold(
            3,
            of(STEP_DONE, 1, 1, null, 0),
            of(STEP_STARTED, 1, 2, 60, 10),
            of(STEP_STARTED, 2, 1, 15, 20),
            of(PAUSED, 1, 2, null, 25),
            of(TIME_ADDED, 2, 1, 5, 26),
            of(RESUMED, 1, 2, null, 35));
    assertThat(now.piece(1).timer())
        .isEqualTo(new StepTimer(BEGAN.plusSeconds(10), 60, null, 10_000));
    assertThat(now.piece(2).timer()).isEqualTo(new StepTimer(BEGAN.plusSeconds(20), 20, null, 0));
  }

  @Test
  @DisplayName("a time begins once; begun again it waits for its beginning")
  void aTimeBeginsOnce() {
    RunEvent start = of(STEP_STARTED, 1, 1, 15, 3);
    RunProgress twice = fold(3, start, of(STEP_STARTED, 1, 1, 15, 9));
    assertThat(twice).isEqualTo(fold(3, start));
    RunProgress again = fold(3, start, on(RunEventKind.STEP_STARTED_AGAIN, 1));
    assertThat(again.piece(1).timer()).isNull();
  }

  @Test
  void backAndTrouble() {
    assertThat(fold(3, on(STEP_DONE, 1), on(STEP_DONE, 2), on(STEP_BACK, 2)).piece(1).step())
        .isEqualTo(2);
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
        .isEqualTo(fold(3, on(STEP_DONE, 1)));
  }

  @Test
  @DisplayName("whatever is reported, steps stay in the plan and counts never shrink")
  void alwaysInsideThePlan() {
    Random random = new Random(5);
    for (int round = 0; round < 200; round++) {
      int steps = 1 + random.nextInt(9);
      List<RunEvent> events = new ArrayList<>();
      int done = 0;
      for (int n = 0; n < 60; n++) {
        RunEventKind kind = RunEventKind.values()[random.nextInt(RunEventKind.values().length)];
        Integer piece = random.nextBoolean() ? null : 1 + random.nextInt(4);
        Integer step = random.nextInt(6) == 0 ? null : random.nextInt(12) - 1;
        Integer seconds = random.nextInt(3) == 0 ? null : random.nextInt(90);
        events.add(new RunEvent(kind, piece, step, seconds, BEGAN.plusSeconds(n), null));
        RunProgress progress = RunProgress.of(steps, events);
        assertThat(progress.pieces()).allMatch(one -> one.step() >= 1 && one.step() <= steps + 1);
        assertThat(progress.pieces()).extracting(PieceProgress::piece).doesNotHaveDuplicates();
        assertThat(progress.aside()).doesNotHaveDuplicates().hasSizeGreaterThanOrEqualTo(done);
        assertThat(progress.pieces()).noneMatch(one -> progress.aside().contains(one.piece()));
        done = progress.aside().size();
      }
    }
  }

  private static RunProgress fold(int steps, RunEvent... events) {
    return RunProgress.of(steps, List.of(events));
  }

  private static RunEvent on(RunEventKind kind, @Nullable Integer step) {
    return RunEvent.of(kind, step, BEGAN);
  }

  private static RunEvent of(
      RunEventKind kind, int piece, int step, @Nullable Integer seconds, int after) {
    return new RunEvent(kind, piece, step, seconds, BEGAN.plusSeconds(after), null);
  }
}
