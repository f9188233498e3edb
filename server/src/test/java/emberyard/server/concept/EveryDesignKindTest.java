package emberyard.server.concept;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Design;
import emberyard.core.build.Look;
import emberyard.core.concept.DesignDifference;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.server.DemoYard;
import emberyard.server.store.ThingJson;
import emberyard.server.store.Write;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** No kind of a design is left out where designs are kept, compared and laid on the table. */
class EveryDesignKindTest {
  private static final Look LOOK = Look.open();

  static Stream<ThingKind> kinds() {
    return Stream.of(ThingKind.values()).filter(ThingKind::ofDesign);
  }

  private static Thing one(ThingKind kind) {
    DemoYard.Stored stored =
        DemoYard.things().stream()
            .filter(thing -> thing.kind() == kind)
            .findFirst()
            .orElseThrow(() -> new AssertionError("the demo has no " + kind));
    return new ThingJson().read(stored.body(), kind.type());
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void itIsKeptWithTheDesign(ThingKind kind) {
    ThingJson json = new ThingJson();
    Design design = Design.of(LOOK, List.of(one(kind)));
    assertEquals(1, json.tree(design).path(kind.list()).size());
    assertEquals(design, json.read(json.write(design), Design.class));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void aClientIsToldThatItCameOrWent(ThingKind kind) {
    Design without = Design.of(LOOK);
    Design with = Design.of(LOOK, List.of(one(kind)));
    List<String> came = DesignDifference.between(without, with, "EUR");
    List<String> went = DesignDifference.between(with, without, "EUR");
    assertEquals(1, came.size());
    assertTrue(came.get(0).startsWith(kind.noun()) && came.get(0).endsWith("added"), came.get(0));
    assertTrue(went.get(0).endsWith("taken out"), went.get(0));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void itIsLaidOnTheTableAndTakenOffIt(ThingKind kind) {
    Thing thing = one(kind);
    Build bare = build();
    List<Write> laid = DesignDesk.lay(bare, Design.of(LOOK, List.of(thing)));
    assertEquals(List.of(Write.overwrite("b", thing)), laid);
    List<Write> taken = DesignDesk.lay(bare.with(Design.of(LOOK, List.of(thing))), Design.of(LOOK));
    assertEquals(List.of(Write.remove(kind, "b", thing.id())), taken);
  }

  private static Build build() {
    DemoYard.Stored stored =
        DemoYard.things().stream()
            .filter(thing -> thing.kind() == ThingKind.BRIEF)
            .findFirst()
            .orElseThrow();
    String body = stored.body().replace("\"id\":\"" + stored.id() + "\"", "\"id\":\"b\"");
    return Build.begun(new ThingJson().read(body, Brief.class), Concept.open("b", LOOK));
  }
}
