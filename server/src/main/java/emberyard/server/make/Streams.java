package emberyard.server.make;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Sends what changes to whoever looks, four times a second. */
@Component
class Streams {
  private static final long EVERY_MS = 250;
  private static final long LONGEST_MS = 30 * 60_000;

  private final ScheduledExecutorService clock =
      Executors.newScheduledThreadPool(
          1,
          task -> {
            Thread thread = new Thread(task, "events");
            thread.setDaemon(true);
            return thread;
          });

  /** A stream of looks that ends after the one that is the last. */
  <T> SseEmitter open(Supplier<T> look, Predicate<T> last) {
    SseEmitter emitter = new SseEmitter(LONGEST_MS);
    ScheduledFuture<?>[] tick = new ScheduledFuture<?>[1];
    Runnable stop =
        () -> {
          if (tick[0] != null) {
            tick[0].cancel(false);
          }
        };
    emitter.onCompletion(stop);
    emitter.onTimeout(stop);
    emitter.onError(gone -> stop.run());
    tick[0] =
        clock.scheduleWithFixedDelay(
            () -> send(emitter, look, last, stop), 0, EVERY_MS, TimeUnit.MILLISECONDS);
    return emitter;
  }

  private static <T> void send(
      SseEmitter emitter, Supplier<T> look, Predicate<T> last, Runnable stop) {
    try {
      T now = look.get();
      emitter.send(now);
      if (last.test(now)) {
        emitter.complete();
        stop.run();
      }
    } catch (IOException | IllegalStateException gone) {
      stop.run();
    }
  }

  @PreDestroy
  void close() {
    clock.shutdownNow();
  }
}
