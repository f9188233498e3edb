package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.kind.ThingKind;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is done with things of one kind is done with things of every kind. */
class EveryKindTest {
  private static final String BUILD = "night-pilotage";

  static Stream<DemoYard.Stored> oneOfEach() {
    return Stream.of(ThingKind.values()).flatMap(kind -> one(kind).stream());
  }

  private static Optional<DemoYard.Stored> one(ThingKind kind) {
    return DemoYard.things().stream()
        .filter(thing -> thing.kind() == kind && (!kind.ofBuild() || !thing.build().isEmpty()))
        .findFirst();
  }

  private static String address(DemoYard.Stored thing) {
    String home = thing.kind().ofBuild() ? "/api/builds/" + thing.build() + "/" : "/api/workshop/";
    return home + thing.kind().word() + "/" + thing.id();
  }

  private static long version(DemoYard.Stored thing) {
    return DemoYard.bean(org.springframework.jdbc.core.simple.JdbcClient.class)
        .sql("SELECT version FROM thing WHERE kind = ? AND id = ?")
        .params(thing.kind().name(), thing.id())
        .query(Long.class)
        .single();
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void whatIsSentUnchangedChangesNothing(DemoYard.Stored thing) {
    long version = version(thing);
    var answer = DemoYard.owner().put(address(thing), thing.body(), version);
    assertEquals(thing.kind().typed() ? 200 : 405, answer.status(), answer.text());
    assertEquals(version, version(thing));
    assertEquals(thing, one(thing.kind()).orElseThrow());
  }

  /** A helper sees 0 where an amount is, and sends 0 back. */
  @ParameterizedTest
  @MethodSource("oneOfEach")
  void anAmountAHelperDoesNotSeeStaysAsItIs(DemoYard.Stored thing) {
    if (!thing.kind().ofBuild() || !thing.kind().typed()) {
      return;
    }
    JsonNode seen = thing.json();
    veil(seen);
    DemoYard.signedIn("lotte").put(address(thing), seen.toString(), version(thing)).expect(200);
    assertEquals(thing.json(), one(thing.kind()).orElseThrow().json());
  }

  private static void veil(JsonNode node) {
    boolean onMoney = node.path("measure").asString("").equals("TOTAL_MINOR");
    if (node instanceof ObjectNode object) {
      object.properties().stream()
          .filter(
              field ->
                  field.getKey().endsWith("Minor") || onMoney && field.getKey().equals("value"))
          .filter(field -> !field.getValue().isNull())
          .map(java.util.Map.Entry::getKey)
          .toList()
          .forEach(field -> object.put(field, 0L));
    }
    node.forEach(EveryKindTest::veil);
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void whatIsTakenOutCanBeTakenBack(DemoYard.Stored thing) {
    Client owner = DemoYard.owner();
    var answer = owner.delete(address(thing));
    if (!thing.kind().removable()) {
      assertEquals(409, answer.status(), answer.text());
      return;
    }
    answer.expect(200);
    String place = thing.kind().ofBuild() ? "?place=" + thing.build() : "";
    JsonNode undone = owner.post("/api/undo" + place, "").expect(200).json();
    assertTrue(undone.toString().contains(thing.kind().word()), undone.toString());
    assertEquals(thing, one(thing.kind()).orElseThrow());
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void itGoesAlongWithTheFileOfABuildThatHasItOrUsesIt(DemoYard.Stored thing) {
    JsonNode file = DemoYard.owner().get("/api/builds/" + BUILD + "/export").json();
    boolean of = thing.kind().ofBuild();
    long own =
        DemoYard.things().stream()
            .filter(each -> each.kind() == thing.kind() && each.build().equals(BUILD))
            .count();
    assertEquals(of ? own : 0, count(file.path("things"), thing.kind()));
    assertTrue(thing.kind().shared() || count(file.path("uses"), thing.kind()) == 0);
  }

  private static long count(JsonNode entries, ThingKind kind) {
    return entries.valueStream().filter(e -> e.path("kind").asString().equals(kind.word())).count();
  }
}
