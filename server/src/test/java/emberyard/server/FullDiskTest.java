package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import emberyard.server.store.CopyStore;
import emberyard.server.store.DataFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A disk of 16 MB fills up: it is said, nothing answered is lost, and with room it goes on. */
class FullDiskTest {
  @TempDir Path folder;
  private boolean mounted;

  private static boolean run(String... command) throws Exception {
    return new ProcessBuilder(command).start().waitFor() == 0;
  }

  @AfterEach
  void leave() throws Exception {
    if (mounted) {
      run("umount", folder.toString());
    }
  }

  @Test
  void aFullDiskIsSaidAndLosesNothing() throws Exception {
    mounted = run("mount", "-t", "tmpfs", "-o", "size=16m", "tmpfs", folder.toString());
    assumeTrue(mounted, "needs the right to mount a small disk");
    OwnProcess first = OwnProcess.start(folder);
    Client client = first.client();
    TestYard.setUp(client);
    String token =
        client.post("/api/tokens", Map.of("name", "full")).json().path("value").asString();
    client.begin("full");
    long room = folder.toFile().getUsableSpace() - 1_500_000;
    Path ballast = Files.write(folder.resolve("ballast"), new byte[(int) room]);
    Set<String> answered = new HashSet<>();
    Client.Answer refused = null;
    for (int n = 0; n < 4_000 && refused == null; n++) {
      Client.Answer answer = client.postPicture("full", "ph" + n, Things.model(n));
      if (answer.status() == 200) {
        answered.add("ph" + n);
      } else {
        refused = answer;
      }
    }
    assertEquals(507, refused.status());
    String sentence = refused.json().path("title").asString();
    assertTrue(sentence.contains("is full. Nothing was saved"), sentence);
    assertEquals("disk full", client.get("/api/health").json().path("status").asString());
    try (var files = Files.list(folder.resolve("pictures"))) {
      assertTrue(files.noneMatch(file -> file.toString().endsWith(".tmp")), "half files");
    }
    int written = fill(client, answered);
    assertTrue(written < 4_000, "the database fills up too");
    first.kill();
    OwnProcess second = OwnProcess.start(folder);
    try {
      Client again = second.script(token);
      assertEquals(answered, kept(again));
      Files.delete(ballast);
      again.put("/api/builds/full/panels/later", Things.panel("later", 300), null).expect(200);
      assertEquals("ok", again.get("/api/health").json().path("status").asString());
      assertTrue(CopyStore.of(new DataFolder(folder).database()).sound());
    } finally {
      second.kill();
    }
  }

  /** Writes until the database finds no room either. */
  private static int fill(Client client, Set<String> answered) {
    for (int n = 0; n < 4_000; n++) {
      String id = "p" + n;
      int status =
          client.put("/api/builds/full/panels/" + id, Things.panel(id, 300), null).status();
      if (status != 200) {
        assertEquals(507, status);
        return n;
      }
      answered.add(id);
    }
    return 4_000;
  }

  private static Set<String> kept(Client client) {
    Set<String> ids = new HashSet<>();
    var build = client.get("/api/builds/full").expect(200).json().path("build");
    build.path("photos").forEach(photo -> ids.add(photo.path("id").asString()));
    build.path("panels").forEach(panel -> ids.add(panel.path("id").asString()));
    return ids;
  }
}
