package emberyard.server;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The OpenAPI document as a source of places and of values that are likely right. */
final class FuzzDocument {
  private static final int DEEPEST = 9;
  private final JsonNode document;

  /** The richest real value of each schema: more likely right than what is made up. */
  private final Map<String, JsonNode> donors = new HashMap<>();

  FuzzDocument(String json) {
    document = JsonMapper.shared().readTree(json);
  }

  JsonNode schema(String name) {
    return document.path("components").path("schemas").path(name);
  }

  /** Schema of the JSON body of a POST, empty where it takes none. */
  String bodyOf(String path) {
    return nameOf(content(path).path("schema"));
  }

  JsonNode exampleOf(String path) {
    return content(path).path("example");
  }

  private JsonNode content(String path) {
    JsonNode post = document.path("paths").path(path).path("post");
    return post.path("requestBody").path("content").path("application/json");
  }

  List<String> calculators() {
    return document.path("paths").properties().stream()
        .map(Map.Entry::getKey)
        .filter(path -> path.startsWith("/api/calc/") && !bodyOf(path).isEmpty())
        .toList();
  }

  boolean canBePut(String path) {
    return document.path("paths").path(path).has("put");
  }

  /** All places of a body, lists and objects included. */
  List<FuzzLeaf> leaves(String name) {
    List<FuzzLeaf> leaves = new ArrayList<>();
    walk(schema(name), new ArrayDeque<>(), new ArrayDeque<>(), leaves);
    return leaves;
  }

  private void walk(
      JsonNode given, Deque<String> steps, Deque<String> within, List<FuzzLeaf> leaves) {
    JsonNode schema = one(given);
    String name = nameOf(schema);
    if (!name.isEmpty()) {
      if (!steps.isEmpty()) {
        leaves.add(new FuzzLeaf(List.copyOf(steps), schema(name)));
      }
      if (within.contains(name) || steps.size() > DEEPEST) {
        return;
      }
      within.push(name);
      walk(schema(name), steps, within, leaves);
      within.pop();
      return;
    }
    if (!steps.isEmpty() && !added(leaves, steps)) {
      leaves.add(new FuzzLeaf(List.copyOf(steps), schema));
    }
    schema
        .path("properties")
        .properties()
        .forEach(field -> step(field.getKey(), field.getValue(), steps, within, leaves));
    if (schema.has("items")) {
      step("*", schema.path("items"), steps, within, leaves);
    }
  }

  private static boolean added(List<FuzzLeaf> leaves, Deque<String> steps) {
    return !leaves.isEmpty() && leaves.get(leaves.size() - 1).steps().equals(List.copyOf(steps));
  }

  private void step(
      String name,
      JsonNode schema,
      Deque<String> steps,
      Deque<String> within,
      List<FuzzLeaf> leaves) {
    steps.addLast(name);
    walk(schema, steps, within, leaves);
    steps.removeLast();
  }

  /** The schema itself where it may be null as well. */
  private static JsonNode one(JsonNode schema) {
    for (JsonNode each : schema.path("anyOf")) {
      if (!each.path("type").path(0).asString(each.path("type").asString("")).equals("null")) {
        return each;
      }
    }
    return schema;
  }

  /** Whether the document knows such a place in a body. */
  boolean knows(String schema, String pointer) {
    String path = pointer.replaceFirst("^#/", "").replaceAll("(^|/)\\d+(?=/|$)", "$1*");
    return leaves(schema).stream().anyMatch(leaf -> leaf.path().equals(path));
  }

  /** What the document says of one step into this. */
  JsonNode within(JsonNode given, String step) {
    JsonNode schema = resolved(given);
    return step.equals("*") ? schema.path("items") : schema.path("properties").path(step);
  }

  private JsonNode resolved(JsonNode given) {
    JsonNode schema = one(given);
    String name = nameOf(schema);
    return name.isEmpty() ? schema : schema(name);
  }

  /** Learns what real values look like. */
  void learn(JsonNode value, String schema) {
    if (value.isObject()) {
      JsonNode known = donors.get(schema);
      if (known == null || known.toString().length() < value.toString().length()) {
        donors.put(schema, value);
      }
    }
    learn(value, schema(schema));
  }

  private void learn(JsonNode value, JsonNode schema) {
    for (Map.Entry<String, JsonNode> field : value.properties()) {
      learnAs(field.getValue(), schema.path("properties").path(field.getKey()));
    }
    if (value.isArray()) {
      value.forEach(each -> learnAs(each, schema.path("items")));
    }
  }

  private void learnAs(JsonNode value, JsonNode given) {
    String name = nameOf(one(given));
    if (name.isEmpty()) {
      learn(value, one(given));
    } else {
      learn(value, name);
    }
  }

  private static String nameOf(JsonNode schema) {
    String reference = schema.path("$ref").asString("");
    return reference.substring(reference.lastIndexOf('/') + 1);
  }

  /** A value that the schema allows: a real one, the middle of a range, the first of a list. */
  JsonNode sample(JsonNode given, String name) {
    JsonNode donor = donors.get(nameOf(one(given)));
    if (donor != null) {
      return donor.deepCopy();
    }
    JsonNode schema = resolved(given);
    FuzzLeaf leaf = new FuzzLeaf(List.of(name), schema);
    JsonNodeFactory nodes = JsonNodeFactory.instance;
    if (schema.has("enum")) {
      return schema.path("enum").get(0);
    }
    if (leaf.is("object") || schema.has("properties")) {
      ObjectNode object = nodes.objectNode();
      for (JsonNode required : schema.path("required")) {
        String field = required.asString();
        object.set(field, sample(schema.path("properties").path(field), field));
      }
      return object;
    }
    if (leaf.is("array")) {
      return nodes.arrayNode();
    }
    if (leaf.is("boolean")) {
      return nodes.booleanNode(false);
    }
    if (leaf.is("integer") || leaf.is("number")) {
      double least = schema.path("minimum").asDouble(0);
      double most = schema.path("maximum").asDouble(2);
      return nodes.numberNode((long) Math.ceil(Math.min(least + 1, (least + most) / 2)));
    }
    return nodes.stringNode(words(schema.path("format").asString(""), name));
  }

  private static String words(String format, String name) {
    return switch (format) {
      case "date" -> "2026-03-09";
      case "date-time" -> "2026-03-09T09:00:00Z";
      default ->
          name.endsWith("Hex")
              ? "#808080"
              : name.equals("sha256") ? "0".repeat(64) : name.endsWith("ath") ? "M0 0H9V9Z" : "x1";
    };
  }
}
