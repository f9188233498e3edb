package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.server.store.CopyStore;
import emberyard.server.store.DataFolder;
import emberyard.server.store.KeptFiles;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The process is killed in the middle of a burst of writes: nothing answered may be lost. */
class KillTest {
  private static final int ANSWERED = 25;
  @TempDir Path data;
  private final Map<String, Integer> panels = new ConcurrentHashMap<>();
  private final Map<String, String> pictures = new ConcurrentHashMap<>();

  @Test
  void nothingAnsweredIsLostPicturesIncluded() throws Exception {
    OwnProcess first = OwnProcess.start(data);
    Client client = first.client();
    TestYard.setUp(client);
    String token =
        client.post("/api/tokens", Map.of("name", "burst")).json().path("value").asString();
    client.begin("burst");
    ExecutorService writers = Executors.newFixedThreadPool(5);
    for (int writer = 0; writer < 4; writer++) {
      int number = writer;
      writers.submit(() -> panels(first.script(token), number));
    }
    writers.submit(() -> pictures(first.script(token)));
    while (panels.size() < ANSWERED || pictures.size() < 5) {
      Thread.sleep(5);
    }
    first.kill();
    writers.shutdownNow();
    writers.awaitTermination(10, TimeUnit.SECONDS);

    assertTrue(CopyStore.of(new DataFolder(data).database()).sound());
    OwnProcess second = OwnProcess.start(data);
    try {
      JsonNode build = second.script(token).get("/api/builds/burst").json().path("build");
      Map<String, Integer> found = new TreeMap<>();
      build.path("panels").forEach(p -> found.put(p.path("id").asString(), width(p)));
      panels.forEach((id, width) -> assertEquals(width, found.get(id), id));
      Map<String, String> kept = new TreeMap<>();
      build.path("photos").forEach(p -> kept.put(p.path("id").asString(), hash(p)));
      pictures.forEach((id, sha256) -> assertEquals(sha256, kept.get(id), id));
      for (String sha256 : kept.values()) {
        byte[] bytes = second.script(token).bytes("/api/pictures/" + sha256);
        assertEquals(sha256, KeptFiles.sha256(bytes));
      }
      try (var files = Files.list(data.resolve("pictures"))) {
        assertTrue(files.noneMatch(file -> file.toString().endsWith(".tmp")), "half files");
      }
    } finally {
      second.kill();
    }
  }

  private static int width(JsonNode panel) {
    return panel.path("widthMm").asInt();
  }

  private static String hash(JsonNode photo) {
    return photo.path("sha256").asString();
  }

  private void panels(Client client, int writer) {
    for (int n = 0; n < 10_000; n++) {
      String id = "p" + writer + "-" + n;
      int width = 100 + n % 900;
      try {
        if (client.put("/api/builds/burst/panels/" + id, Things.panel(id, width), null).status()
            == 200) {
          panels.put(id, width);
        }
      } catch (RuntimeException gone) {
        return;
      }
    }
  }

  private void pictures(Client client) {
    for (int n = 0; n < 10_000; n++) {
      try {
        Client.Answer answer = client.postPicture("burst", "ph" + n, Things.model(n));
        if (answer.status() == 200) {
          pictures.put("ph" + n, hash(answer.json().path("value")));
        }
      } catch (RuntimeException gone) {
        return;
      }
    }
  }
}
