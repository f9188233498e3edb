package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Parts on sheets, cut by the simulated laser, and their files. */
@ExtendWith(TestYard.class)
class MakeApiTest {
  private static Map<String, Object> panel(String id, double w, double h, String sheet) {
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

  private static void put(Client owner, String build, Map<String, Object> panel) {
    owner.put("/api/builds/" + build + "/panels/" + panel.get("id"), panel, null).expect(200);
  }

  private static JsonNode view(Client owner, String build) {
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

  private static JsonNode task(JsonNode view, String key) {
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
  void filesOpenAnywhereAndComeBackTheSame(Client owner) {
    owner.begin("make-3");
    Map<String, Object> plate = panel("m3", 120, 80, "acrylic-clear-3");
    plate.put(
        "drawing",
        Map.of(
            "cornerMm",
            6,
            "steps",
            List.of(
                Map.of(
                    "id",
                    "a",
                    "op",
                    "CUT",
                    "figure",
                    Map.of("kind", "HOLE", "diameterMm", 20),
                    "xMm",
                    40,
                    "yMm",
                    40),
                Map.of(
                    "id",
                    "b",
                    "op",
                    "ENGRAVE",
                    "figure",
                    Map.of("kind", "TEXT", "text", "TIDE", "heightMm", 10),
                    "xMm",
                    85,
                    "yMm",
                    40))));
    put(owner, "make-3", plate);
    JsonNode part = view(owner, "make-3").path("parts").path(0).path("figures");
    for (String form : List.of("svg", "dxf")) {
      byte[] file = owner.bytes("/api/builds/make-3/panels/m3." + form);
      JsonNode back =
          owner.postFile("/api/drawings", "file", "m3." + form, file).expect(200).json();
      double area = part.path("areaMm2").asDouble();
      assertEquals(area, back.path("areaMm2").asDouble(), 1e-4 * area, form);
      double contour = part.path("contourMm").asDouble();
      assertEquals(contour, back.path("contourMm").asDouble(), 1e-4 * contour, form);
      assertFalse(back.path("engraved").asString().isEmpty(), form);
    }
    byte[] kerf = owner.bytes("/api/builds/make-3/panels/m3.svg?kerf=true");
    JsonNode grown = owner.postFile("/api/drawings", "file", "k.svg", kerf).expect(200).json();
    assertEquals(120.2, grown.path("widthMm").asDouble(), 0.01);
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

  @Test
  void theJobSheetIsAPdfAndTheSheetAFile(Client owner) throws Exception {
    owner.begin("make-5");
    put(owner, "make-5", panel("m5", 90, 60, "acrylic-red-3"));
    layOut(owner, "make-5", "run-5", "acrylic-red-3");
    String layout = layoutId(owner, "make-5");
    byte[] pdf = owner.bytes("/api/builds/make-5/layouts/" + layout + "/job-sheet.pdf");
    assertEquals("%PDF", new String(pdf, 0, 4, StandardCharsets.US_ASCII));
    String svg =
        new String(
            owner.bytes("/api/builds/make-5/layouts/" + layout + ".svg"), StandardCharsets.UTF_8);
    assertTrue(svg.contains("id=\"cut\""), svg);
  }

  @Test
  void hostileFilesAreRefusedAndNothingIsKept(Client owner) throws Exception {
    owner.begin("make-6");
    long before = owner.get("/api/builds/make-6").json().path("revision").asLong();
    StringBuilder laughs =
        new StringBuilder("<?xml version='1.0'?><!DOCTYPE svg [<!ENTITY a0 'ha'>");
    for (int i = 1; i < 12; i++) {
      laughs.append("<!ENTITY a%d '%s'>".formatted(i, ("&a" + (i - 1) + ";").repeat(10)));
    }
    laughs.append("]><svg xmlns='http://www.w3.org/2000/svg'><text>&a11;</text></svg>");
    refused(owner, laughs.toString());
    refused(owner, "<svg xmlns='http://www.w3.org/2000/svg'><script>x()</script></svg>");
    refused(
        owner,
        "<svg xmlns='http://www.w3.org/2000/svg'><polygon points='0,0 1e300,0 0,NaN'/></svg>");
    refused(
        owner,
        "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0"
            + "l.1 .1".repeat(100_000)
            + "Z'/></svg>");
    refused(owner, "0\nSECTION\n2\nENTITIES\n0\nLINE\n10\n1");
    byte[] lying = new byte[134];
    lying[80] = (byte) 0xff;
    lying[83] = 0x7f;
    owner.postFile("/api/meshes", "file", "lying.stl", lying).expect(422);
    assertEquals(
        413, owner.postFile("/api/drawings", "file", "huge.svg", new byte[20_000_000]).status());
    assertEquals(before, owner.get("/api/builds/make-6").json().path("revision").asLong());
  }

  private static void refused(Client owner, String text) {
    owner
        .postFile("/api/drawings", "file", "x.svg", text.getBytes(StandardCharsets.UTF_8))
        .expect(422);
  }

  @Test
  void aPrintTravelsWithItsMesh(Client owner) {
    owner.begin("make-7");
    String stl =
        "solid t\nfacet normal 0 0 0\nouter loop\nvertex 0 0 0\nvertex 0 10 0\nvertex 10 0 0\nendloop\nendfacet\n"
            + "facet normal 0 0 0\nouter loop\nvertex 0 0 0\nvertex 10 0 0\nvertex 0 0 10\nendloop\nendfacet\n"
            + "facet normal 0 0 0\nouter loop\nvertex 0 0 0\nvertex 0 0 10\nvertex 0 10 0\nendloop\nendfacet\n"
            + "facet normal 0 0 0\nouter loop\nvertex 10 0 0\nvertex 0 10 0\nvertex 0 0 10\nendloop\nendfacet\nendsolid t\n";
    JsonNode kept =
        owner
            .postFile("/api/meshes", "file", "t.stl", stl.getBytes(StandardCharsets.US_ASCII))
            .expect(200)
            .json();
    assertTrue(kept.path("mesh").path("closed").asBoolean());
    assertEquals(1000 / 6.0, kept.path("mesh").path("volumeMm3").asDouble(), 1e-3);
    Map<String, Object> print = new HashMap<>();
    print.put("id", "p7");
    print.put("name", "Wedge");
    print.put("face", "FRONT");
    print.put("sha256", kept.path("sha256").asString());
    print.put("fileName", "t.stl");
    print.put("mesh", kept.path("mesh"));
    print.put("filamentId", "none");
    print.put("quantity", 1);
    owner.put("/api/builds/make-7/prints/p7", print, null).expect(200);
    assertFalse(task(view(owner, "make-7"), "print:p7/print").isMissingNode());
    byte[] png =
        owner.bytes("/api/meshes/" + kept.path("sha256").asString() + "/picture.png?size=64");
    assertEquals((byte) 0x89, png[0]);
    JsonNode file = owner.get("/api/builds/make-7/export").expect(200).json();
    assertEquals(1, file.path("meshes").size());
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
    owner.post("/api/undo", "{}").expect(200);
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
