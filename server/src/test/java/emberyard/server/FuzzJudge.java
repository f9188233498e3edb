package emberyard.server;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Whether a refusal says in a sentence what is wrong, and where. */
final class FuzzJudge {
  private final FuzzDocument document;
  private final String schema;

  FuzzJudge(FuzzDocument document, String schema) {
    this.document = document;
    this.schema = schema;
  }

  /** What is wrong with this refusal; empty when it is a good one. */
  String fault(Client.Answer answer, FuzzMutation.Changed changed) {
    String start = answer.status() + " ";
    if (answer.status() >= 500) {
      return start + answer.text();
    }
    JsonNode problem;
    try {
      problem = answer.json();
    } catch (JacksonException noJson) {
      return start + "is no problem document: " + answer.text();
    }
    if (problem.path("title").asString("").isBlank()) {
      return start + "says nothing";
    }
    if (answer.status() == 422 && !raw(changed) && !named(problem, changed)) {
      return start + "names another place: " + problem;
    }
    boolean known = answer.status() == 422 || changed.pointer().endsWith("/id") || raw(changed);
    return known ? "" : start + problem.path("title").asString();
  }

  /** A body that is no JSON at all. */
  private static boolean raw(FuzzMutation.Changed changed) {
    return changed.newValue().toString().equals("NaN");
  }

  private boolean named(JsonNode problem, FuzzMutation.Changed changed) {
    for (JsonNode error : problem.path("errors")) {
      String pointer = error.path("pointer").asString().replaceFirst("^#/things/\\d+/value", "#");
      if (near(pointer, changed)) {
        return true;
      }
    }
    return false;
  }

  /**
   * The place itself, one around it or in it; or another that the document knows: what refers to
   * it, or only holds together with it.
   */
  private boolean near(String pointer, FuzzMutation.Changed changed) {
    String place = changed.pointer();
    if (within(place, pointer) || within(pointer, place)) {
      return !pointer.equals("#");
    }
    return document.knows(schema, pointer);
  }

  private static boolean within(String inner, String outer) {
    return inner.equals(outer) || inner.startsWith(outer + "/");
  }
}
