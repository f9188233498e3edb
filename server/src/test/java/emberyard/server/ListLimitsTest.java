package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The lengths of lists that the OpenAPI document states are those the server holds to. */
class ListLimitsTest {
  private final Client owner = TestYard.owner();
  private final JsonNode document = owner.get("/api/openapi").json();

  private JsonNode schema(JsonNode reference) {
    String name = reference.path("$ref").asString().replaceAll(".*/", "");
    return document.path("components").path("schemas").path(name);
  }

  private static String trouble(String place, JsonNode answer, String field) {
    for (JsonNode error : answer.path("errors")) {
      if (error.path("pointer").asString().endsWith("/" + field)) {
        return "";
      }
    }
    return place + ": " + answer.path("title").asString();
  }

  /** What goes wrong where one element too many is sent. */
  private String oneTooMany(String path, ObjectNode body, String field, int most) {
    ArrayNode list = (ArrayNode) body.path(field);
    while (list.size() <= most) {
      list.add(list.get(0));
    }
    var answer = owner.post(path, body);
    return answer.status() != 422
        ? path + " " + field + ": " + answer.status()
        : trouble(path, answer.json(), field);
  }

  @Test
  void oneElementMoreThanStatedIsRefusedByName() {
    List<String> wrong = new ArrayList<>();
    int tried = 0;
    for (var each : document.path("paths").properties()) {
      JsonNode content =
          each.getValue().path("post").path("requestBody").path("content").path("application/json");
      JsonNode example = content.path("example");
      for (var field : schema(content.path("schema")).path("properties").properties()) {
        JsonNode most = field.getValue().path("maxItems");
        if (example.path(field.getKey()).size() > 0 && most.isNumber()) {
          tried++;
          wrong.add(
              oneTooMany(
                  each.getKey(), (ObjectNode) example.deepCopy(), field.getKey(), most.asInt()));
        }
      }
    }
    wrong.removeIf(String::isEmpty);
    assertEquals(List.of(), wrong);
    assertTrue(tried >= 25, tried + " lists");
  }

  @Test
  void everyListOfARequestStatesItsLength() {
    List<String> silent = new ArrayList<>();
    for (var each : document.path("paths").properties()) {
      for (JsonNode operation : each.getValue()) {
        JsonNode body = operation.path("requestBody").path("content").path("application/json");
        for (var field : schema(body.path("schema")).path("properties").properties()) {
          boolean list = field.getValue().has("items");
          if (list && !field.getValue().has("maxItems")) {
            silent.add(each.getKey() + " " + field.getKey());
          }
        }
      }
    }
    assertEquals(List.of(), silent);
  }
}
