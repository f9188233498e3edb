package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestYard.class)
class BuildApiTest {
  @Test
  void aPanelBringsItsWorkSheetAndFigures(Client owner) {
    owner.begin("derive");
    owner.put("/api/builds/derive/panels/d1", Things.panel("d1", 412), null).expect(200);
    JsonNode view = owner.get("/api/builds/derive").json();
    assertEquals(
        77.6, view.path("parts").get(0).path("figures").path("holePitchMm").asDouble(), 1e-9);
    assertEquals(
        "sheet:acrylic-clear-3", view.path("needs").get(0).path("need").path("key").asString());
    assertTrue(view.path("tasks").toString().contains("part:d1/cut"));
  }

  @Test
  void creatingTwiceCreatesOnceAndADifferentOneIsNotOverwritten(Client owner) {
    owner.begin("repeat").begin("repeat");
    String path = "/api/builds/repeat/panels/r1";
    long first =
        owner.put(path, Things.panel("r1", 300), null).expect(200).json().path("version").asLong();
    long again =
        owner.put(path, Things.panel("r1", 300), null).expect(200).json().path("version").asLong();
    assertEquals(first, again);
    owner.put(path, Things.panel("r1", 301), null).expect(412);
    assertEquals(1, owner.get("/api/builds/repeat").json().path("build").path("panels").size());
  }

  @Test
  void aStaleWriteGetsTheNewerVersionToSetBesideItsOwn(Client owner) {
    owner.begin("stale");
    String path = "/api/builds/stale/panels/s1";
    long version = owner.put(path, Things.panel("s1", 300), null).json().path("version").asLong();
    owner.put(path, Things.panel("s1", 310), version).expect(200);
    JsonNode refused = owner.put(path, Things.panel("s1", 320), version).expect(412).json();
    JsonNode current = refused.path("current");
    assertEquals(310, current.path("value").path("widthMm").asDouble());
    owner.put(path, Things.panel("s1", 320), current.path("version").asLong()).expect(200);
  }

  @Test
  void wrongValuesAreNamedAtTheirField(Client owner) {
    owner.begin("wrong");
    JsonNode problem =
        owner.put("/api/builds/wrong/panels/w1", Things.panel("w1", 2), null).expect(422).json();
    assertEquals("#/widthMm", problem.path("errors").get(0).path("pointer").asString());
    assertEquals("Width can't be 2: 5 to 5000 mm.", problem.path("title").asString());
    Map<String, Object> deep = Things.panel("w1", 300);
    deep.put("holes", Map.of("insetMm", 12, "greatestPitchMm", 1, "diameterMm", 4));
    assertEquals(
        "#/holes/greatestPitchMm",
        owner
            .put("/api/builds/wrong/panels/w1", deep, null)
            .expect(422)
            .json()
            .path("errors")
            .get(0)
            .path("pointer")
            .asString());
    owner.put("/api/builds/wrong/panels/w1", "{\"id\": \"w1\"", null).expect(400);
    Map<String, Object> unknown = Things.panel("w1", 300);
    unknown.put("widht", 3);
    owner.put("/api/builds/wrong/panels/w1", unknown, null).expect(422);
    owner.put("/api/builds/wrong/panels/other", Things.panel("w1", 300), null).expect(422);
    owner.put("/api/builds/nowhere/panels/w1", Things.panel("w1", 300), null).expect(404);
    owner.get("/api/builds/nowhere").expect(404);
    owner.get("/api/nothing").expect(404);
    assertEquals(0, owner.get("/api/builds/wrong").json().path("build").path("panels").size());
  }

  @Test
  void aThingBelongsToItsBuild(Client owner) {
    owner.begin("mine").begin("yours");
    owner.put("/api/builds/mine/panels/m1", Things.panel("m1", 300), null).expect(200);
    owner.put("/api/builds/yours/panels/m1", Things.panel("m1", 999), null).expect(404);
    owner.delete("/api/builds/yours/panels/m1").expect(404);
  }

