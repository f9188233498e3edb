package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(TestYard.class)
class WorkshopApiTest {
  private static JsonNode workshop(Client owner) {
    return owner.get("/api/workshop").expect(200).json();
  }

  private static long version(Client owner, String key) {
    return workshop(owner).path("versions").path(key).asLong();
  }

  @Test
  void aDefaultThatIsChangedChangesWhatIsDerived(Client owner) {
    owner.begin("defaults");
    owner.put("/api/builds/defaults/panels/dp", Things.panel("dp", 200), null).expect(200);
    int before = minutes(owner);
    ObjectNode settings = (ObjectNode) workshop(owner).path("book").path("workshop");
    ((ObjectNode) settings.path("times")).put("cutSetUpMinutes", 45);
    owner
        .put("/api/workshop/workshops/workshop", settings, version(owner, "workshops/workshop"))
        .expect(200);
    assertEquals(before + 30, minutes(owner));
    owner.post("/api/undo", "{}").expect(200);
    assertEquals(before, minutes(owner));
  }

  @Test
  void stockOnTheShelfNeedNotBeBought(Client owner) {
    owner.begin("shelf");
    owner.put("/api/builds/shelf/panels/sp", Things.panel("sp", 300), null).expect(200);
    ObjectNode sheet = null;
    for (JsonNode each : workshop(owner).path("book").path("sheets")) {
      sheet = each.path("id").asString().equals("acrylic-clear-3") ? (ObjectNode) each : sheet;
    }
    sheet.put("onHandSheets", 50);
    String path = "/api/workshop/sheets/acrylic-clear-3";
    owner.put(path, sheet, version(owner, "sheets/acrylic-clear-3")).expect(200);
    JsonNode need = owner.get("/api/builds/shelf").json().path("needs").get(0);
    assertEquals("IN_STOCK", need.path("state").asString());
    owner.post("/api/undo", "{}").expect(200);
    assertNotEquals(
        "IN_STOCK",
        owner.get("/api/builds/shelf").json().path("needs").get(0).path("state").asString());
  }

  @Test
  void settingsThatCannotBeAreRefusedAtTheirField(Client owner) {
    ObjectNode settings = (ObjectNode) workshop(owner).path("book").path("workshop");
    long version = version(owner, "workshops/workshop");
    settings.put("currency", "GOLD");
    assertEquals("#/currency", pointer(owner, settings, version));
    settings.put("currency", "EUR");
    ((ObjectNode) settings.path("room")).put("humidityPercent", 0);
    assertEquals("#/room/humidityPercent", pointer(owner, settings, version));
  }

  @Test
  void aMarkThatIsBothIsRefusedAtItsFieldAndNoOther(Client owner) {
    var book = owner.get("/api/workshop").json();
    var settings = (ObjectNode) book.path("book").path("workshop");
    ((ObjectNode) settings.path("writing")).put("decimal", "COMMA").put("group", "COMMA");
    long version = book.path("versions").path("workshops/workshop").asLong();
    var refused =
        owner.put("/api/workshop/workshops/workshop", settings, version).expect(422).json();
    assertEquals("#/writing/group", refused.at("/errors/0/pointer").asString());
  }

  @Test
  void everyCautionSaysWhatAndWhy(Client owner) {
    JsonNode cautions = workshop(owner).path("cautions");
    assertTrue(cautions.size() >= 10);
    for (JsonNode caution : cautions) {
      assertTrue(caution.path("says").asString().length() > 20, caution.toString());
      assertTrue(caution.path("why").asString().length() > 10, caution.toString());
    }
  }

  private static String pointer(Client owner, ObjectNode settings, long version) {
    return owner
        .put("/api/workshop/workshops/workshop", settings.toString(), version)
        .expect(422)
        .json()
        .path("errors")
        .get(0)
        .path("pointer")
        .asString();
  }

  private static int minutes(Client owner) {
    for (JsonNode task : owner.get("/api/builds/defaults").json().path("tasks")) {
      if (task.path("task").path("key").asString().equals("part:dp/cut")) {
        return task.path("task").path("handsOnMinutes").asInt();
      }
    }
    throw new AssertionError("the panel has no cut");
  }
}
