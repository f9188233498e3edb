package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.server.store.DataFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;

/** What the command line does on a folder: out while it runs, in again, a forgotten password. */
class TasksTest {
  /** Addresses whose answers say all there is of a workshop. */
  private static final List<String> ALL =
      List.of("/api/yard", "/api/workshop", "/api/builds/keep", "/api/builds/keep/history");

  @TempDir Path folder;

  private static String carryOut(Path data, String name, String value) throws Exception {
    return new Tasks(new DataFolder(data)).carryOut(new CommandLine.Task(name, value));
  }

  private static String reason(Path data, String name, String value) {
    CommandLine.End end = assertThrows(CommandLine.End.class, () -> carryOut(data, name, value));
    assertEquals(2, end.status());
    return end.getMessage();
  }

  private interface Use {
    void of(Client client) throws Exception;
  }

  private static void serve(Path data, Use use) throws Exception {
    new DataFolder(data).make();
    try (var application =
        new SpringApplicationBuilder(EmberYardApplication.class)
            .run("--data=" + data, "--port=0", "--clock=2026-03-03T09:05")) {
      Client client =
          new Client(((WebServerApplicationContext) application).getWebServer().getPort());
      client.get("/api/session").expect(200);
      use.of(client);
    }
  }

  private static Map<String, String> answers(Client client) {
    Map<String, String> answers = new java.util.TreeMap<>();
    for (String path : ALL) {
      // the clock goes on; the rest must be the same to the letter
      String text = client.get(path).expect(200).text();
      answers.put(
          path, text.replaceAll("\"now\":\"[^\"]*\"", "").replaceAll("\"revision\":\\d+", ""));
    }
    return answers;
  }

  @Test
  void aBackupMadeWhileItRunsAnswersTheSameAfterRestore() throws Exception {
    Path here = folder.resolve("here");
    Path there = folder.resolve("there");
    Path zip = folder.resolve("all.zip");
    Map<String, String> before = new java.util.TreeMap<>();
    serve(
        here,
        client -> {
          TestYard.setUp(client);
          client.begin("keep");
          client.put("/api/builds/keep/panels/p", Things.panel("p", 321), null).expect(200);
          before.putAll(answers(client));
          assertTrue(carryOut(here, "backup", zip.toString()).startsWith("Written: "));
          client.begin("later");
        });
    assertTrue(reason(here, "backup", zip.toString()).endsWith("is there already."));
    carryOut(there, "restore", zip.toString());
    String printed = carryOut(there, "reset-password", "ines");
    String password = printed.split("  ")[1];
    serve(
        there,
        client -> {
          client
              .post("/api/session", Map.of("name", "ines", "password", TestYard.PASSWORD))
              .expect(401);
          client.post("/api/session", Map.of("name", "ines", "password", password)).expect(200);
          assertEquals(before, answers(client));
        });
  }

  /** The lock lives as long as the process, also when its memory is tidied up. */
  @Test
  void nothingIsPutBackUnderARunningProgram() throws Exception {
    OwnProcess running = OwnProcess.start(folder);
    try {
      String jcmd = Path.of(System.getProperty("java.home"), "bin", "jcmd").toString();
      String pid = String.valueOf(running.process().pid());
      assertEquals(0, new ProcessBuilder(jcmd, pid, "GC.run").start().waitFor());
      Path zip = folder.resolve("all.zip");
      carryOut(folder, "backup", zip.toString());
      assertTrue(reason(folder, "restore", zip.toString()).endsWith("stop it first."));
    } finally {
      running.kill();
    }
    carryOut(folder, "restore", folder.resolve("all.zip").toString());
  }

  @Test
  void whatCannotBeDoneSaysWhy() throws Exception {
    Path empty = Files.createDirectory(folder.resolve("empty"));
    assertTrue(reason(empty, "backup", "x.zip").startsWith("There is no workshop in "));
    assertTrue(reason(empty, "reset-password", "ines").startsWith("There is no workshop in "));
    assertTrue(reason(empty, "restore", "nowhere.zip").startsWith("There is no file "));
    Path junk = Files.writeString(folder.resolve("junk.zip"), "no zip");
    assertTrue(reason(empty, "restore", junk.toString()).contains("Nothing was changed"));
    var running = new DataFolder(empty).take().orElseThrow();
    assertTrue(reason(empty, "restore", junk.toString()).endsWith("stop it first."));
    running.acquiredBy().close();
  }
}
