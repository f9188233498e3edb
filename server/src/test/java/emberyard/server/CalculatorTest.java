package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestYard.class)
class CalculatorTest {
  private static final String HOURS =
      """
      "start": "2026-03-02T09:00", "people": [{"id": "p"}], "hours": [
        {"day": "MONDAY", "from": "09:00", "to": "17:00"},
        {"day": "TUESDAY", "from": "09:00", "to": "17:00"},
        {"day": "WEDNESDAY", "from": "09:00", "to": "17:00"},
        {"day": "THURSDAY", "from": "09:00", "to": "17:00"},
        {"day": "FRIDAY", "from": "09:00", "to": "17:00"}],
      """;

  private static String schedule(String tasks) {
    return "{" + HOURS + "\"tasks\": [" + tasks + "]}";
  }

  @Test
  void theHandbooksScheduleOverHttp(Client owner) {
    JsonNode plan =
        owner
            .post(
                "/api/calc/plan/schedule",
                schedule(
                    """
                    {"key": "A", "handsOnMinutes": 180},
                    {"key": "B", "handsOnMinutes": 60, "waitMinutes": 1200, "after": ["A"]},
                    {"key": "C", "handsOnMinutes": 60, "waitMinutes": 4320, "after": ["B"]},
                    {"key": "D", "handsOnMinutes": 360, "after": ["C"]},
                    {"key": "E", "handsOnMinutes": 480, "person": "p"}
                    """))
            .expect(200)
            .json();
    assertEquals("2026-03-06T16:00:00", plan.path("finish").asString());
    assertEquals("[\"A\",\"B\",\"C\",\"D\"]", plan.path("decidingChain").toString());
    JsonNode second = plan.path("decidingReasons").get(2);
    assertEquals("WAIT", second.path("reason").asString());
    assertEquals("B", second.path("step").asString());
    assertEquals("2026-03-02T13:00:00", second.path("from").asString());
    assertEquals("2026-03-06T16:00:00", plan.path("plainFinish").asString());
    JsonNode e = plan.path("tasks").get(2);
    assertEquals("E", e.path("key").asString());
    assertEquals("2026-03-05T10:00:00", e.path("late").path("start").asString());
  }

  @Test
  void aLatePlanSaysWhatAnotherOrderGained(Client owner) {
    JsonNode plan =
        owner
            .post(
                "/api/calc/plan/schedule",
                schedule(
                        """
                        {"key": "cures", "handsOnMinutes": 10, "waitMinutes": 1980,
                         "station": "spray", "holdsStationWhileWaiting": true},
                        {"key": "coat", "handsOnMinutes": 120, "station": "spray"},
                        {"key": "then", "handsOnMinutes": 240, "after": ["coat"]}
                        """)
                    .replace(
                        "\"tasks\"",
                        "\"reveal\": \"2026-03-03T09:00\", \"stations\": [{\"id\": \"spray\"}],"
                            + " \"tasks\""))
            .expect(200)
            .json();
    assertEquals("2026-03-04T15:00:00", plan.path("plainFinish").asString());
    assertEquals("2026-03-03T20:10:00", plan.path("finish").asString());
  }

  /** Sanded until 16:00: the coat waits for Tuesday, or the next would miss its window. */
  @Test
  void aCoatWaitsForTheWindowOfTheNext(Client owner) {
    String coats =
        """
        {"key": "sand", "handsOnMinutes": 420},
        {"key": "one", "handsOnMinutes": 60, "waitMinutes": 120, "after": ["sand"],
         "interruptible": false},
        {"key": "two", "handsOnMinutes": 60, "after": ["one"], "interruptible": false,
         "windows": [{"after": "one", "minutes": 360}]}
        """;
    JsonNode plan = owner.post("/api/calc/plan/schedule", schedule(coats)).expect(200).json();
    assertEquals("2026-03-03T13:00:00", plan.path("finish").asString());
    JsonNode waits = plan.path("decidingReasons").get(1);
    assertEquals("WINDOW", waits.path("reason").asString(), plan.toString());
    assertEquals("two", waits.path("holder").asString());
    assertEquals(0, plan.path("missedWindows").size());
    String open = "{\"key\": \"open\", \"handsOnMinutes\": 60, \"beginBy\": \"2026-03-02T08:00\"}";
    JsonNode missed =
        owner
            .post("/api/calc/plan/schedule", schedule(open))
            .expect(200)
            .json()
            .path("missedWindows");
    assertEquals(1, missed.size());
    assertEquals("open", missed.get(0).path("step").asString());
    refused(
        owner,
        "{\"key\": \"a\", \"handsOnMinutes\": 1, \"windows\": [{\"after\": \"ghost\", \"minutes\": 5}]}",
        "“ghost”");
    refused(
        owner,
        "{\"key\": \"a\", \"handsOnMinutes\": 1, \"windows\": [{\"after\": \"a\", \"minutes\": -5}]}",
        "-5");
  }

