package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.kind.ThingKind;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What nobody means is refused at its field, and never takes a screen down. */
@ExtendWith(TestYard.class)
class OddInputTest {
  private static String pointer(JsonNode problem) {
    return problem.path("errors").path(0).path("pointer").asString("");
  }

  @ParameterizedTest
  @ValueSource(strings = {"size=99999999999999999999", "size=x", "size=1.5"})
  void aNumberInTheAddressIsNamedWhereItCannotBeRead(String query) {
    Client owner = TestYard.owner();
    owner.begin("odd-q");
    JsonNode problem = owner.get("/api/builds/odd-q/history?" + query).expect(422).json();
    assertEquals("#/size", pointer(problem));
  }

  @ParameterizedTest
  @ValueSource(strings = {"1e400", "1e999999999", "-1e400", "\"wide\"", "null", "true", "{}"})
  void aNumberOfABodyIsNamedWhereItCannotBeRead(String width) {
    Client owner = TestYard.owner();
    owner.begin("odd-n");
    ObjectNode panel = JsonMapper.shared().valueToTree(Things.panel("odd-n-p", 300));
    String body = panel.toString().replace("\"widthMm\":300.0", "\"widthMm\":" + width);
    assertTrue(body.contains("\"widthMm\":" + width), body);
    JsonNode problem = owner.put("/api/builds/odd-n/panels/odd-n-p", body, null).expect(422).json();
    assertEquals("#/widthMm", pointer(problem));
    assertEquals(0, owner.get("/api/builds/odd-n").json().path("build").path("panels").size());
  }

  @ParameterizedTest
  @ValueSource(strings = {"2.5", "0.45", "-1e-3"})
  void aFractionOfACountIsRefusedAndNotCutOff(String quantity) {
    Client owner = TestYard.owner();
    owner.begin("odd-f");
    ObjectNode panel = JsonMapper.shared().valueToTree(Things.panel("odd-f-p", 300));
    String body =
        panel.put("quantity", 7).toString().replace("\"quantity\":7", "\"quantity\":" + quantity);
    JsonNode problem = owner.put("/api/builds/odd-f/panels/odd-f-p", body, null).expect(422).json();
    assertEquals("#/quantity", pointer(problem));
    assertTrue(problem.path("title").asString("").contains("whole number"), problem.toString());
  }

  /** A value that passes the door and can't be worked with hurts its own build only. */
  @Test
  void aBuildThatCannotBeWorkedOutHurtsNoOther(Client owner) {
    owner.begin("odd-bad");
    owner.begin("odd-ok");
    for (String agreed : List.of("odd-bad", "odd-ok")) {
      owner
          .post(
              "/api/builds/" + agreed + "/marks",
              Map.of("id", "agreed-" + agreed, "taskKey", "brief/agree", "what", "DONE"))
          .expect(200);
    }
    owner
        .put("/api/builds/odd-ok/panels/odd-ok-p", Things.panel("odd-ok-p", 300), null)
        .expect(200);
    ObjectNode many = JsonMapper.shared().valueToTree(Things.panel("odd-bad-p", 300));
    owner.put("/api/builds/odd-bad/panels/odd-bad-p", many.put("quantity", 90), null).expect(200);
    String finish = finish(owner);
    String figures = owner.get("/api/builds/odd-ok").expect(200).json().path("parts").toString();
    JsonNode view = owner.get("/api/builds/odd-bad").expect(200).json();
    ObjectNode brief = (ObjectNode) view.path("build").path("brief");
    brief.put("revealOn", "+999999999-12-31").put("client", "the end of days");
    TestYard.pastTheDoor(ThingKind.BRIEF, "odd-bad", brief.toString());
    JsonNode yard = owner.get("/api/yard").expect(200).json();
    JsonNode broken = yard.path("broken").get(0);
    assertEquals("odd-bad", broken.path("id").asString());
    assertTrue(broken.path("mendable").asBoolean(), broken.toString());
    String sentence = broken.path("sentence").asString();
    assertTrue(sentence.contains("since ines changed “Build odd-bad”"), sentence);
    assertTrue(
        yard.path("builds")
            .valueStream()
            .noneMatch(b -> b.path("id").asString().equals("odd-bad")));
    assertEquals(figures, owner.get("/api/builds/odd-ok").json().path("parts").toString());
    assertEquals(finish, finish(owner), "what is broken holds its people as before");
    owner.get("/api/builds/odd-bad").expect(409);
    owner.get("/api/builds/odd-bad/history").expect(200);
    owner.post("/api/builds/odd-bad/mend", "").expect(200);
    JsonNode mended = owner.get("/api/builds/odd-bad").expect(200).json();
    assertTrue(mended.path("build").path("brief").path("revealOn").isNull());
    assertEquals(1, mended.path("build").path("panels").size());
    owner.post("/api/builds/odd-bad/mend", "").expect(409);
    assertEquals(finish, finish(owner));
    owner.delete("/api/builds/odd-bad").expect(200);
    assertNotEquals(finish, finish(owner), "without it the other is ready earlier");
  }

  @ParameterizedTest
  @ValueSource(strings = {"+999999999-12-31", "1969-12-31", "2201-01-01", "-0044-03-15"})
  void aDayOutOfAllBoundsIsRefusedAtItsField(String day) {
    Client owner = TestYard.owner();
    owner.begin("odd-d");
    JsonNode view = owner.get("/api/builds/odd-d").expect(200).json();
    ObjectNode brief = (ObjectNode) view.path("build").path("brief");
    long version = view.path("versions").path("briefs/odd-d").asLong();
    brief.put("revealOn", day);
    JsonNode problem =
        owner.put("/api/builds/odd-d/briefs/odd-d", brief, version).expect(422).json();
    assertEquals("#/revealOn", pointer(problem));
    assertEquals("Days lie between 1 Jan 1970 and 31 Dec 2200.", problem.path("title").asString());
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 7, 0x1B, 0x7F, 0x85, 0xFFFE, 0xFFFF})
  void aCharacterNobodyCanPrintIsRefusedAtItsField(int point) {
    Client owner = TestYard.owner();
    owner.begin("odd-c");
    ObjectNode panel = JsonMapper.shared().valueToTree(Things.panel("odd-c-p", 300));
    panel.put("name", "Left" + Character.toString(point) + "window");
    JsonNode problem =
        owner.put("/api/builds/odd-c/panels/odd-c-p", panel, null).expect(422).json();
    assertEquals("#/name", pointer(problem));
    panel.put("name", "Left\twindow,\nénorme 窓 🪟");
    owner.put("/api/builds/odd-c/panels/odd-c-p", panel, null).expect(200);
    owner.delete("/api/builds/odd-c/panels/odd-c-p").expect(200);
  }

  private static String finish(Client owner) {
    return owner
        .get("/api/yard")
        .expect(200)
        .json()
        .path("builds")
        .valueStream()
        .filter(build -> build.path("id").asString().equals("odd-ok"))
        .findFirst()
        .orElseThrow()
        .path("fuse")
        .path("finish")
        .asString();
  }

  @Test
  void theYardStillAnswers(Client owner) {
    owner.get("/api/yard").expect(200);
  }
}
