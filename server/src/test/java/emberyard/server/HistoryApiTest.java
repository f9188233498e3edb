package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestYard.class)
class HistoryApiTest {
  private static JsonNode steps(Client client, String build) {
    return client.get("/api/builds/" + build + "/history").expect(200).json().path("steps");
  }

  private static double width(Client owner, String build) {
    return owner
        .get("/api/builds/" + build)
        .json()
        .path("build")
        .path("panels")
        .get(0)
        .path("widthMm")
        .asDouble();
  }

  /** Puts a part of this width; something else in between keeps the two steps apart. */
  private static void widen(Client owner, String build, double widthMm) {
    Drawn.put(owner, build, "panels", build + "-p", Things.panel(build + "-p", widthMm));
    Drawn.put(
        owner,
        build,
        "remarks",
        build + "-r" + (int) widthMm,
        Map.of("id", build + "-r" + (int) widthMm, "text", "said"));
  }

  @Test
  void everyChangeIsKeptWithWhoAndWhat(Client owner) {
    owner.begin("hw");
    widen(owner, "hw", 400);
    widen(owner, "hw", 420);
    JsonNode steps = steps(owner, "hw");
    assertEquals("remarks", steps.get(0).path("kind").asString());
    assertEquals("ines", steps.get(1).path("by").asString());
    assertEquals("panels", steps.get(1).path("kind").asString());
    assertEquals("Left window", steps.get(1).path("name").asString());
    assertEquals("[\"width 400 → 420 mm\"]", steps.get(1).path("words").toString());
    assertEquals("added", steps.get(3).path("what").asString());
  }

  @Test
  void aMarkIsCalledByTheTitleOfItsTask(Client owner) {
    owner.begin("ht");
    widen(owner, "ht", 400);
    owner
        .post(
            "/api/builds/ht/marks",
            Map.of("id", "ht-m", "taskKey", "part:ht-p/cut", "what", "DONE", "minutes", 9))
        .expect(200);
    JsonNode mark =
        steps(owner, "ht")
            .valueStream()
            .filter(step -> step.path("kind").asString().equals("marks"))
            .findFirst()
            .orElseThrow();
    assertEquals("Cut Left window", mark.path("name").asString());
  }

  @Test
  void anyEarlierStateComesBackAndThatIsAChangeToo(Client owner) {
    owner.begin("hr");
    widen(owner, "hr", 400);
    widen(owner, "hr", 420);
    widen(owner, "hr", 440);
    long first = steps(owner, "hr").get(5).path("seq").asLong();
    owner.post("/api/builds/hr/history/" + first + "/restore?state=after", "").expect(200);
    assertEquals(400, width(owner, "hr"));
    owner.post("/api/undo?place=hr", "").expect(200);
    assertEquals(440, width(owner, "hr"));
    owner.delete("/api/builds/hr/panels/hr-p").expect(200);
    long removed = steps(owner, "hr").get(0).path("seq").asLong();
    owner.post("/api/builds/hr/history/" + removed + "/restore", "").expect(200);
    assertEquals(440, width(owner, "hr"), "what was taken out is back");
    owner.post("/api/builds/hr/history/" + first + "/restore?state=before", "").expect(200);
    assertEquals(0, owner.get("/api/builds/hr").json().path("build").path("panels").size());
  }

  @Test
  void aBuildHasOnlyItsOwnHistory(Client owner) {
    owner.begin("h1").begin("h2");
    widen(owner, "h1", 400);
    long step = steps(owner, "h1").get(0).path("seq").asLong();
    owner.post("/api/builds/h2/history/" + step + "/restore", "").expect(404);
    assertFalse(steps(owner, "h2").toString().contains("h1-p"));
  }

  @Test
  void helpersReadTheHistoryWithoutAmountsAndBringNoneBack(Client owner) {
    owner.begin("hh");
    Drawn.put(owner, "hh", "components", "hh-c", Things.component("hh-c", "Board", 17_900));
    widen(owner, "hh", 300);
    Drawn.put(owner, "hh", "components", "hh-c", Things.component("hh-c", "Board", 18_800));
    Client helper = TestYard.helper();
    JsonNode told = steps(helper, "hh");
    assertEquals("[\"price changed\"]", told.get(0).path("words").toString());
    assertTrue(steps(owner, "hh").get(0).path("words").toString().contains("179.00"));
    long step = told.get(0).path("seq").asLong();
    helper.post("/api/builds/hh/history/" + step + "/restore", Map.of()).expect(404);
  }

  @Test
  void olderPagesFollowTheNewest(Client owner) {
    owner.begin("hp");
    for (int i = 0; i < 5; i++) {
      String id = "hp-" + i;
      owner.put("/api/builds/hp/panels/" + id, Things.panel(id, 100 + i), null).expect(200);
    }
    JsonNode page = owner.get("/api/builds/hp/history?size=2").json().path("steps");
    assertEquals(2, page.size());
    long last = page.get(1).path("seq").asLong();
    JsonNode next = owner.get("/api/builds/hp/history?size=2&before=" + last).json().path("steps");
    assertTrue(next.get(0).path("seq").asLong() < last);
    owner.get("/api/builds/hp/history?size=0").expect(422);
  }

  /** What is kept under a key is called by its title, in every build of the demo. */
  @ParameterizedTest
  @ValueSource(strings = {"night-pilotage", "moss-archive", "line-9-depot", "paper-kite"})
  void nothingIsCalledByItsKey(String build) {
    JsonNode steps =
        DemoYard.owner()
            .get("/api/builds/" + build + "/history?size=200")
            .expect(200)
            .json()
            .path("steps");
    List<String> raw =
        steps
            .valueStream()
            .map(step -> step.path("name").asString())
            .filter(
                name -> name.matches("[a-z-]+[:/][a-z0-9-]+.*") || name.matches("[A-Z]+_[A-Z]+"))
            .toList();
    assertEquals(List.of(), raw);
    assertTrue(steps.size() > 20);
  }
}
