package velvetkettle.server.compute;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import velvetkettle.core.quantity.ImpossibleValueException;

@Timeout(60)
class ComputingTest {
  private static final long PATIENT = 60_000;

  private final ThreadLocal<Boolean> gone = ThreadLocal.withInitial(() -> false);
  private final ExecutorService askers = Executors.newCachedThreadPool();
  private Computing computing = new Computing(1, 2, PATIENT, gone::get);

  @AfterEach
  void stop() {
    computing.stop();
    askers.shutdownNow();
  }

  /** Holds the only thread until it is let go. */
  private CountDownLatch occupied() throws InterruptedException {
    CountDownLatch begun = new CountDownLatch(1);
    CountDownLatch letGo = new CountDownLatch(1);
    askers.submit(
        () ->
            computing.compute(
                new Object(),
                () -> {
                  begun.countDown();
                  await(letGo);
                  return 0;
                }));
    begun.await();
    return letGo;
  }

  private static void await(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void untilWaiting(int many) {
    while (computing.waiting() < many) {
      Thread.onSpinWait();
    }
  }

  @Test
  @DisplayName("the same question at the same time is computed once, for everybody")
  void once() throws Exception {
    CountDownLatch letGo = occupied();
    AtomicInteger computed = new AtomicInteger();
    List<Future<Integer>> answers = new ArrayList<>();
    CountDownLatch asking = new CountDownLatch(20);
    for (int i = 0; i < 20; i++) {
      answers.add(
          askers.submit(
              () -> {
                asking.countDown();
                return computing.compute("how warm", computed::incrementAndGet);
              }));
    }
    asking.await();
    untilWaiting(1);
    letGo.countDown();
    for (Future<Integer> answer : answers) {
      assertThat(answer.get()).isPositive();
    }
    // Who came after the answer was given is answered anew; the others were answered together.
    assertThat(computed.get()).isBetween(1, 19);
    assertThat(computing.compute("how warm", computed::incrementAndGet)).isEqualTo(computed.get());
  }

  @Test
  @DisplayName("more than can wait are told so at once, and so is who waits too long")
  void busy() throws Exception {
    CountDownLatch letGo = occupied();
    for (int i = 0; i < 2; i++) {
      int question = i;
      askers.submit(() -> computing.compute(question, () -> question));
    }
    untilWaiting(2);
    assertThatThrownBy(() -> computing.compute("third", () -> 3)).isInstanceOf(BusyException.class);
    letGo.countDown();
  }

  @Test
  void whoWaitsTooLongIsToldAndNothingIsDoneForThem() throws Exception {
    computing.stop();
    computing = new Computing(1, 2, 1, gone::get);
    CountDownLatch letGo = occupied();
    AtomicBoolean done = new AtomicBoolean();
    assertThatThrownBy(() -> computing.compute("late", () -> done.getAndSet(true)))
        .isInstanceOf(BusyException.class);
    assertThat(computing.waiting()).isZero();
    letGo.countDown();
    computing.compute("other", () -> 1);
    assertThat(done).isFalse();
  }

  /** Asks for somebody whose client does not wait. */
  private Future<Integer> leaving(Callable<Integer> asking) {
    return askers.submit(
        () -> {
          gone.set(true);
          try {
            return asking.call();
          } finally {
            gone.remove();
          }
        });
  }

  @Test
  @DisplayName("work for somebody who is gone is ended; for another who still waits it goes on")
  void gone() throws Exception {
    CountDownLatch begun = new CountDownLatch(1);
    CountDownLatch ended = new CountDownLatch(1);
    Future<Integer> asked =
        leaving(
            () ->
                computing.compute(
                    "long",
                    () -> {
                      begun.countDown();
                      while (!Thread.currentThread().isInterrupted()) {
                        Thread.onSpinWait();
                      }
                      ended.countDown();
                      return 0;
                    }));
    begun.await();
    ended.await();
    assertThatThrownBy(asked::get).hasCauseInstanceOf(ClientGoneException.class);
    assertThat(computing.compute("long", () -> 7)).isEqualTo(7);

    CountDownLatch letGo = new CountDownLatch(1);
    CountDownLatch shared = new CountDownLatch(1);
    Callable<Integer> staying =
        () ->
            computing.compute(
                "shared",
                () -> {
                  shared.countDown();
                  await(letGo);
                  return Thread.currentThread().isInterrupted() ? -1 : 1;
                });
    Future<Integer> stays = askers.submit(staying);
    shared.await();
    assertThatThrownBy(leaving(staying)::get).hasCauseInstanceOf(ClientGoneException.class);
    letGo.countDown();
    assertThat(stays.get()).isOne();
  }

  @Test
  void nothingComputesInsideATransaction() {
    TransactionSynchronizationManager.setActualTransactionActive(true);
    try {
      assertThatThrownBy(() -> computing.compute("now", () -> 1))
          .isInstanceOf(IllegalStateException.class);
    } finally {
      TransactionSynchronizationManager.setActualTransactionActive(false);
    }
  }

  @Test
  @DisplayName("what goes wrong comes as it was thrown; a value that cannot be is our own fault")
  void thrown() {
    assertThatThrownBy(
            () ->
                computing.compute(
                    1,
                    () -> {
                      throw new UnsupportedOperationException("this");
                    }))
        .isInstanceOf(UnsupportedOperationException.class);
    assertThatThrownBy(
            () ->
                computing.compute(
                    2,
                    () -> {
                      throw new ImpossibleValueException("no such heat");
                    }))
        .isInstanceOf(IllegalStateException.class);
  }
}
