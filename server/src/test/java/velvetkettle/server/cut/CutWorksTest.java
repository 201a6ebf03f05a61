package velvetkettle.server.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.svg.ReadAs;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.compute.BusyException;
import velvetkettle.server.problem.DifferentException;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;

@Timeout(60)
class CutWorksTest {
  private final CutWorks works = new CutWorks();

  @AfterEach
  void stop() {
    works.stop();
  }

  /** Goes on until it is ended. */
  private static CutView endless(Progress progress) {
    for (int done = 0; ; done++) {
      progress.check(done, 1_000_000_000);
    }
  }

  private CutWorks.CutWork ended(UUID id) {
    CutWorks.CutWork now = works.progress(id);
    while (now.state() == CutWorks.State.RUNNING) {
      Thread.onSpinWait();
      now = works.progress(id);
    }
    return now;
  }

  @Test
  @DisplayName("short work is answered at once")
  void atOnce() {
    CutWorks.CutWork done =
        works.lay(UUID.randomUUID(), "a", progress -> new CutView(CutForm.EMPTY, null, List.of()));
    assertThat(done.state()).isEqualTo(CutWorks.State.DONE);
    assertThat(done.cut()).isNotNull();
  }

  @Test
  @DisplayName("long work tells how far it is, and can be ended; the same id is the same work")
  void ended() {
    UUID id = UUID.randomUUID();
    CutWorks.CutWork begun = works.lay(id, "a", CutWorksTest::endless);
    assertThat(begun.state()).isEqualTo(CutWorks.State.RUNNING);
    assertThat(works.lay(id, "a", progress -> null).state()).isEqualTo(CutWorks.State.RUNNING);
    assertThat(works.progress(id).done()).isPositive();
    assertThatThrownBy(() -> works.lay(id, "another", progress -> null))
        .isInstanceOf(DifferentException.class);
    works.cancel(id);
    assertThat(ended(id).state()).isEqualTo(CutWorks.State.CANCELLED);
    assertThat(works.progress(id).cut()).isNull();
  }

  @Test
  @DisplayName("two works go on side by side, and a third waits for one of them")
  void sideBySide() {
    UUID first = UUID.randomUUID();
    UUID second = UUID.randomUUID();
    UUID third = UUID.randomUUID();
    works.lay(first, "a", CutWorksTest::endless);
    works.lay(second, "a", CutWorksTest::endless);
    CountDownLatch begun = new CountDownLatch(1);
    works.lay(
        third,
        "a",
        progress -> {
          begun.countDown();
          return new CutView(CutForm.EMPTY, null, List.of());
        });
    assertThat(begun.getCount()).isOne();
    works.cancel(first);
    assertThat(ended(third).state()).isEqualTo(CutWorks.State.DONE);
    works.cancel(second);
    assertThat(ended(second).state()).isEqualTo(CutWorks.State.CANCELLED);
  }

  @Test
  @DisplayName("no more than can wait with a file in their hands are taken in")
  void full() {
    List<UUID> all = new ArrayList<>();
    assertThatThrownBy(
            () -> {
              for (int i = 0; i < 20; i++) {
                UUID id = UUID.randomUUID();
                works.lay(id, "a", CutWorksTest::endless);
                all.add(id);
              }
            })
        .isInstanceOf(BusyException.class);
    assertThat(all).hasSize(8);
    all.forEach(works::cancel);
  }

  @Test
  @DisplayName("a drawing that is refused at once is told as a refusal, and may come again")
  void brought() {
    UUID id = UUID.randomUUID();
    assertThatThrownBy(
            () ->
                works.bring(
                    id,
                    1,
                    progress -> {
                      throw new RefusedException("file", Sentence.of("svg.nothing"));
                    }))
        .isInstanceOf(RefusedException.class);
    ArtView art = new ArtView(id, "a", 1, 1, List.of(), List.of(), false, false, ReadAs.USUAL);
    assertThat(works.bring(id, 2, progress -> art).art()).isEqualTo(art);
  }

  @Test
  @DisplayName("what goes wrong is said, and what is our fault too")
  void failed() {
    Sentence why = Sentence.of("lay.nothing");
    CutWorks.CutWork refused =
        works.lay(
            UUID.randomUUID(),
            "a",
            progress -> {
              throw new RefusedException("layout", why);
            });
    assertThat(refused.problem()).isEqualTo(why);
    CutWorks.CutWork broken =
        works.lay(
            UUID.randomUUID(),
            "a",
            progress -> {
              throw new IllegalStateException("not thought of");
            });
    assertThat(broken.state()).isEqualTo(CutWorks.State.FAILED);
    assertThat(broken.problem()).isEqualTo(Sentence.of("cut.failed"));
    assertThatThrownBy(() -> works.progress(UUID.randomUUID()))
        .isInstanceOf(NotFoundException.class);
  }
}
