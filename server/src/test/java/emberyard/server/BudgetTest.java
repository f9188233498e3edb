package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What would cost too much is refused with a sentence, however small the request. */
class BudgetTest {
  private final Client owner = TestYard.owner();

  @Test
  void everyHeavyRequestIsAnsweredOrRefusedByName() {
    List<String> wrong = new ArrayList<>();
    for (HeavyRequests.Heavy heavy : HeavyRequests.all()) {
      var answer = heavy.send().apply(owner);
      boolean named = answer.status() == 200 || answer.json().path("errors").size() == 1;
      if (answer.status() != heavy.status() || !named) {
        String text = answer.text();
        wrong.add(
            heavy.name()
                + ": "
                + answer.status()
                + " "
                + text.substring(0, Math.min(200, text.length())));
      }
    }
    assertEquals(List.of(), wrong);
  }

  @Test
  void aBuildWhoseWorkGoesOnBeyond2200IsNotTakenIn() {
    owner.begin("budget-1");
    ObjectNode file = (ObjectNode) owner.get("/api/builds/budget-1/export").expect(200).json();
    ArrayNode things = (ArrayNode) file.path("things");
    for (int i = 0; i < 300; i++) {
      ObjectNode thing = things.addObject().put("kind", "manual-tasks");
      ObjectNode task =
          thing.putObject("value").put("id", "budget-t" + i).put("title", "On and on");
      task.put("stage", "MAKE").put("handsOnMinutes", 100_000).put("waitMinutes", 0);
      task.putArray("after");
    }
    String sentence =
        owner
            .post("/api/import?existing=REPLACE", file)
            .expect(422)
            .json()
            .path("title")
            .asString();
    assertTrue(sentence.contains("before 2201"), sentence);
    owner.get("/api/yard").expect(200);
  }

  @Test
  void aScheduleThatGoesOnForEverIsRefused() {
    Map<String, Object> asked = new HashMap<>();
    asked.put("start", "2026-03-02T09:00");
    asked.put("people", List.of(Map.of("id", "p")));
    asked.put("hours", List.of(Map.of("day", "MONDAY", "from", "09:00", "to", "09:01")));
    asked.put("tasks", List.of(Map.of("key", "A", "handsOnMinutes", 1_000_000)));
    var answer = owner.post("/api/calc/plan/schedule", asked).expect(422);
    assertEquals("#/tasks", answer.json().at("/errors/0/pointer").asString());
    assertTrue(answer.text().contains("before 2201"), answer.text());
  }

  @Test
  void whoeverReadsNeedNotWaitForAWriterAndWhoWritesIsToldToTryAgain() throws SQLException {
    String file = "jdbc:sqlite:" + TestYard.dataFolder().resolve("ember-yard.sqlite");
    try (Connection other = DriverManager.getConnection(file);
        Statement statement = other.createStatement()) {
      statement.execute("BEGIN IMMEDIATE");
      owner.get("/api/session").expect(200);
      owner.get("/api/builds/none").expect(404);
      var answer = owner.post("/api/builds", Map.of("id", "budget-2", "name", "Busy"));
      assertEquals(503, answer.status(), answer.text());
      assertTrue(answer.text().contains("try again"), answer.text());
      statement.execute("ROLLBACK");
    }
    owner.post("/api/builds", Map.of("id", "budget-2", "name", "Busy")).expect(200);
  }
}
