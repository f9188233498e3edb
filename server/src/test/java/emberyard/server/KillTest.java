package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The process is killed in the middle of a burst of writes: nothing answered may be lost. */
class KillTest {
  @TempDir Path data;

  @Test
  void nothingAnsweredIsLost() throws Exception {
    int port = freePort();
    Process first = start(port);
    Client client = ready(port);
    TestYard.setUp(client);
    String token =
        client.post("/api/tokens", Map.of("name", "burst")).json().path("value").asString();
    client.begin("burst");
    Map<String, Integer> answered = new ConcurrentHashMap<>();
    ExecutorService writers = Executors.newFixedThreadPool(4);
    for (int writer = 0; writer < 4; writer++) {
      int number = writer;
      writers.submit(() -> burst(port, token, number, answered));
    }
    while (answered.size() < 40) {
      Thread.sleep(5);
    }
    first.destroyForcibly().waitFor();
    writers.shutdownNow();
    writers.awaitTermination(10, TimeUnit.SECONDS);

    Process second = start(port);
    try {
      Client again = ready(port);
      again.headers.put("Authorization", "Bearer " + token);
      Map<String, Integer> found = new TreeMap<>();
      again
          .get("/api/builds/burst")
          .expect(200)
          .json()
          .path("build")
          .path("panels")
          .forEach(p -> found.put(p.path("id").asString(), p.path("widthMm").asInt()));
      assertTrue(answered.size() >= 40);
      answered.forEach((id, width) -> assertEquals(width, found.get(id), id));
    } finally {
      second.destroyForcibly().waitFor();
    }
  }

  private static void burst(int port, String token, int writer, Map<String, Integer> answered) {
    Client client = new Client(port);
    client.headers.put("Authorization", "Bearer " + token);
    for (int n = 0; n < 10_000; n++) {
      String id = "p" + writer + "-" + n;
      int width = 100 + n % 900;
      try {
        if (client.put("/api/builds/burst/panels/" + id, Things.panel(id, width), null).status()
            == 200) {
          answered.put(id, width);
        }
      } catch (RuntimeException gone) {
        return;
      }
    }
  }

  private Process start(int port) throws IOException {
    return new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-cp",
            System.getProperty("java.class.path"),
            EmberYardApplication.class.getName(),
            "--data=" + data,
            "--port=" + port)
        .redirectErrorStream(true)
        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
        .start();
  }

  private static Client ready(int port) throws InterruptedException {
    for (int tries = 0; tries < 600; tries++) {
      try {
        if (new Client(port).get("/api/health").status() == 200) {
          return new Client(port);
        }
      } catch (RuntimeException notYet) {
        Thread.sleep(100);
      }
    }
    throw new AssertionError("the application did not start");
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }
}
