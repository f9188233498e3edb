package emberyard.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.util.RawValue;

/** One value of a body replaced by an odd one. */
final class FuzzMutation {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final int MANY = 3_000;
  private final FuzzDocument document;
  private final Random random;

  FuzzMutation(FuzzDocument document, Random random) {
    this.document = document;
    this.random = random;
  }

  /**
   * @param pointer where, as the API names it: {@code #/steps/2/widthMm}
   * @param oldValue what was there
   */
  record Changed(JsonNode body, String pointer, JsonNode oldValue, JsonNode newValue) {}

  /** The body with another value at this place; what lacks on the way there is put in. */
  Changed at(FuzzLeaf leaf, JsonNode base, String schema) {
    JsonNode body = base.deepCopy();
    StringBuilder pointer = new StringBuilder("#");
    JsonNode place = body;
    JsonNode described = document.schema(schema);
    for (int i = 0; i < leaf.steps().size() - 1; i++) {
      String step = leaf.steps().get(i);
      described = document.within(described, step);
      place = into(place, step, described, pointer);
    }
    String last = leaf.steps().get(leaf.steps().size() - 1);
    JsonNode old;
    JsonNode odd;
    if (place instanceof ArrayNode list) {
      if (list.isEmpty()) {
        list.add(document.sample(leaf.schema(), last));
      }
      int index = random.nextInt(list.size());
      old = list.get(index);
      odd = odd(leaf, old);
      list.set(index, odd);
      pointer.append('/').append(index);
    } else {
      old = place.path(last);
      odd = odd(leaf, old);
      ((ObjectNode) place).set(last, odd);
      pointer.append('/').append(last);
    }
    return new Changed(body, pointer.toString(), old, odd);
  }

  private JsonNode into(JsonNode place, String step, JsonNode described, StringBuilder pointer) {
    if (place instanceof ArrayNode list) {
      if (list.isEmpty()) {
        list.add(document.sample(described, step));
      }
      int index = random.nextInt(list.size());
      if (list.get(index).isNull()) {
        list.set(index, document.sample(described, step));
      }
      pointer.append('/').append(index);
      return list.get(index);
    }
    ObjectNode object = (ObjectNode) place;
    if (object.path(step).isMissingNode() || object.path(step).isNull()) {
      object.set(step, document.sample(described, step));
    }
    pointer.append('/').append(step);
    return object.get(step);
  }

  private JsonNode odd(FuzzLeaf leaf, JsonNode old) {
    List<JsonNode> values = new ArrayList<>();
    if (leaf.is("integer") || leaf.is("number")) {
      numbers(leaf, values);
    } else if (leaf.is("boolean")) {
      values.addAll(List.of(NODES.booleanNode(true), NODES.booleanNode(false), text("yes")));
    } else if (leaf.is("array")) {
      lists(old, values);
    } else if (leaf.is("object") || leaf.schema().has("properties")) {
      values.addAll(List.of(NODES.objectNode(), NODES.arrayNode(), text("{}")));
    } else if (leaf.schema().has("enum")) {
      leaf.schema().path("enum").forEach(values::add);
      values.addAll(List.of(text("NO_SUCH"), text(""), NODES.numberNode(3)));
    } else {
      texts(leaf, values);
    }
    if (random.nextInt(6) == 0) {
      return NODES.nullNode();
    }
    return values.get(random.nextInt(values.size()));
  }

  private static void numbers(FuzzLeaf leaf, List<JsonNode> values) {
    JsonNode least = leaf.schema().path("minimum");
    JsonNode most = leaf.schema().path("maximum");
    for (JsonNode edge : List.of(least, most)) {
      if (edge.isNumber()) {
        double bound = edge.asDouble();
        double step = leaf.is("integer") ? 1 : Math.max(1e-9, Math.abs(bound) * 1e-9);
        values.add(edge);
        values.add(number(leaf, bound + step));
        values.add(number(leaf, bound - step));
      }
    }
    if (least.isNumber() && most.isNumber()) {
      double from = least.asDouble();
      double to = most.asDouble();
      for (double share : new double[] {0.01, 0.3, 0.5, 0.9}) {
        values.add(number(leaf, from + share * (to - from)));
      }
    }
    for (String raw : "0 1 -1 0.1 1e-300 1e15 1e300 1e400 9223372036854775808 NaN".split(" ")) {
      values.add(NODES.rawValueNode(new RawValue(raw)));
    }
    values.add(text("12 mm"));
  }

  private static JsonNode number(FuzzLeaf leaf, double value) {
    return leaf.is("integer") ? NODES.numberNode(Math.round(value)) : NODES.numberNode(value);
  }

  private static void lists(JsonNode old, List<JsonNode> values) {
    values.addAll(List.of(NODES.arrayNode(), NODES.arrayNode().addNull(), text("[]")));
    if (old.isArray() && !old.isEmpty()) {
      ArrayNode twice = NODES.arrayNode().addAll((ArrayNode) old).addAll((ArrayNode) old);
      ArrayNode many = NODES.arrayNode();
      for (int i = 0; i < MANY; i++) {
        many.add(old.get(0));
      }
      values.addAll(List.of(twice, many, NODES.arrayNode().add(old.get(0))));
    }
  }

  private static void texts(FuzzLeaf leaf, List<JsonNode> values) {
    for (String odd :
        new String[] {
          "",
          " ",
          "x".repeat(5_000),
          "x".repeat(300),
          "a\u0000b",
          "bell\u0007",
          "énorme 窓 🪟",
          "../../etc/x",
          "M0 0 L",
          "M0 0H9V9Z",
          "hello",
          "<b>&amp;'\"</b>",
          "=1+1",
          "two\nlines",
          "2200-12-31",
          "2201-01-01",
          "+999999999-12-31",
          "1970-01-01",
          "1970-01-01T00:00:00Z",
          "2200-12-31T23:59:59Z",
          "tomorrow",
          "#12345",
          "#FFFFFF",
          "25:00",
          "00:00"
        }) {
      values.add(text(odd));
    }
    values.add(NODES.numberNode(7));
    if (leaf.schema().has("format")) {
      values.add(text("2026-03-09"));
      values.add(text("2026-03-09T10:00:00"));
    }
  }

  private static JsonNode text(String words) {
    return NODES.stringNode(words);
  }
}