  @Test
  void undoTakesBackRemovalCreationAndTypingInTurn(Client owner) {
    owner.begin("undo");
    String path = "/api/builds/undo/panels/u1";
    long version = owner.put(path, Things.panel("u1", 300), null).json().path("version").asLong();
    for (int width = 301; width <= 305; width++) {
      version = owner.put(path, Things.panel("u1", width), version).json().path("version").asLong();
    }
    owner.delete(path).expect(200);
    JsonNode undone = undo(owner, "undo");
    assertEquals("panels", undone.path("kind").asString());
    assertEquals("Left window", undone.path("name").asString());
    assertEquals(305, width(owner), "the removed panel is back");
    undo(owner, "undo");
    assertEquals(0, panels(owner));
    assertTrue(undo(owner, "undo").isNull(), "that the build is there is an act of the yard");
    owner.post("/api/redo?place=undo", Map.of()).expect(200);
    assertEquals(305, width(owner));
    owner.post("/api/redo?place=undo", Map.of()).expect(200);
    assertEquals(0, panels(owner));
    assertTrue(owner.post("/api/redo?place=undo", Map.of()).json().path("undone").isNull());
    assertEquals("briefs", undo(owner, "").path("kind").asString());
    owner.get("/api/builds/undo").expect(404);
  }

  @Test
  void undoDoesNotLoseWhatSomebodyElseDidSince(Client owner) {
    owner.begin("both");
    String path = "/api/builds/both/panels/b1";
    long version = owner.put(path, Things.panel("b1", 300), null).json().path("version").asLong();
    TestYard.helper().put(path, Things.panel("b1", 400), version).expect(200);
    owner.post("/api/undo?place=both", Map.of()).expect(409);
    assertEquals(
        400,
        owner
            .get("/api/builds/both")
            .json()
            .path("build")
            .path("panels")
            .get(0)
            .path("widthMm")
            .asDouble());
    owner.delete("/api/builds/both").expect(200);
  }

  @Test
  void freezingNeedsAPaletteAndASizeAndKeepsPriceAndDate(Client owner) {
    owner.begin("freeze");
    String refused =
        owner
            .post("/api/builds/freeze/freeze", Map.of("by", "Ines"))
            .expect(422)
            .json()
            .path("title")
            .asString();
    assertEquals("A palette has three to seven colours; this one has 0.", refused);
    long version =
        owner.get("/api/builds/freeze").json().path("versions").path("concepts/freeze").asLong();
    owner
        .put(
            "/api/builds/freeze/concepts/freeze",
            """
            {"id": "freeze", "frozen": null, "look": {"themeWords": ["fog"],
              "size": {"widthMm": 300, "heightMm": 400, "depthMm": 250}, "palette": [
              {"name": "a", "hex": "#2E4A45", "role": "BASE"},
              {"name": "b", "hex": "#B7BEBC", "role": "SECOND"},
              {"name": "c", "hex": "#F0A13A", "role": "GLOW"}]}}
            """,
            version)
        .expect(200);
    JsonNode frozen =
        owner
            .post("/api/builds/freeze/freeze", Map.of("by", "Ines", "priceMinor", 250_000))
            .expect(200)
            .json()
            .path("value")
            .path("frozen");
    assertEquals(250_000, frozen.path("priceMinor").asLong());
    assertTrue(frozen.path("curve").size() > 0);
  }

