package velvetkettle.server.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.quantity.Sentence;
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
        works.lay(UUID.randomUUID(), progress -> new CutView(CutForm.EMPTY, null, List.of()));
    assertThat(done.state()).isEqualTo(CutWorks.State.DONE);
    assertThat(done.cut()).isNotNull();
  }

  @Test
  @DisplayName("long work tells how far it is, and can be ended; the same id is the same work")
  void ended() {
    UUID id = UUID.randomUUID();
    CutWorks.CutWork begun = works.lay(id, CutWorksTest::endless);
    assertThat(begun.state()).isEqualTo(CutWorks.State.RUNNING);
    assertThat(works.lay(id, progress -> null).state()).isEqualTo(CutWorks.State.RUNNING);
    assertThat(works.progress(id).done()).isPositive();
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
    works.lay(first, CutWorksTest::endless);
    works.lay(second, CutWorksTest::endless);
    CountDownLatch begun = new CountDownLatch(1);
    works.lay(
        third,
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
  @DisplayName("what goes wrong is said, and what is our fault too")
  void failed() {
    Sentence why = Sentence.of("lay.nothing");
    CutWorks.CutWork refused =
        works.lay(
            UUID.randomUUID(),
            progress -> {
              throw new RefusedException("layout", why);
            });
    assertThat(refused.problem()).isEqualTo(why);
    CutWorks.CutWork broken =
        works.lay(
            UUID.randomUUID(),
            progress -> {
              throw new IllegalStateException("not thought of");
            });
    assertThat(broken.state()).isEqualTo(CutWorks.State.FAILED);
    assertThat(broken.problem()).isEqualTo(Sentence.of("cut.failed"));
    assertThatThrownBy(() -> works.progress(UUID.randomUUID()))
        .isInstanceOf(NotFoundException.class);
  }
}
