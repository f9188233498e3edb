package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A build file taken in as a copy derives to the same figures, with nothing of it shared. */
class CopyTest {
  /** What follows from the build alone, whoever else works in the yard. */
  private static final String[] OWN = {
    "build", "interview", "parts", "make", "finish", "fit", "hardwareMassKg", "needs"
  };

  @ParameterizedTest
  @ValueSource(
      strings = {"night-pilotage", "moss-archive", "line-9-depot", "paper-kite", "glasshouse"})
  void aCopyDerivesToTheSameFiguresAndSharesNoId(String build) {
    Client owner = DemoYard.owner();
    String file = owner.get("/api/builds/" + build + "/export").expect(200).text();
    JsonNode original = owner.get("/api/builds/" + build).expect(200).json();
    String copy =
        owner.post("/api/import?existing=COPY", file).expect(200).json().path("id").asString();
    JsonNode copied = owner.get("/api/builds/" + copy).expect(200).json();
    String back = JsonMapper.shared().writeValueAsString(copied);
    Map<String, String> ids = ids(original.path("build"), copied.path("build"));
    assertTrue(ids.size() > 2, "ids: " + ids.size());
    for (Map.Entry<String, String> each : ids.entrySet()) {
      assertFalse(each.getKey().equals(each.getValue()), each.getKey());
      back = back.replace(each.getKey(), each.getValue());
    }
    JsonNode mapped = JsonMapper.shared().readTree(back.replace(" (copy)", ""));
    for (String part : OWN) {
      assertEquals(List.of(), differing(original.path(part), mapped.path(part)), part);
    }
    assertEquals(tasks(original), tasks(mapped));
    owner.delete("/api/builds/" + copy).expect(200);
  }

  /** New id to old id: both list their things in the same order. */
  private static Map<String, String> ids(JsonNode original, JsonNode copied) {
    Map<String, String> ids = new HashMap<>();
    for (Map.Entry<String, JsonNode> list : original.properties()) {
      JsonNode others = copied.path(list.getKey());
      if (list.getValue().isArray()) {
        for (int i = 0; i < list.getValue().size(); i++) {
          note(ids, list.getValue().get(i), others.get(i));
        }
      } else {
        note(ids, list.getValue(), others);
      }
    }
    return ids;
  }

  private static void note(Map<String, String> ids, JsonNode old, JsonNode anew) {
    if (old.has("id")) {
      ids.put(anew.path("id").asString(), old.path("id").asString());
    }
  }

  private static List<String> differing(JsonNode one, JsonNode other) {
    List<String> left = sorted(other);
    List<String> lines = new ArrayList<>();
    sorted(one).stream().filter(line -> !left.remove(line)).forEach(line -> lines.add("- " + line));
    left.forEach(line -> lines.add("+ " + line));
    // when to order by follows from the plan, and there are two of the build in it now
    lines.removeIf(
        line ->
            line.contains("/neededOn ")
                || line.contains("/orderBy ")
                || line.contains("/daysLate "));
    return lines;
  }

  /** Lists that are ordered by id stand in another order in the copy. */
  private static List<String> sorted(JsonNode part) {
    List<String> leaves = new ArrayList<>();
    leaves("", part, leaves);
    Collections.sort(leaves);
    return leaves;
  }

  private static void leaves(String path, JsonNode node, List<String> leaves) {
    if (node.isObject()) {
      node.properties()
          .forEach(each -> leaves(path + "/" + each.getKey(), each.getValue(), leaves));
    } else if (node.isArray()) {
      node.forEach(each -> leaves(path, each, leaves));
    } else {
      leaves.add(path + " " + node);
    }
  }

  /** Each task with its hours; when it is planned depends on the others in the yard. */
  private static List<String> tasks(JsonNode view) {
    List<String> tasks = new ArrayList<>();
    view.path("tasks").forEach(each -> tasks.add(each.path("task").toString() + each.path("log")));
    Collections.sort(tasks);
    return tasks;
  }
}
