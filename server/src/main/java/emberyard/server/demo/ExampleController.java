package emberyard.server.demo;

import emberyard.core.build.Brief;
import emberyard.core.build.Concept;
import emberyard.core.thing.Thing;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.ThingJson;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One invented build to look at in an empty yard. Removing it takes it away again. */
@RestController
class ExampleController {
  /** Id of the example, in every workshop. */
  static final String ID = "example";

  private final YardReader yard;
  private final ThingStore store;
  private final ThingJson json;

  ExampleController(YardReader yard, ThingStore store, ThingJson json) {
    this.yard = yard;
    this.store = store;
    this.json = json;
  }

  /** Id of the build that was put into the yard. */
  record Example(String id) {}

  /** Puts the example into an empty yard; refused where there are builds already. */
  @PostMapping("/api/builds/example")
  Example put(@AuthenticationPrincipal Account who) {
    YardReader.Reading reading = yard.read();
    if (!reading.yard().builds().isEmpty()) {
      throw new Refused(HttpStatus.CONFLICT, "The yard has builds of its own: look at those.");
    }
    ZoneId zone = ZoneId.of(reading.book().workshop().zone());
    LocalDate today = LocalDateTime.ofInstant(reading.minute(), zone).toLocalDate();
    List<Write> writes =
        DemoNight.nightPilotage(today).things.stream().map(this::own).map(this::write).toList();
    store.apply(who.id(), writes);
    return new Example(ID);
  }

  /** Brief and concept carry the id of their build. */
  private Thing own(Thing thing) {
    if (!(thing instanceof Brief) && !(thing instanceof Concept)) {
      return thing;
    }
    JsonNode tree = json.tree(thing);
    ((ObjectNode) tree).put("id", ID);
    return json.read(tree, thing.getClass());
  }

  private Write write(Thing thing) {
    return Write.overwrite(ID, thing);
  }
}
