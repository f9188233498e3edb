package emberyard.server.store;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Finishes as they were written when they knew primer, colour and clear only, wherever they lie in
 * a thing: on their own, in frozen designs, in options, in history. The ids of the steps are chosen
 * so that what was recorded about their coats stays theirs.
 */
final class OldScheme {
  /** A field that only finishes of the old form have. */
  static final String MARK = "bothSides";

  private OldScheme() {}

  /** Rewrites every finish of the old form in place. */
  static JsonNode brought(JsonNode node) {
    if (node instanceof ObjectNode object && object.has(MARK) && !object.has("layers")) {
      rewrite(object);
    }
    node.forEach(OldScheme::brought);
    return node;
  }

  private static void rewrite(ObjectNode scheme) {
    boolean bothSides = scheme.remove(MARK).asBoolean(false);
    JsonNode primer = scheme.remove("primer");
    JsonNode colour = scheme.remove("colour");
    JsonNode clear = scheme.remove("clear");
    ArrayNode layers = scheme.putArray("layers");
    if (bothSides) {
      side(layers, "BACK", "back/", primer, colour, clear);
    }
    side(layers, "FRONT", "", primer, colour, clear);
  }

  private static void side(
      ArrayNode layers,
      String side,
      String prefix,
      JsonNode primer,
      JsonNode colour,
      JsonNode clear) {
    add(layers, side, prefix + "primer", "PAINT", primer);
    add(layers, side, prefix + "colour", "PAINT", colour);
    add(layers, side, prefix + "clear", "CLEAR", clear);
  }

  private static void add(ArrayNode layers, String side, String id, String op, JsonNode coats) {
    if (coats instanceof ObjectNode of) {
      layers
          .addObject()
          .put("id", id)
          .put("side", side)
          .put("op", op)
          .put("productId", of.path("paintId").asString())
          .put("coats", of.path("count").asInt(1));
    }
  }
}
