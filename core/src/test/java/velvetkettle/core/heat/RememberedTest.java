package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class RememberedTest {
  /** Two questions that lie in one place of a table: they have the same hash. */
  private record Question(String what) {
    @Override
    public int hashCode() {
      return 7;
    }
  }

  @Test
  void whatIsKnownIsNotComputedAgain() {
    Remembered<String, Integer> remembered = new Remembered<>(10);
    AtomicInteger computed = new AtomicInteger();
    for (int i = 0; i < 3; i++) {
      assertThat(remembered.of("navy", key -> computed.incrementAndGet())).isEqualTo(1);
    }
    assertThat(computed).hasValue(1);
  }

  /** One answer waits for another thread, which asks for something that lies beside it. */
  @Test
  void anAnswerMayWaitForAThreadThatAsksBesideIt() {
    Remembered<Question, Integer> remembered = new Remembered<>(10);
    int both =
        assertTimeoutPreemptively(
            Duration.ofSeconds(30),
            () ->
                remembered.of(
                    new Question("map"),
                    map ->
                        1
                            + CompletableFuture.supplyAsync(
                                    () -> remembered.of(new Question("heat"), heat -> 2))
                                .join()));
    assertThat(both).isEqualTo(3);
  }
}
