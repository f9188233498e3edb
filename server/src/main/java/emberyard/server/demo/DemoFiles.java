package emberyard.server.demo;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The files that the demo is kept in, in the form of a build written out. */
final class DemoFiles {
  /** In the order of the yard. */
  static final List<String> BUILDS =
      List.of("night-pilotage", "moss-archive", "line-9-depot", "paper-kite", "glasshouse");

  private DemoFiles() {}

  /** The file of a build with the days of a demo that starts now. */
  static JsonNode build(String id, DemoDays days) {
    return DemoDesigns.filled(read(id, days));
  }

  /** What the workshop has beside the stock that every workshop can begin with. */
  static Stream<Thing> workshop(DemoDays days, JsonMapper json) {
    return read("workshop", days)
        .path("uses")
        .valueStream()
        .map(
            entry ->
                json.treeToValue(
                    entry.path("value"),
                    ThingKind.named(entry.path("kind").asString()).orElseThrow().type()));
  }

  /** The mesh of the part that is printed. */
  static byte[] bollard() throws IOException {
    try (InputStream file = open("bollard.stl")) {
      return file.readAllBytes();
    }
  }

  private static JsonNode read(String name, DemoDays days) {
    try (InputStream file = open(name + ".json")) {
      return days.laid(JsonMapper.shared().readTree(file));
    } catch (IOException unreadable) {
      throw new IllegalStateException(name, unreadable);
    }
  }

  private static InputStream open(String name) {
    return DemoFiles.class.getResourceAsStream("/demo/" + name);
  }
}
