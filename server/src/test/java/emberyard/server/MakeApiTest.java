package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Parts on sheets, cut by the simulated laser, and their files. */
@ExtendWith(TestYard.class)
class MakeApiTest {
  static Map<String, Object> panel(String id, double w, double h, String sheet) {
    Map<String, Object> panel = new HashMap<>();
    panel.put("id", id);
    panel.put("name", "Plate " + id);
    panel.put("face", "FRONT");
    panel.put("sheetId", sheet);
    panel.put("widthMm", w);
    panel.put("heightMm", h);
    panel.put("quantity", 1);
    panel.put("cutMethod", "LASER");
    panel.put("outsidePriceMinor", 0);
    return panel;
  }

  static void put(Client owner, String build, Map<String, Object> panel) {
    owner.put("/api/builds/" + build + "/panels/" + panel.get("id"), panel, null).expect(200);
  }

  static JsonNode view(Client owner, String build) {
    return owner.get("/api/builds/" + build).expect(200).json();
  }

  /** Searches briefly and keeps what was found. */
  static void layOut(Client owner, String build, String run, String sheet) throws Exception {
    String runs = "/api/builds/" + build + "/nest-runs";
    owner
        .post(runs, Map.of("id", run, "sheetId", sheet, "seconds", 0.3, "rotation", "QUARTERS"))
        .expect(200);
    JsonNode progress = owner.get(runs + "/" + run).expect(200).json();
    while (!progress.path("over").asBoolean()) {
      Thread.sleep(50);
      progress = owner.get(runs + "/" + run).expect(200).json();
    }
    assertEquals("", progress.path("problem").asString());
    owner.post(runs + "/" + run + "/keep", Map.of()).expect(200);
  }

  /** The first sheet that is laid out. */
  private static String layoutId(Client owner, String build) {
    JsonNode first = view(owner, build).path("make").path("layouts").path(0);
    return first.path("layout").path("id").asString();
  }

