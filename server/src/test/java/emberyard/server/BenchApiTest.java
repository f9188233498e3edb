package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.record.TimeEntry;
import emberyard.server.store.ThingStore;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * The bench over HTTP: whose day it is, acts that are sent twice or late, somebody who is quicker.
 */
class BenchApiTest extends OwnDemoTest {
  private static final String NIGHT = "/api/builds/night-pilotage";

  private JsonNode day(String person) {
    return demo.owner.get("/api/bench?person=" + person).expect(200).json();
  }

  private JsonNode card(String key) {
    return demo.owner.get(NIGHT + "/card?key=" + key.replace(":", "%3A")).expect(200).json();
  }

  private Client.Answer mark(String id, String key, Map<String, Object> more) {
    Map<String, Object> said = new HashMap<>(Map.of("id", id, "taskKey", key, "what", "DONE"));
    said.putAll(more);
    return demo.owner.post(NIGHT + "/marks", said);
  }

  /** A step of this build that can be done at once, with no check and nothing to open. */
  private String ready() {
    return build("night-pilotage")
        .path("tasks")
        .valueStream()
        .filter(task -> task.path("state").asString().equals("READY"))
        .filter(task -> !task.path("task").path("gate").asBoolean())
        .filter(task -> task.path("openBefore").isEmpty())
        .filter(task -> task.path("task").path("stage").asString().equals("MAKE"))
        .filter(task -> task.path("task").path("waitMinutes").asInt() == 0)
        .map(task -> task.path("task").path("key").asString())
        .findFirst()
        .orElseThrow();
  }

  @Test
  void theDayIsOfWhoeverIsSignedInOrOfSomebodyElse() {
    JsonNode mine = demo.owner.get("/api/bench").expect(200).json();
    assertEquals("ines", mine.path("personId").asString());
    assertFalse(mine.path("cards").isEmpty());
    assertEquals("bram", day("bram").path("personId").asString());
    assertEquals("ines", day("nobody").path("personId").asString());
    assertEquals(2, mine.path("others").size());
    JsonNode first = mine.path("cards").get(0);
    String key = first.path("task").path("task").path("key").asString();
    String path = "/api/builds/%s/card?key=%s".formatted(first.path("buildId").asString(), key);
    JsonNode again = demo.owner.get(path.replace("=part:", "=part%3A")).expect(200).json();
    assertEquals(first.path("hand"), again.path("hand"));
    demo.owner.get(NIGHT + "/card?key=no-such").expect(404);
  }

  @Test
  void anActThatIsSentTwiceIsDoneOnce() {
    String key = ready();
    mark("m1", key, Map.of("minutes", 10)).expect(200);
    mark("m1", key, Map.of("minutes", 10)).expect(200);
    long times =
        demo.owner
            .get(NIGHT)
            .expect(200)
            .json()
            .path("build")
            .path("times")
            .valueStream()
            .filter(time -> time.path("id").asString().startsWith("m1"))
            .count();
    assertEquals(1, times);
    Map<String, Object> start = Map.of("id", "t1", "taskKey", "manual:no-such");
    demo.owner.post(NIGHT + "/clock/start", start).expect(409);
    Map<String, Object> note = Map.of("id", "n1", "taskKey", key, "text", "smooth");
    demo.owner.post(NIGHT + "/notes", note).expect(200);
    demo.owner.post(NIGHT + "/notes", note).expect(200);
  }

  @Test
  void whoIsLaterIsToldWhoWasQuicker() {
    String key = ready();
    mark("m1", key, Map.of("doneBy", "lotte", "minutes", 25)).expect(200);
    String refusal = mark("m2", key, Map.of()).expect(409).json().path("title").asString();
    assertTrue(refusal.endsWith("is done already: Lotte Haas said so."), refusal);
    JsonNode time =
        build("night-pilotage")
            .path("build")
            .path("times")
            .valueStream()
            .filter(each -> each.path("id").asString().equals("m1-time"))
            .findFirst()
            .orElseThrow();
    assertEquals("lotte", time.path("personId").asString());
    assertEquals("ines", time.path("typedBy").asString());
  }

  /** Two tablets at once: one is told. */
  @Test
  void oneOfTwoThatPressAtTheSameMomentIsDone() throws Exception {
    String key = ready();
    ExecutorService hands = Executors.newFixedThreadPool(4);
    List<Callable<Integer>> presses =
        List.of("a", "b", "c", "d").stream()
            .<Callable<Integer>>map(id -> () -> mark(id, key, Map.of("minutes", 5)).status())
            .toList();
    int done = 0;
    for (Future<Integer> press : hands.invokeAll(presses)) {
      done += press.get() == 200 ? 1 : 0;
    }
    hands.shutdown();
    assertEquals(1, done);
  }