  @Test
  void gatesHoldAndTheClockRuns(Client owner) {
    owner.begin("bench");
    owner.put("/api/builds/bench/panels/g1", Things.panel("g1", 300), null).expect(200);
    String bench = "/api/builds/bench/";
    String refusal =
        owner
            .post(bench + "clock/start", Map.of("id", "t0", "taskKey", "bench/panels"))
            .expect(409)
            .json()
            .path("title")
            .asString();
    assertTrue(refusal.startsWith("“Dry fit"), refusal);
    owner.post(bench + "clock/start", Map.of("id", "t1", "taskKey", "part:g1/cut")).expect(200);
    assertTrue(owner.get("/api/bench").text().contains("\"RUNNING\""));
    owner
        .post(bench + "marks", Map.of("id", "m1", "taskKey", "part:g1/cut", "what", "DONE"))
        .expect(200);
    assertTrue(!owner.get("/api/bench").text().contains("\"RUNNING\""), "done stops the clock");
    passesOverWithReasons(owner, bench);
    owner
        .post(bench + "marks", Map.of("id", "m2", "taskKey", "make/dry-fit", "what", "PASSED"))
        .expect(422);
    owner
        .post(
            bench + "marks",
            Map.of(
                "id",
                "m3",
                "taskKey",
                "make/dry-fit",
                "what",
                "PASSED",
                "note",
                "sits",
                "by",
                "Ines"))
        .expect(200);
    owner.post(bench + "clock/start", Map.of("id", "t2", "taskKey", "bench/panels")).expect(200);
    owner.post("/api/clock/stop", Map.of()).expect(200);
    String calendar = owner.get(bench + "plan.ics").expect(200).text();
    assertTrue(calendar.startsWith("BEGIN:VCALENDAR\r\n") && calendar.contains("BEGIN:VEVENT"));
  }

  /** The dry fit can't pass while the brief and the concept are open; they are passed over. */
  private static void passesOverWithReasons(Client owner, String bench) {
    Map<String, Object> passed =
        Map.of(
            "id", "m1b", "taskKey", "make/dry-fit", "what", "PASSED", "note", "sits", "by", "Ines");
    String refusal =
        owner.post(bench + "marks", passed).expect(409).json().path("title").asString();
    assertTrue(refusal.startsWith("Open before “Dry fit"), refusal);
    List<Map<String, String>> steps = new ArrayList<>();
    for (JsonNode step : task(owner, bench, "make/dry-fit").path("openBefore")) {
      steps.add(Map.of("taskKey", step.path("taskKey").asString(), "reason", "my own machine"));
    }
    assertTrue(steps.size() >= 2, steps.toString());
    List<Map<String, String>> mute =
        List.of(Map.of("taskKey", steps.get(0).get("taskKey"), "reason", " "));
    owner
        .post(bench + "passed-over", Map.of("id", "p0", "taskKey", "make/dry-fit", "steps", mute))
        .expect(422);
    owner
        .post(bench + "passed-over", Map.of("id", "p1", "taskKey", "make/dry-fit", "steps", steps))
        .expect(200);
    assertEquals(0, task(owner, bench, "make/dry-fit").path("openBefore").size());
    JsonNode said = task(owner, bench, "concept/choose").path("log").path("verdict");
    assertEquals("make/dry-fit", said.path("passedFor").asString());
    assertEquals("my own machine", said.path("note").asString());
  }

  private static JsonNode task(Client owner, String bench, String key) {
    JsonNode view = owner.get(bench.substring(0, bench.length() - 1)).expect(200).json();
    for (JsonNode task : view.path("tasks")) {
      if (task.path("task").path("key").asString().equals(key)) {
        return task;
      }
    }
    throw new AssertionError("no task " + key);
  }

  /** Opening what nobody ordered counts for what is in it now, not for what comes to it later. */
  @Test
  void openingAParcelIsSaidOfEachLineAndTakenBackAsOne(Client owner) {
    owner.begin("parcel");
    owner.put("/api/builds/parcel/panels/pp", Things.panel("pp", 300), null).expect(200);
    String at = "/api/builds/parcel/";
    JsonNode tasks = owner.get("/api/builds/parcel").json().path("tasks");
    String parcel =
        tasks
            .valueStream()
            .map(each -> each.path("task").path("key").asString())
            .filter(key -> key.startsWith("parcel:"))
            .findFirst()
            .orElseThrow();
    owner.post(at + "marks", Map.of("id", "op", "taskKey", parcel, "what", "DONE")).expect(200);
    assertEquals("DONE", task(owner, at, parcel).path("state").asString());
    JsonNode marks = owner.get("/api/builds/parcel").json().path("build").path("marks");
    assertTrue(marks.size() >= 2, "one of the parcel and one a line: " + marks);
    undo(owner, "parcel");
    assertTrue(!"DONE".equals(task(owner, at, parcel).path("state").asString()));
    assertEquals(
        0, owner.get("/api/builds/parcel").json().path("build").path("marks").size(), "as one");
  }

