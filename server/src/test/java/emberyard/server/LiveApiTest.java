package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is pushed to whoever looks. */
class LiveApiTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static BufferedReader follow(Client client) {
    return new BufferedReader(
        new InputStreamReader(client.follow("/api/live").body(), StandardCharsets.UTF_8));
  }

  /** The next news about something. */
  private static JsonNode next(BufferedReader lines, String about) throws IOException {
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      if (line.startsWith("data:")) {
        JsonNode news = JSON.readTree(line.substring("data:".length()));
        if (news.path("about").asString().equals(about)) {
          return news.path("value");
        }
      }
    }
    throw new IOException("the stream ended");
  }

  @Test
  void whatOnePersonChangesTheOtherIsToldWithTheRevisionTheReadingHas() throws IOException {
    Client owner = TestYard.owner();
    owner.begin("live-1");
    try (BufferedReader helper = follow(TestYard.helper())) {
      long before = next(helper, "revision").asLong();
      Drawn.put(owner, "live-1", "remarks", "live-r", Map.of("id", "live-r", "text", "look"));
      long after = next(helper, "revision").asLong();
      assertTrue(after > before);
      long read = owner.get("/api/builds/live-1").json().path("revision").asLong();
      assertTrue(read >= after);
    }
  }

  @Test
  void strangersAreToldNothing() throws IOException {
    var answer = TestYard.stranger().follow("/api/live");
    answer.body().close();
    assertEquals(401, answer.statusCode());
  }

  @Test
  void theProgramEndsThoughSomebodyLooks(@TempDir Path data) throws IOException {
    BufferedReader lines;
    try (var application =
        new SpringApplicationBuilder(EmberYardApplication.class)
            .run("--data=" + data, "--port=0", "--copies=0")) {
      Client owner =
          new Client(((WebServerApplicationContext) application).getWebServer().getPort());
      TestYard.setUp(owner);
      lines = follow(owner);
      next(lines, "revision");
      // the end waits for requests under way: without one of its own this would hold it 30 s
    }
    assertTrue(lines.lines().noneMatch(line -> line.startsWith("data:")));
    lines.close();
  }
}
