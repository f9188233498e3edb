package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.server.store.ThingStore;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whatever was changed, refused, taken back or came with time, in any order: what is read over HTTP
 * is, byte by byte, what is derived from nothing of what lies on the disk.
 */
class AgainFromNothingTest {
  private static final boolean LONG = Boolean.getBoolean("ember.long");
  private static final int STEPS = LONG ? 75 : 20;
  private static final int STARTS = LONG ? 6 : 2;
  private static final int SEQUENCES = LONG ? 20 : 8;
  private static final int STEPS_IN_SEQUENCE = 4;
  private static final List<String> SMALL = List.of("line-9-depot", "paper-kite");
  private static final Instant DEMO_BEGINS = Instant.parse("2026-03-03T09:05:00Z");
  private static final Duration WEEK = Duration.ofDays(7);

  /** Saturday noon; in the night clocks go on. */
  private static final Instant BEFORE_SUMMER_TIME = Instant.parse("2026-03-28T11:00:00Z");

  /** A minute, an hour, a night, a weekend, and over the hour that is left out in spring. */
  private static final List<Duration> TICKS =
      List.of(
          Duration.ofMinutes(3),
          Duration.ofHours(1),
          Duration.ofHours(15),
          Duration.ofHours(63),
          Duration.ofDays(9));

  /** Kinds that people type, with numbers in them. */
  private static final List<String> KINDS =
      List.of("components", "panels", "items", "orders", "manual-tasks", "strips", "schemes");

  @TempDir Path folder;
  private final Random random = new Random(4);
  private final Map<String, Integer> done = new TreeMap<>();

  private static Map<String, String> shown(Client owner, Window window) {
    Map<String, String> shown = new TreeMap<>();
    JsonNode yard = owner.get("/api/yard").expect(200).json();
    shown.put("yard", yard.toString());
    for (JsonNode build : yard.path("builds")) {
      String id = build.path("id").asString();
      window.look(owner, id).forEach((section, text) -> shown.put(id + " " + section, text));
    }
    return shown;
  }

  private void step(OwnDemo demo) {
    List<String> ids = new ArrayList<>();
    demo.owner
        .get("/api/yard")
        .json()
        .path("builds")
        .forEach(build -> ids.add(build.path("id").asString()));
    String build = ids.get(random.nextInt(ids.size()));
    switch (random.nextInt(8)) {
      case 0 -> told("undo", demo.owner.post("/api/undo?place=" + build, "").status());
      case 1 -> told("redo", demo.owner.post("/api/redo?place=" + build, "").status());
      case 2 -> {
        demo.goesOn(TICKS.get(random.nextInt(TICKS.size())));
        told("time", 200);
      }
      case 3 -> told("refused", edited(demo.owner, build, -1_000_000));
      default -> told("edit", edited(demo.owner, build, random.nextInt(1_000)));
    }
  }

  private void told(String what, int status) {
    done.merge(what + " " + status / 100, 1, Integer::sum);
  }

  /** Other numbers in one thing; below 0 what nothing can be. */
  private int edited(Client owner, String build, int seed) {
    String kind = KINDS.get(random.nextInt(KINDS.size()));
    List<JsonNode> those =
        owner
            .get("/api/builds/" + build + "/export")
            .json()
            .path("things")
            .valueStream()
            .filter(thing -> thing.path("kind").asString().equals(kind))
            .toList();
    if (those.isEmpty()) {
      return 200;
    }
    JsonNode thing = those.get(random.nextInt(those.size())).path("value");
    ObjectNode changed = BenchFiles.varied(thing, seed);
    if (seed < 0) {
      changed.put("name", "x".repeat(5_000)).put("leadDays", -9).put("widthMm", -5);
    }
    String path = "/api/builds/%s/%s/%s".formatted(build, kind, thing.path("id").asString());
    long version =
        owner
            .get("/api/builds/" + build)
            .json()
            .path("versions")
            .path(kind + "/" + thing.path("id").asString())
            .asLong();
    return owner.put(path, changed.toString(), version).status();
  }

  private static void assertSame(String anew, String shown, String when) {
    int at = 0;
    while (at < Math.min(anew.length(), shown.length()) && anew.charAt(at) == shown.charAt(at)) {
      at++;
    }
    assertEquals(around(anew, at), around(shown, at), when);
  }

  private static String around(String text, int at) {
    return text.substring(Math.max(0, at - 200), Math.min(text.length(), at + 100));
  }

  /** Edits, and after each what a window holds against one that was opened just now. */
  private void walk(OwnDemo demo, Window window, int steps) {
    for (int step = 0; step < steps; step++) {
      step(demo);
      Map<String, String> after = shown(demo.owner, window);
      demo.bean(ThingStore.class).readAnew();
      Map<String, String> anew = shown(demo.owner, new Window());
      for (String place : anew.keySet()) {
        assertSame(anew.get(place), after.get(place), place + ", step " + step + " " + done);
      }
      assertEquals(anew.keySet(), after.keySet());
    }
  }

  private void assertWalked(int steps, Window window) {
    assertTrue(done.getOrDefault("edit 2", 0) > steps / 4, done.toString());
    assertTrue(done.containsKey("refused 4"), done.toString());
    assertTrue(done.containsKey("time 2"), done.toString());
    assertTrue(window.kept > 2 * window.came, window.kept + " held, " + window.came + " came");
    assertTrue(window.changed > 10, window.changed + " sections came in part");
  }

  @Test
  void theFiveBuildsOfTheDemo() throws Exception {
    Window window = new Window();
    try (OwnDemo demo = new OwnDemo(folder, UnaryOperator.identity())) {
      walk(demo, window, STEPS);
    }
    assertWalked(STEPS, window);
  }

  /** The clock goes over the hour that is left out in spring; the program is started anew. */
  @Test
  void aYardOfTwoInManySequences() throws Exception {
    Window window = new Window();
    for (int start = 0; start < STARTS; start++) {
      try (OwnDemo demo = new OwnDemo(folder, UnaryOperator.identity())) {
        if (start == 0) {
          demo.goesOn(Duration.between(DEMO_BEGINS, BEFORE_SUMMER_TIME));
          onlyTwo(demo.owner);
        } else {
          demo.goesOn(
              Duration.between(DEMO_BEGINS, BEFORE_SUMMER_TIME.plus(WEEK.multipliedBy(start))));
        }
        for (int sequence = 0; sequence < SEQUENCES; sequence++) {
          walk(demo, window, STEPS_IN_SEQUENCE);
        }
      }
    }
    assertWalked(STARTS * SEQUENCES * STEPS_IN_SEQUENCE, window);
  }

  private static void onlyTwo(Client owner) {
    owner
        .get("/api/yard")
        .json()
        .path("builds")
        .valueStream()
        .map(build -> build.path("id").asString())
        .filter(id -> !SMALL.contains(id))
        .forEach(id -> owner.delete("/api/builds/" + id).expect(200));
  }
}
