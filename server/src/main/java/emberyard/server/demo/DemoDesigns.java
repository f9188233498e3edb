package emberyard.server.demo;

import emberyard.core.kind.ThingKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Designs that a file of the demo keeps beside its build (frozen, other options), told by what is
 * different in them: {@code {"of": "this build", "look": …, "without": [ids], "instead": {"panels":
 * […]}}}. What is instead of nothing comes last in its list.
 */
final class DemoDesigns {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  /** The design of the build itself. */
  private final ObjectNode own = NODES.objectNode();

  private DemoDesigns(JsonNode file) {
    designKinds().forEach(kind -> own.putArray(kind.list()));
    for (JsonNode entry : file.path("things")) {
      String word = entry.path("kind").asString();
      if (word.equals(ThingKind.CONCEPT.word())) {
        own.set("look", entry.path("value").path("look"));
      }
      designKinds()
          .filter(kind -> kind.word().equals(word))
          .forEach(kind -> ((ArrayNode) own.get(kind.list())).add(entry.get("value")));
    }
  }

  static Stream<ThingKind> designKinds() {
    return Stream.of(ThingKind.values()).filter(ThingKind::ofDesign);
  }

  /** The same file with whole designs. */
  static JsonNode filled(JsonNode file) {
    return new DemoDesigns(file).filledIn(file);
  }

  private JsonNode filledIn(JsonNode tree) {
    if (tree instanceof ObjectNode object) {
      if (object.path("of").asString("").equals("this build")) {
        return design(object);
      }
      ObjectNode filled = NODES.objectNode();
      object.properties().forEach(each -> filled.set(each.getKey(), filledIn(each.getValue())));
      return filled;
    }
    if (tree instanceof ArrayNode list) {
      ArrayNode filled = NODES.arrayNode();
      list.forEach(each -> filled.add(filledIn(each)));
      return filled;
    }
    return tree;
  }

  private ObjectNode design(JsonNode told) {
    List<String> without = told.path("without").valueStream().map(JsonNode::asString).toList();
    ObjectNode design = NODES.objectNode();
    design.set("look", told.has("look") ? told.get("look") : own.get("look"));
    designKinds()
        .map(ThingKind::list)
        .forEach(
            list -> {
              Map<String, JsonNode> things = new LinkedHashMap<>();
              own.get(list).forEach(thing -> things.put(id(thing), thing));
              things.keySet().removeAll(without);
              told.path("instead").path(list).forEach(thing -> things.put(id(thing), thing));
              design.set(list, NODES.arrayNode().addAll(new ArrayList<>(things.values())));
            });
    return design;
  }

  private static String id(JsonNode thing) {
    return thing.path("id").asString();
  }
}