  @Test
  void hoursAreTypedCorrectedAndBackDatedWithATrace(Client owner) {
    owner.begin("hours");
    owner.put("/api/builds/hours/panels/hp", Things.panel("hp", 300), null).expect(200);
    String at = "/api/builds/hours/";
    owner
        .post(
            at + "marks",
            Map.of("id", "h1", "taskKey", "part:hp/cut", "what", "DONE", "minutes", 25))
        .expect(200);
    JsonNode cut = task(owner, at, "part:hp/cut");
    assertEquals(25, cut.path("log").path("loggedMinutes").asInt());
    JsonNode entry = owner.get("/api/builds/hours").json().path("build").path("times").get(0);
    assertEquals("h1-time", entry.path("id").asString());
    assertTrue(entry.path("typedBy").asString().length() > 0);
    Map<String, Object> corrected =
        Map.of(
            "id", "h1-time",
            "taskKey", "part:hp/cut",
            "personId", entry.path("personId").asString(),
            "startedAt", "2026-01-05T09:00:00Z",
            "endedAt", "2026-01-05T10:30:00Z",
            "typedBy", "somebody else",
            "why", "forgot the second sheet");
    JsonNode view = owner.get("/api/builds/hours").json();
    long version = view.path("versions").path("times/h1-time").asLong();
    version =
        owner
            .put(at + "times/h1-time", corrected, version)
            .expect(200)
            .json()
            .path("version")
            .asLong();
    assertEquals(90, task(owner, at, "part:hp/cut").path("log").path("loggedMinutes").asInt());
    JsonNode now = owner.get("/api/builds/hours").json().path("build").path("times").get(0);
    assertTrue(
        !now.path("typedBy").asString().equals("somebody else"), "who typed is who signed in");
    Map<String, Object> future = new HashMap<>(corrected);
    future.put("startedAt", "2199-01-05T09:00:00Z");
    future.put("endedAt", "2199-01-05T10:00:00Z");
    owner.put(at + "times/h1-time", future, version).expect(422);
    Map<String, Object> week = new HashMap<>(corrected);
    week.put("endedAt", "2026-01-09T10:00:00Z");
    owner.put(at + "times/h1-time", week, version).expect(422);
    owner
        .post(
            at + "marks",
            Map.of("id", "h2", "taskKey", "make/dry-fit", "what", "REOPENED", "minutes", 0))
        .expect(422);
  }

  private static int panels(Client owner) {
    return owner.get("/api/builds/undo").json().path("build").path("panels").size();
  }

  private static JsonNode undo(Client owner, String place) {
    return owner.post("/api/undo?place=" + place, Map.of()).expect(200).json().path("undone");
  }

  private static double width(Client owner) {
    return owner
        .get("/api/builds/undo")
        .json()
        .path("build")
        .path("panels")
        .get(0)
        .path("widthMm")
        .asDouble();
  }

  @Test
  void whatWasSaidBecomesARequirementInOneAct(Client owner) {
    owner.begin("said");
    Map<String, Object> remark = Map.of("id", "said-1", "text", "No buttons to be seen");
    owner.put("/api/builds/said/remarks/said-1", remark, null).expect(200);
    JsonNode made =
        owner.post("/api/builds/said/remarks/said-1/require", Map.of()).expect(200).json();
    assertEquals("said-1", made.path("value").path("id").asString());
    JsonNode build = owner.get("/api/builds/said").json().path("build");
    assertEquals(0, build.path("remarks").size(), "it is no remark any more");
    assertTrue(build.path("requirements").toString().contains("No buttons to be seen"));
    owner.post("/api/builds/said/remarks/said-1/require", Map.of()).expect(404);
    owner.post("/api/undo?place=said", Map.of()).expect(200);
    JsonNode back = owner.get("/api/builds/said").json().path("build");
    assertEquals(1, back.path("remarks").size());
    assertEquals(0, back.path("requirements").size());
  }
}
