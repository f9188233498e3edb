package emberyard.server.demo;

import emberyard.core.build.Build;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.store.ThingJson;
import emberyard.server.workshop.StartingStock;
import emberyard.server.yard.YardReader;
import java.util.List;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** The builds and the workshop of the demo as they stand on a day, without a store. */
final class DemoStories {
  private static final ThingJson JSON = new ThingJson();

  private DemoStories() {}

  static Build build(String id, DemoDays days) {
    return YardReader.build(
        DemoFiles.build(id, days).path("things").valueStream().map(DemoStories::thing).toList());
  }

  private static Thing thing(JsonNode entry) {
    ThingKind kind = ThingKind.named(entry.path("kind").asString()).orElseThrow();
    return JSON.read(entry.path("value"), kind.type());
  }

  static List<Build> builds(DemoDays days) {
    return DemoFiles.BUILDS.stream().map(id -> build(id, days)).toList();
  }

  static WorkshopBook book(DemoDays days) {
    List<Thing> own = DemoFiles.workshop(days, JSON.mapper()).toList();
    Stream<Thing> shipped =
        StartingStock.all()
            .filter(
                thing ->
                    own.stream()
                        .noneMatch(
                            other ->
                                other.getClass() == thing.getClass()
                                    && other.id().equals(thing.id())));
    return YardReader.book(Stream.concat(shipped, own.stream()).toList());
  }
}