  @Test
  void whatWasDoneWhileTheServerWasAwayKeepsItsTime() {
    String key = ready();
    Instant now = demo.now();
    String began = now.minus(Duration.ofMinutes(40)).toString();
    String ended = now.minus(Duration.ofMinutes(15)).toString();
    Map<String, Object> start = Map.of("id", "t1", "taskKey", key, "at", began);
    demo.owner.post(NIGHT + "/clock/start", start).expect(200);
    demo.owner.post(NIGHT + "/clock/start", start).expect(200);
    demo.owner.post("/api/clock/stop", Map.of("id", "s1", "at", ended)).expect(200);
    assertEquals(25, time("t1").minutes(now));
    Map<String, Object> later = Map.of("id", "t2", "taskKey", key, "at", now.plusSeconds(900));
    demo.owner.post(NIGHT + "/clock/start", later).expect(200);
    assertEquals(now, time("t2").startedAt(), "nothing is done after now");
    demo.owner.post("/api/clock/stop", Map.of("id", "s2", "at", ended)).expect(200);
    assertEquals(null, time("t2").endedAt(), "what began later runs on");
    String old = now.minus(Duration.ofHours(17)).toString();
    mark("m1", key, Map.of("at", old)).expect(422);
  }

  private TimeEntry time(String id) {
    return demo.bean(ThingStore.class).get(TimeEntry.class, id).value();
  }

  /** Nobody worked all night: what was forgotten ends as guessed, or as is said. */
  @Test
  void aForgottenClockIsStoppedAsSaidOrGuessed() {
    String forgotten = "moss-archive-time-forgotten";
    Instant began = time(forgotten).startedAt();
    String path = "/api/builds/moss-archive/clock/forgotten";
    Map<String, Object> before = Map.of("entryId", forgotten, "endedAt", began.minusSeconds(60));
    demo.owner.post(path, before).expect(422);
    Map<String, Object> future =
        Map.of("entryId", forgotten, "endedAt", demo.now().plusSeconds(600));
    demo.owner.post(path, future).expect(422);
    Map<String, Object> said =
        Map.of("entryId", forgotten, "endedAt", began.plus(Duration.ofMinutes(25)));
    demo.owner.post(NIGHT + "/clock/forgotten", said).expect(404);
    demo.owner.post(path, said).expect(200);
    assertEquals(25, time(forgotten).minutes(demo.now()));
    assertEquals("ines", time(forgotten).typedBy());
    demo.owner.post(path, said).expect(409);
    String key = ready();
    demo.owner.post(NIGHT + "/clock/start", Map.of("id", "t1", "taskKey", key)).expect(200);
    demo.goesOn(Duration.ofDays(1));
    JsonNode asked = demo.owner.get("/api/bench").expect(200).json().path("forgotten").get(0);
    assertEquals("t1", asked.path("entry").path("id").asString());
    demo.owner.post("/api/clock/stop", Map.of("id", "s1")).expect(200);
    assertTrue(time("t1").minutes(demo.now()) < 480, "the night is not counted");
    assertTrue(time("t1").why().contains("guessed"));
  }

  @Test
  void workDoneInPartKeepsWhatIsLeft() {
    String key = ready();
    Map<String, Object> partly = Map.of("what", "PARTLY", "note", "one side", "minutes", 9);
    mark("m1", key, partly).expect(422);
    Map<String, Object> left = new HashMap<>(partly);
    left.put("leftMinutes", 17);
    mark("m2", key, left).expect(200);
    assertEquals(17, card(key).path("task").path("remainingMinutes").asInt());
    mark("m3", key, Map.of("minutes", 5)).expect(200);
    assertEquals("DONE", card(key).path("task").path("state").asString());
  }

  @Test
  void aCautionThatWasReadIsALineForTheDay() {
    String key = cut();
    assertTrue(card(key).path("heeded").isEmpty());
    Map<String, Object> read = Map.of("id", "h1", "cautions", List.of("LASER"));
    demo.owner.post(NIGHT + "/heeded", read).expect(200);
    demo.owner.post(NIGHT + "/heeded", read).expect(200);
    assertEquals("[\"LASER\"]", card(key).path("heeded").toString());
    demo.goesOn(Duration.ofDays(1));
    assertTrue(card(key).path("heeded").isEmpty(), "tomorrow it is read again");
  }

  private String cut() {
    return build("night-pilotage")
        .path("tasks")
        .valueStream()
        .filter(task -> task.path("task").path("cautions").toString().contains("LASER"))
        .map(task -> task.path("task").path("key").asString())
        .findFirst()
        .orElseThrow();
  }

  @Test
  void anyCardIsFoundByItsWords() {
    JsonNode found = demo.owner.get("/api/cards?words=screen%20bracket").expect(200).json();
    assertFalse(found.isEmpty());
    for (JsonNode each : found) {
      assertTrue(each.path("title").asString().toLowerCase().contains("screen bracket"));
    }
    assertTrue(demo.owner.get("/api/cards?words=s").expect(200).json().isEmpty());
  }
}