  @Test
  void impossiblePlansAreRefusedByName(Client owner) {
    refused(
        owner,
        "{\"key\": \"a\", \"handsOnMinutes\": 1, \"after\": [\"b\"]}, {\"key\": \"b\", \"handsOnMinutes\": 1, \"after\": [\"a\"]}",
        "→");
    refused(owner, "{\"key\": \"a\", \"handsOnMinutes\": 1, \"after\": [\"ghost\"]}", "“ghost”");
    refused(owner, "{\"key\": \"a\", \"handsOnMinutes\": -1}", "“a”");
    refused(owner, "{\"key\": \"a\", \"handsOnMinutes\": 481, \"interruptible\": false}", "480");
    refused(owner, "{\"key\": \"a\", \"handsOnMinutes\": 1, \"station\": \"kiln\"}", "“kiln”");
    owner
        .post(
            "/api/calc/plan/schedule",
            "{\"start\": \"2026-03-02T09:00\", \"hours\": [], \"tasks\": []}")
        .expect(422);
  }

  private static void refused(Client owner, String tasks, String named) {
    String title =
        owner
            .post("/api/calc/plan/schedule", schedule(tasks))
            .expect(422)
            .json()
            .path("title")
            .asString();
    assertTrue(title.contains(named), title);
  }

  @ParameterizedTest
  @CsvSource({"solvent,1.70", "waterborne,1.97", "Water-borne,1.97", "two_pack,1.70"})
  void drying(String base, double factor) {
    JsonNode answer =
        TestYard.owner()
            .post(
                "/api/calc/finish/drying",
                "{\"temperatureC\": 14, \"humidityPercent\": 70, \"base\": \""
                    + base
                    + "\", \"minutes\": 100}")
            .expect(200)
            .json();
    assertEquals(factor, answer.path("factor").asDouble(), 0.005);
    assertEquals(factor * 100, answer.path("minutes").asDouble(), 0.5);
    assertTrue(answer.path("sprayable").asBoolean());
  }

  @Test
  void outOfRangeIsSaidAtTheField(Client owner) {
    JsonNode problem =
        owner
            .post(
                "/api/calc/finish/drying",
                "{\"temperatureC\": 14, \"humidityPercent\": 170, \"base\": \"solvent\", \"minutes\": 1}")
            .expect(422)
            .json();
    assertEquals("#/humidityPercent", problem.path("errors").get(0).path("pointer").asString());
    owner
        .post(
            "/api/calc/finish/drying",
            "{\"base\": \"tar\", \"temperatureC\": 1, \"humidityPercent\": 50, \"minutes\": 1}")
        .expect(422);
  }

  @Test
  void panel(Client owner) {
    JsonNode answer =
        owner
            .post(
                "/api/calc/make/panel",
                """
                {"widthMm": 412, "heightMm": 330, "thicknessMm": 3, "material": "acrylic",
                 "window": {"xMm": 50, "yMm": 60, "widthMm": 300, "heightMm": 200},
                 "cut": {"pierces": 5, "engraveAreaMm2": 9600}}
                """)
            .expect(200)
            .json();
    assertEquals(449, answer.path("cutSeconds").asDouble(), 1e-9);
    assertEquals(0, answer.path("holeCount").asInt());
    owner
        .post(
            "/api/calc/make/panel",
            "{\"widthMm\": 412, \"heightMm\": 330, \"thicknessMm\": 3, \"material\": \"cheese\"}")
        .expect(422);
    String cut =
        """
        {"widthMm": 300, "heightMm": 200, "thicknessMm": 3, "material": "acrylic",
         "cut": {"speedMmPerSecond": %s}}
        """;
    owner.post("/api/calc/make/panel", cut.formatted(1_000)).expect(200);
    var slow = owner.post("/api/calc/make/panel", cut.formatted(-1)).expect(422).json();
    assertEquals("#/cut/speedMmPerSecond", slow.at("/errors/0/pointer").asString());
  }

  /** What carries a tall narrow screen; an error is said at the field that was sent. */
  @Test
  void howMuchAPictureTakes(Client owner) {
    String tall = "{\"width\": 1100, \"height\": 3840, \"hz\": 60, \"timing\": \"television\"}";
    JsonNode rate = owner.post("/api/calc/light/rate", tall).expect(200).json();
    assertEquals(7.30, rate.path("gbitPerSecond").asDouble(), 0.005);
    assertEquals("HDMI 1.4", rate.at("/carriers/0/words").asString());
    assertEquals(8.16, rate.at("/carriers/0/limitGbitPerSecond").asDouble());
    JsonNode no = owner.post("/api/calc/light/rate", tall.replace("1100", "0")).expect(422).json();
    assertEquals("#/width", no.at("/errors/0/pointer").asString());
  }
}
