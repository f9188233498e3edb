package emberyard.server.refusal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class AtOnceTest {
  @Test
  void twoWorkThreeWaitAndTheSixthIsAskedToComeAgain() throws Exception {
    AtOnce few = new AtOnce(2, 3, "Come again.");
    CountDownLatch goOn = new CountDownLatch(1);
    AtomicInteger working = new AtomicInteger();
    AtomicInteger most = new AtomicInteger();
    ExecutorService many = Executors.newFixedThreadPool(5);
    List<Future<Integer>> done = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      int number = i;
      done.add(
          many.submit(
              () ->
                  few.run(
                      () -> {
                        most.accumulateAndGet(working.incrementAndGet(), Math::max);
                        await(goOn);
                        working.decrementAndGet();
                        return number;
                      })));
    }
    while (few.inside() < 5) {
      Thread.onSpinWait();
    }
    Refused refused = assertThrows(Refused.class, () -> few.run(() -> "no"));
    assertEquals("Come again.", refused.getMessage());
    goOn.countDown();
    for (int i = 0; i < 5; i++) {
      assertEquals(i, done.get(i).get());
    }
    many.shutdown();
    assertTrue(most.get() <= 2, "at once: " + most);
    assertEquals("free again", few.run(() -> "free again"));
    assertThrows(IllegalStateException.class, () -> few.run(AtOnceTest::fails));
    assertEquals("after a failure too", few.run(() -> "after a failure too"));
  }

  private static String fails() {
    throw new IllegalStateException("as it happens");
  }

  private static void await(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }
}
