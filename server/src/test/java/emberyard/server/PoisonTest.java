package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.kind.ThingKind;
import emberyard.core.record.Acceptance;
import emberyard.core.record.ChangeOrder;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** In the demo's workshop one thing of each kind goes bad: no other build changes in a figure. */
class PoisonTest {
  private static Client owner;
  private static JdbcClient sql;

  @BeforeAll
  static void open() {
    owner = DemoYard.owner();
    sql = DemoYard.bean(JdbcClient.class);
    addWhatTheDemoHasNot();
  }

  private static void addWhatTheDemoHasNot() {
    String build = "night-pilotage";
    Instant then = Instant.parse("2026-03-02T09:00:00Z");
    owner.postPicture(build, "photo-1", Things.model(1)).expect(200);
    String ines = owner.get("/api/session").json().path("account").path("id").asString();
    Acceptance accepted = new Acceptance("acceptance-1", "some/finding", "ines", "as it is", then);
    ChangeOrder order =
        new ChangeOrder("order-1", List.of("wider"), 100, 60, 1, true, "the client", then);
    DemoYard.bean(ThingStore.class)
        .apply(ines, List.of(Write.create(build, accepted), Write.create(build, order)));
  }

  /** What each build's answer says, but for the clock. */
  private static Map<String, String> figures() {
    Map<String, String> figures = new TreeMap<>();
    JsonNode yard = owner.get("/api/yard").expect(200).json();
    for (JsonNode build : yard.path("builds")) {
      String id = build.path("id").asString();
      String text = owner.get("/api/builds/" + id).expect(200).text();
      figures.put(id, build + withoutClock(text));
    }
    return figures;
  }

  private static String withoutClock(String text) {
    return text.replaceAll("\"now\":\"[^\"]*\"", "")
        .replaceAll("\"revision\":\\d+", "")
        .replaceAll("\"versions\":\\{[^}]*}", "");
  }

  private record Place(String id, String build, String body) {
    /** The thing as a newer program would write it. */
    String fromTomorrow() {
      return body.replaceFirst("\\{", "{\"fromTomorrow\": 1, ");
    }
  }

  private static Optional<Place> one(ThingKind kind) {
    return sql.sql(
            """
            SELECT id, coalesce(build_id, ''), body FROM thing
            WHERE kind = ? AND (build_id IS NULL
              OR build_id IN (SELECT b.id FROM thing b WHERE b.kind = 'BRIEF'))
            ORDER BY id LIMIT 1
            """)
        .param(kind.name())
        .query((row, number) -> new Place(row.getString(1), row.getString(2), row.getString(3)))
        .optional();
  }

  static Stream<ThingKind> ofBuilds() {
    return Stream.of(ThingKind.values()).filter(ThingKind::ofBuild);
  }

  @ParameterizedTest
  @MethodSource("ofBuilds")
  void aThingOfABuildThatCannotBeReadHurtsNoOtherBuild(ThingKind kind) {
    Place place = one(kind).orElseThrow(() -> new AssertionError("the demo has no " + kind));
    Map<String, String> before = figures();
    Poison.put(sql, DemoYard.bean(ThingStore.class), kind, place.id(), place.fromTomorrow());
    JsonNode yard = owner.get("/api/yard").expect(200).json();
    JsonNode broken = yard.path("broken").get(0);
    assertEquals(place.build(), broken.path("id").asString());
    String sentence = broken.path("sentence").asString();
    assertTrue(sentence.contains("fromTomorrow") && sentence.contains("since ines"), sentence);
    Map<String, String> during = figures();
    before.forEach(
        (id, text) -> {
          if (!id.equals(place.build())) {
            assertEquals(text, during.get(id), id);
          }
        });
    assertFalse(during.containsKey(place.build()));
    for (String path : List.of("/api/bench", "/api/workshop", "/api/library")) {
      owner.get(path).expect(200);
    }
    owner.get("/api/builds/" + place.build()).expect(409);
    owner.get("/api/builds/" + place.build() + "/history").expect(200);
    owner.post("/api/builds/" + place.build() + "/mend", "").expect(200);
    assertEquals(before, figures());
  }

  static Stream<ThingKind> ofWorkshop() {
    return Stream.of(ThingKind.values())
        .filter(kind -> !kind.ofBuild() && kind != ThingKind.WORKSHOP)
        .filter(kind -> one(kind).isPresent());
  }

  @ParameterizedTest
  @MethodSource("ofWorkshop")
  void aThingOfTheWorkshopThatCannotBeReadIsLeftOutAndSaid(ThingKind kind) {
    Place place = one(kind).orElseThrow();
    Map<String, String> before = figures();
    Poison.put(sql, DemoYard.bean(ThingStore.class), kind, place.id(), place.fromTomorrow());
    JsonNode yard = owner.get("/api/yard").expect(200).json();
    String sentence = yard.path("leftOut").path(0).asString();
    assertTrue(sentence.contains("” of the " + kind.word() + " is left out: "), sentence);
    assertTrue(sentence.contains("fromTomorrow"), sentence);
    owner.get("/api/bench").expect(200);
    owner.get("/api/workshop").expect(200);
    Poison.put(sql, DemoYard.bean(ThingStore.class), kind, place.id(), place.body());
    assertEquals(0, owner.get("/api/yard").json().path("leftOut").size());
    assertEquals(before, figures());
  }
}
