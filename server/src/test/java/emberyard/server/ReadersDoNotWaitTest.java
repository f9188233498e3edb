package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.server.store.BeforeKeeping;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Who reads while something is worked out sees what was before; who wrote sees what they wrote. */
class ReadersDoNotWaitTest {
  private static final String BUILD = "/api/builds/night-pilotage";

  @TempDir Path folder;
  private final CountDownLatch begun = new CountDownLatch(1);
  private final CountDownLatch mayGoOn = new CountDownLatch(1);
  private volatile boolean slow;

  /** Works it out, and then does not come to an end. */
  private BeforeKeeping slowed(BeforeKeeping check) {
    return (writes, before, after) -> {
      check.check(writes, before, after);
      if (slow) {
        begun.countDown();
        try {
          assertTrue(mayGoOn.await(2, TimeUnit.MINUTES));
        } catch (InterruptedException stopped) {
          throw new IllegalStateException(stopped);
        }
      }
    };
  }

  @Test
  void whatSomebodyElseWrites() throws Exception {
    try (OwnDemo demo = new OwnDemo(folder, this::slowed)) {
      long before = demo.owner.get(BUILD).json().path("revision").asLong();
      slow = true;
      CompletableFuture<Integer> writer =
          CompletableFuture.supplyAsync(
              () ->
                  demo.owner
                      .post(BUILD + "/notes", Map.of("id", "n", "taskKey", "x", "text", "a note"))
                      .status());
      assertTrue(begun.await(2, TimeUnit.MINUTES));
      assertEquals(before, demo.owner.get(BUILD).expect(200).json().path("revision").asLong());
      demo.owner.get("/api/yard").expect(200);
      mayGoOn.countDown();
      assertEquals(200, writer.get(2, TimeUnit.MINUTES));
      String view = demo.owner.get(BUILD).expect(200).text();
      assertTrue(view.contains("a note"), "who wrote sees it at once");
    }
  }
}
