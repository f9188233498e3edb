package emberyard.server;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A yard to measure: the five builds of the demo twelve times, no two with the same numbers, with
 * their orders, hours, options and frozen designs, and three times what is made: the demo’s builds
 * are small ones, and a yard has six thousand tasks.
 */
final class BenchYard implements AutoCloseable {
  static final int BUILDS = 60;
  static final String PILOTAGE = "night-pilotage";

  private final ConfigurableApplicationContext application;
  final Client owner;

  private BenchYard(ConfigurableApplicationContext application) {
    this.application = application;
    this.owner = new Client(((WebServerApplicationContext) application).getWebServer().getPort());
    owner.get("/api/session");
    owner
        .post("/api/session", "{\"name\": \"ines\", \"password\": \"lantern-harbour\"}")
        .expect(200);
  }

  /** The demo's five builds. */
  static BenchYard demo() throws Exception {
    Path folder = Files.createTempDirectory("ember-yard-bench");
    return new BenchYard(
        new SpringApplicationBuilder(EmberYardApplication.class)
            .run(
                "--data=" + folder,
                "--port=0",
                "--demo=true",
                "--copies=0",
                "--clock=2026-03-03T09:42"));
  }

  /** All sixty. */
  static BenchYard full() throws Exception {
    BenchYard yard = demo();
    List<JsonNode> files = new ArrayList<>();
    for (JsonNode build : yard.owner.get("/api/yard").json().path("builds")) {
      files.add(BenchFiles.more(yard.file(build.path("id").asString()), 3));
    }
    for (int n = files.size(); n < BUILDS; n++) {
      yard.take(BenchFiles.another(files.get(n % files.size()), n), "COPY");
    }
    return yard;
  }

  JsonNode file(String build) {
    return owner.get("/api/builds/" + build + "/export").expect(200).json();
  }

  void take(ObjectNode file, String existing) {
    owner.post("/api/import?existing=" + existing, file.toString()).expect(200);
  }

  /** Night Pilotage grows to five times what is made and painted. */
  BenchYard fiveTimes() {
    take(BenchFiles.more(file(PILOTAGE), 5), "REPLACE");
    return this;
  }

  <T> T bean(Class<T> type) {
    return application.getBean(type);
  }

  /** A thing of a build, to be changed again and again. */
  Edited thing(String build, String kind, int index) {
    List<JsonNode> those =
        file(build)
            .path("things")
            .valueStream()
            .filter(thing -> thing.path("kind").asString().equals(kind))
            .toList();
    return new Edited(build, kind, (ObjectNode) those.get(index).path("value"));
  }

  /** One thing and the way to keep it, as the browser's saver sends it. */
  final class Edited {
    private final String path;
    private long version;
    final ObjectNode value;

    private Edited(String build, String kind, ObjectNode value) {
      this.path = "/api/builds/%s/%s/%s".formatted(build, kind, value.path("id").asString());
      this.value = value;
      String name = kind + "/" + value.path("id").asString();
      JsonNode view = owner.get("/api/builds/" + build).expect(200).json();
      this.version = view.path("versions").path(name).asLong();
    }

    void keep() {
      String body = JsonMapper.shared().writeValueAsString(value);
      version = owner.put(path, body, version).expect(200).json().path("version").asLong();
    }
  }

  @Override
  public void close() {
    application.close();
  }
}
