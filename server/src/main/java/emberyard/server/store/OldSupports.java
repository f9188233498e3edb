package emberyard.server.store;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What an enclosure stands on as it was written when that was always two lines from left to right,
 * wherever it lies in a thing. It becomes two supports with the names that the lines had.
 */
final class OldSupports {
  /** A field that only supports of the old form have. */
  static final String MARK = "frontMm";

  private OldSupports() {}

  /** Rewrites all supports of the old form in place. */
  static JsonNode brought(JsonNode node) {
    if (node.path("supports") instanceof ObjectNode supports && supports.has(MARK)) {
      rewrite(supports);
    }
    node.forEach(OldSupports::brought);
    return node;
  }

  private static void rewrite(ObjectNode supports) {
    String each =
        switch (supports.path("kind").asString("FEET")) {
          case "AXLES" -> "axle";
          case "SHELF" -> "edge";
          default -> "feet";
        };
    JsonNode left = supports.remove("leftMm");
    JsonNode right = supports.remove("rightMm");
    JsonNode front = supports.remove(MARK);
    JsonNode back = supports.remove("backMm");
    ArrayNode on = supports.putArray("on");
    line(on, "front", each, left, right, front);
    line(on, "back", each, left, right, back);
  }

  private static void line(
      ArrayNode on, String id, String each, JsonNode left, JsonNode right, JsonNode at) {
    on.addObject()
        .put("id", id)
        .put("name", id + " " + each)
        .<ObjectNode>set("xMm", left)
        .<ObjectNode>set("toXMm", right)
        .set("yMm", at);
  }
}
