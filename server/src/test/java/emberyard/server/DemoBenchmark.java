package emberyard.server;

import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** Measures on the demo's main build what follows while something is dragged. */
final class DemoBenchmark {
  private static final String BUILD = "/api/builds/night-pilotage";

  private DemoBenchmark() {}

  static void appendTo(Path folder, PrintStream out) throws Exception {
    Files.createDirectories(folder);
    try (ConfigurableApplicationContext application =
        new SpringApplicationBuilder(EmberYardApplication.class)
            .run("--data=" + folder, "--port=0", "--demo=true")) {
      Client ines =
          new Client(((WebServerApplicationContext) application).getWebServer().getPort());
      ines.get("/api/session");
      ines.post("/api/session", "{\"name\": \"ines\", \"password\": \"lantern-harbour\"}")
          .expect(200);
      String[] sketches = sketches(ines);
      int[] turn = {0};
      double[] preview =
          YardBenchmark.measure(
              () ->
                  ines.post(BUILD + "/concept/preview", sketches[turn[0]++ % sketches.length])
                      .expect(200),
              () -> {});
      double[] options = YardBenchmark.measure(() -> ines.get(BUILD + "/options"), () -> {});
      YardBenchmark.row(
          out,
          "`POST …/concept/preview`: faces, dusk, shares, findings, price",
          preview,
          "under 100 ms");
      YardBenchmark.row(out, "`GET …/options`: three options worked out", options, "—");
    }
  }

  /** The lamp of the left face at forty places. */
  private static String[] sketches(Client ines) {
    String[] sketches = new String[40];
    for (JsonNode item : ines.get(BUILD).json().path("build").path("items")) {
      if (item.path("name").asString().equals("Masthead lamp")) {
        for (int i = 0; i < sketches.length; i++) {
          String moved =
              item.toString()
                  .replaceFirst("\"xMm\":[0-9.]+", "\"xMm\":" + (200 + 6 * i))
                  .replaceFirst("\"yMm\":[0-9.]+", "\"yMm\":" + (20 + 8 * i));
          sketches[i] = "{\"items\": [" + moved + "]}";
        }
      }
    }
    return sketches;
  }
}