  static JsonNode task(JsonNode view, String key) {
    return StreamSupport.stream(view.path("tasks").spliterator(), false)
        .filter(t -> t.path("task").path("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode need(JsonNode view, String key) {
    return StreamSupport.stream(view.path("needs").spliterator(), false)
        .filter(n -> n.path("need").path("key").asString().equals(key))
        .findFirst()
        .orElse(null);
  }

  private static void cut(Client owner, String build, String layout) throws Exception {
    owner.post("/api/builds/" + build + "/layouts/" + layout + "/cut", Map.of()).expect(200);
    JsonNode laser = owner.get("/api/laser").expect(200).json();
    while (!laser.path("recorded").asBoolean()) {
      Thread.sleep(50);
      laser = owner.get("/api/laser").expect(200).json();
    }
  }

  @Test
  void aJobUsesTheOffcutAndMovesThePlan(Client owner) throws Exception {
    owner.begin("make-1");
    put(owner, "make-1", panel("m1a", 90, 60, "acrylic-green-3"));
    put(owner, "make-1", panel("m1b", 70, 50, "acrylic-green-3"));
    assertEquals(
        1,
        need(view(owner, "make-1"), "sheet:acrylic-green-3")
            .path("need")
            .path("quantity")
            .asDouble());
    Map<String, Object> offcut =
        Map.of(
            "id",
            "rest-1",
            "name",
            "Green rest",
            "sheetId",
            "acrylic-green-3",
            "path",
            "M0 0L300 0L300 200L0 200Z",
            "place",
            "Rack",
            "sha256",
            "",
            "fromBuildId",
            "");
    owner.put("/api/workshop/offcuts/rest-1", offcut, null).expect(200);
    layOut(owner, "make-1", "run-1", "acrylic-green-3");
    JsonNode laid = view(owner, "make-1").path("make").path("layouts").path(0);
    assertEquals("rest-1", laid.path("layout").path("offcutId").asString());
    assertEquals(2, laid.path("pieces").size());
    assertEquals(0, laid.path("pieces").path(0).path("collides").asBoolean() ? 1 : 0);
    assertEquals(null, need(view(owner, "make-1"), "sheet:acrylic-green-3"), "no sheet to buy");
    assertTrue(laid.path("time").path("totalSeconds").asDouble() > 20);

    cut(owner, "make-1", laid.path("layout").path("id").asString());
    JsonNode after = view(owner, "make-1");
    JsonNode layout = after.path("make").path("layouts").path(0).path("layout");
    assertEquals("CUT", layout.path("state").asString());
    assertEquals("DONE", layout.path("pieces").path(0).path("state").asString());
    assertFalse(task(after, "part:m1a/cut").path("doneAt").isNull(), "the plan moved");
    assertTrue(task(after, "part:m1a/cut").path("log").path("loggedMinutes").asInt() >= 1, "hours");
    JsonNode offcuts = owner.get("/api/workshop").json().path("book").path("offcuts");
    assertTrue(
        StreamSupport.stream(offcuts.spliterator(), false)
            .noneMatch(o -> o.path("id").asString().equals("rest-1")));
    assertTrue(
        StreamSupport.stream(offcuts.spliterator(), false)
            .anyMatch(o -> o.path("fromBuildId").asString().equals("make-1")));

    // a changed part says what is scrap now
    Map<String, Object> wider = panel("m1a", 95, 60, "acrylic-green-3");
    Long version = after.path("versions").path("panels/m1a").asLong();
    owner.put("/api/builds/make-1/panels/m1a", wider, version).expect(200);
    String findings = view(owner, "make-1").path("findings").toString();
    assertTrue(findings.contains("changed after 1 piece was cut"), findings);
    assertTrue(findings.contains("can't be used any more"), findings);
  }

  @Test
  void aPieceThatFailsIsWantedAgainAndAStoppedJobGoesOnLater(Client owner) throws Exception {
    owner.begin("make-2");
    Map<String, Object> large = panel("m2", 300, 200, "ply-birch-6");
    large.put("quantity", 2);
    put(owner, "make-2", large);
    layOut(owner, "make-2", "run-2", "ply-birch-6");
    String layout = layoutId(owner, "make-2");
    owner.post("/api/builds/make-2/layouts/" + layout + "/cut", Map.of()).expect(200);
    owner.post("/api/laser/pause", Map.of()).expect(200);
    assertEquals("PAUSED", owner.get("/api/laser").json().path("state").asString());
    owner.post("/api/builds/make-2/layouts/" + layout + "/cut", Map.of()).expect(409);
    owner.post("/api/laser/go-on", Map.of()).expect(200);
    owner.post("/api/laser/trouble/MISFIRE", Map.of()).expect(200);
    owner.post("/api/laser/trouble/LID_OPENED", Map.of()).expect(200);
    assertEquals("LID_OPEN", owner.get("/api/laser").json().path("state").asString());
    owner.post("/api/laser/stop", Map.of()).expect(200);
    JsonNode stopped = view(owner, "make-2").path("make").path("layouts").path(0).path("layout");
    assertEquals("PLANNED", stopped.path("state").asString(), "the other piece can be cut later");
    assertTrue(stopped.path("pieces").toString().contains("FAILED"));
    cut(owner, "make-2", layout);
    JsonNode after = view(owner, "make-2");
    assertEquals(
        "CUT", after.path("make").path("layouts").path(0).path("layout").path("state").asString());
    JsonNode count = after.path("make").path("pieces").path(0);
    assertEquals(1, count.path("cut").asInt());
    assertTrue(
        task(after, "part:m2/cut").path("doneAt").isMissingNode()
            || task(after, "part:m2/cut").path("doneAt").isNull(),
        "one piece is missing");
    owner.post("/api/laser/pause", Map.of()).expect(409);
  }

  @Test
  void whatMayNotLieUnderALaserIsNotGivenToOne(Client owner) throws Exception {
    owner.begin("make-4");
    put(owner, "make-4", panel("m4", 90, 60, "pvc-3"));
    assertTrue(
        owner
            .get("/api/builds/make-4/panels/m4.svg")
            .expect(409)
            .text()
            .contains("hydrogen chloride"));
    layOut(owner, "make-4", "run-4", "pvc-3");
    String layout = layoutId(owner, "make-4");
    owner.get("/api/builds/make-4/layouts/" + layout + ".dxf").expect(409);
    owner.post("/api/builds/make-4/layouts/" + layout + "/cut", Map.of()).expect(409);
  }

  private static void write(Client owner, String decimal, String group) {
    JsonNode view = owner.get("/api/workshop").expect(200).json();
    ObjectNode workshop = (ObjectNode) view.path("book").path("workshop");
    ((ObjectNode) workshop.get("writing")).put("decimal", decimal).put("group", group);
    long version = view.path("versions").path("workshops/workshop").asLong();
    owner.put("/api/workshop/workshops/workshop", workshop, version).expect(200);
  }

  @Test
  void theJobSheetIsAPdfAndTheSheetAFile(Client owner) throws Exception {
    owner.begin("make-5");
    put(owner, "make-5", panel("m5", 90, 60, "acrylic-red-3"));
    layOut(owner, "make-5", "run-5", "acrylic-red-3");
    String layout = layoutId(owner, "make-5");
    byte[] pdf = owner.bytes("/api/builds/make-5/layouts/" + layout + "/job-sheet.pdf");
    assertEquals("%PDF", new String(pdf, 0, 4, StandardCharsets.US_ASCII));
    String sheet = "/api/builds/make-5/layouts/" + layout + "/job-sheet.pdf";
    assertTrue(owner.pdfWords(sheet).contains("0.2 mm, in the file"));
    write(owner, "COMMA", "POINT");
    String inCommas = owner.pdfWords(sheet);
    write(owner, "POINT", "COMMA");
    assertTrue(inCommas.contains("0,2 mm, in the file"), inCommas);
    String svg =
        new String(
            owner.bytes("/api/builds/make-5/layouts/" + layout + ".svg"), StandardCharsets.UTF_8);
    assertTrue(svg.contains("id=\"cut\""), svg);
  }

  @Test
  void oneUndoTakesAWholeJobBack(Client owner) throws Exception {
    owner.begin("make-8");
    put(owner, "make-8", panel("m8", 90, 60, "acrylic-blue-3"));
    layOut(owner, "make-8", "run-8", "acrylic-blue-3");
    String layout = layoutId(owner, "make-8");
    long offcuts = offcuts(owner);
    cut(owner, "make-8", layout);
    assertEquals(offcuts + 1, offcuts(owner), "the rest lies on the shelf");
    owner.post("/api/undo?place=make-8", "{}").expect(200);
    JsonNode back = view(owner, "make-8");
    assertEquals(
        "PLANNED",
        back.path("make").path("layouts").path(0).path("layout").path("state").asString());
    assertEquals(0, task(back, "part:m8/cut").path("log").path("loggedMinutes").asInt());
    assertEquals(offcuts, offcuts(owner));
  }

  private static long offcuts(Client owner) {
    return owner.get("/api/workshop").json().path("book").path("offcuts").size();
  }

  @Test
  void aHelperSeesSheetsWithoutTheirCost(Client owner) throws Exception {
    owner.begin("make-9");
    put(owner, "make-9", panel("m9", 90, 60, "acrylic-smoke-3"));
    layOut(owner, "make-9", "run-9", "acrylic-smoke-3");
    assertTrue(
        view(owner, "make-9").path("make").path("layouts").path(0).path("costMinor").asLong() > 0);
    Client helper = TestYard.helper();
    JsonNode seen = view(helper, "make-9").path("make").path("layouts").path(0);
    assertEquals(0, seen.path("costMinor").asLong());
    assertEquals(1, seen.path("pieces").size());
    owner.get("/api/builds/make-9/nest-runs/sizes?sheetId=acrylic-smoke-3").expect(200);
    owner.get("/api/builds/make-9/nest-runs/sizes?sheetId=nothing").expect(422);
    owner.get("/api/builds/make-9/nest-runs/none").expect(404);
    owner.post("/api/builds/make-9/layouts/none/cut", Map.of()).expect(404);
  }

  @Test
  void theLaserIsFreeAgainWhenItsSheetHasGone(Client owner) throws Exception {
    owner.begin("make-10");
    put(owner, "make-10", panel("m10", 300, 200, "acrylic-amber-3"));
    layOut(owner, "make-10", "run-10", "acrylic-amber-3");
    String layouts = "/api/builds/make-10/layouts/";
    String layout = layoutId(owner, "make-10");
    owner.post(layouts + layout + "/cut", Map.of()).expect(200);
    owner.delete(layouts + layout).expect(200);
    owner.post("/api/laser/stop", Map.of()).expect(200);
    JsonNode laser = owner.get("/api/laser").expect(200).json();
    assertTrue(laser.path("recorded").asBoolean());
    assertTrue(laser.path("problem").asString().contains("gone"));
  }

  /** Two windows: what one has found must not lay out again what the other has cut. */
  @Test
  void aSearchThatCutPiecesHaveOvertakenIsNotKept(Client owner) throws Exception {
    owner.begin("make-11");
    put(owner, "make-11", panel("m11", 90, 60, "acrylic-frost-3"));
    layOut(owner, "make-11", "run-11", "acrylic-frost-3");
    String layout = layoutId(owner, "make-11");
    owner.post("/api/builds/make-11/layouts/" + layout + "/cut", Map.of()).expect(200);
    owner.post("/api/laser/pause", Map.of()).expect(200);
    String keep = "/api/builds/make-11/nest-runs/run-11/keep";
    assertTrue(owner.post(keep, Map.of()).expect(409).text().contains("laser"));
    owner.post("/api/laser/go-on", Map.of()).expect(200);
    while (!owner.get("/api/laser").json().path("recorded").asBoolean()) {
      Thread.sleep(50);
    }
    assertTrue(owner.post(keep, Map.of()).expect(409).text().contains("cut meanwhile"));
    assertEquals(1, view(owner, "make-11").path("make").path("pieces").path(0).path("cut").asInt());
    assertEquals(
        0, view(owner, "make-11").path("make").path("pieces").path(0).path("laid").asInt());
  }
}
