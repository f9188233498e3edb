package emberyard.server.demo;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.server.access.Account;
import emberyard.server.files.MeshFiles;
import emberyard.server.refusal.Refused;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.io.IOException;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** One invented build to look at in an empty yard. Removing it takes it away again. */
@RestController
class ExampleController {
  /** Id of the example, in every workshop. */
  static final String ID = "example";

  private static final Set<ThingKind> WORK =
      Set.of(ThingKind.ORDER, ThingKind.TIME, ThingKind.LAYOUT, ThingKind.FAULT);

  private final YardReader yard;
  private final ThingStore store;
  private final MeshFiles meshes;
  private final JsonMapper json;

  ExampleController(YardReader yard, ThingStore store, MeshFiles meshes, JsonMapper json) {
    this.meshes = meshes;
    this.yard = yard;
    this.store = store;
    this.json = json;
  }

  /** Id of the build that was put into the yard. */
  record Example(String id) {}

  /** Puts the example into an empty yard; refused where there are builds already. */
  @PostMapping("/api/builds/example")
  Example put(@AuthenticationPrincipal Account who) throws IOException {
    YardReader.Reading reading = yard.read();
    if (!reading.yard().builds().isEmpty()) {
      throw new Refused(HttpStatus.CONFLICT, "The yard has builds of its own: look at those.");
    }
    ZoneId zone = ZoneId.of(reading.book().workshop().zone());
    DemoDays days = new DemoDays(reading.minute(), zone);
    List<Write> writes =
        DemoFiles.build(DemoFiles.BUILDS.get(0), days)
            .path("things")
            .valueStream()
            .flatMap(this::entered)
            .map(thing -> Write.overwrite(ID, thing))
            .toList();
    meshes.keep(DemoFiles.bollard());
    store.apply(who.id(), writes);
    return new Example(ID);
  }

  /** Brief and concept carry the id of their build; nothing was chosen or worked on yet. */
  private Stream<Thing> entered(JsonNode entry) {
    ThingKind kind = ThingKind.named(entry.path("kind").asString()).orElseThrow();
    if (!kind.typed() || WORK.contains(kind)) {
      return Stream.empty();
    }
    ObjectNode value = (ObjectNode) entry.path("value");
    if (kind == ThingKind.BRIEF || kind == ThingKind.CONCEPT) {
      value.put("id", ID);
      value.remove("frozen");
    }
    return Stream.of(json.treeToValue(value, kind.type()));
  }
}
