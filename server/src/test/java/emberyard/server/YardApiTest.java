package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The home screen and the workshop are not written or sent again while they are as they were. */
class YardApiTest {
  private static final String PILOTAGE = "night-pilotage";

  private static JsonNode yard(Client client) {
    return client.get("/api/yard").expect(200).json();
  }

  private static JsonNode row(JsonNode yard, String id) {
    return yard.path("builds")
        .valueStream()
        .filter(each -> each.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void rowsSayWhatTheirBuildsSay() {
    Client owner = DemoYard.owner();
    JsonNode yard = yard(owner);
    assertEquals(yard.path("total").asInt(), yard.path("builds").size());
    for (JsonNode row : yard.path("builds")) {
      JsonNode build = owner.get("/api/builds/" + row.path("id").asString()).json();
      assertEquals(build.path("fuse"), row.path("fuse"));
      assertEquals(build.path("next"), row.path("next"));
      assertEquals(build.path("budget").path("earnedPerHourMinor"), row.path("earnedPerHourMinor"));
      assertEquals(build.path("build").path("brief").path("client"), row.path("client"));
    }
    JsonNode second = owner.get("/api/yard?page=1&size=2").expect(200).json().path("builds");
    assertEquals(yard.path("builds").get(2), second.get(0));
    assertEquals(2, second.size());
    owner.get("/api/yard?size=0").expect(422);
  }

  @Test
  void aHelperSeesNoMoneyThereBeforeAndAfterTheOwnerLooked() {
    for (int turn = 0; turn < 2; turn++) {
      JsonNode helpers = row(yard(DemoYard.signedIn("lotte")), PILOTAGE);
      JsonNode owners = row(yard(DemoYard.owner()), PILOTAGE);
      assertEquals(owners.path("name"), helpers.path("name"));
      assertNotEquals(0, owners.path("earnedPerHourMinor").asLong());
      assertEquals(0, helpers.path("earnedPerHourMinor").asLong());
    }
  }

  @Test
  void aNameIsInTheRowAtOnceAndWithUndoTheOldOne(@TempDir Path folder) throws Exception {
    try (OwnDemo demo = new OwnDemo(folder, UnaryOperator.identity())) {
      JsonNode before = row(yard(demo.owner), PILOTAGE);
      JsonNode view = demo.owner.get("/api/builds/" + PILOTAGE).json();
      ObjectNode brief =
          ((ObjectNode) view.path("build").path("brief")).put("name", "Day Pilotage");
      long version = view.path("versions").path("briefs/" + PILOTAGE).asLong();
      String path = "/api/builds/%s/briefs/%s".formatted(PILOTAGE, PILOTAGE);
      demo.owner.put(path, brief.toString(), version).expect(200);
      assertEquals("Day Pilotage", row(yard(demo.owner), PILOTAGE).path("name").asString());
      demo.owner.post("/api/undo?place=" + PILOTAGE, Map.of()).expect(200);
      assertEquals(before, row(yard(demo.owner), PILOTAGE));
    }
  }

  @Test
  void theWorkshopIsNotSentToWhoHasIt(@TempDir Path folder) throws Exception {
    try (OwnDemo demo = new OwnDemo(folder, UnaryOperator.identity())) {
      Client.Answer first = demo.owner.get("/api/workshop").expect(200);
      Map<String, String> having = Map.of("If-None-Match", first.header("ETag"));
      assertEquals("", demo.owner.send("GET", "/api/workshop", null, having).expect(304).text());
      // what is written in a build leaves it as it is
      Map<String, String> note = Map.of("id", "n1", "taskKey", "x", "text", "It smelt of tar");
      demo.owner.post("/api/builds/" + PILOTAGE + "/notes", note).expect(200);
      demo.owner.send("GET", "/api/workshop", null, having).expect(304);
      ObjectNode workshop = (ObjectNode) first.json().path("book").path("workshop");
      String id = workshop.path("id").asString();
      long version = first.json().path("versions").path("workshops/" + id).asLong();
      workshop.put("name", "Another yard");
      String path = "/api/workshop/workshops/" + id;
      demo.owner.put(path, workshop.toString(), version).expect(200);
      Client.Answer after = demo.owner.send("GET", "/api/workshop", null, having).expect(200);
      assertNotEquals(first.header("ETag"), after.header("ETag"));
      assertTrue(after.text().contains("Another yard"));
    }
  }

  @Test
  void aHelpersWorkshopIsNotTheOwners() {
    String owners = DemoYard.owner().get("/api/workshop").expect(200).header("ETag");
    Map<String, String> having = Map.of("If-None-Match", owners);
    Client helper = DemoYard.signedIn("lotte");
    JsonNode book =
        helper.send("GET", "/api/workshop", null, having).expect(200).json().path("book");
    for (JsonNode person : book.path("people")) {
      assertEquals(0, person.path("rateMinor").asLong());
    }
  }
}
