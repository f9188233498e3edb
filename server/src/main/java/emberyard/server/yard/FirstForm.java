package emberyard.server.yard;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Build files of the first form froze only the look of a concept. As in the store's second
 * migration, what was frozen is completed with the parts as the file has them.
 */
final class FirstForm {
  private static final List<String> KINDS =
      List.of("components", "panels", "schemes", "screens", "strips");

  private FirstForm() {}

  /** The same things in the present form. */
  static List<BuildFile.Entry> brought(List<BuildFile.Entry> things) {
    List<BuildFile.Entry> now = new ArrayList<>();
    for (BuildFile.Entry entry : things) {
      boolean frozen =
          "concepts".equals(entry.kind())
              && entry.value() instanceof ObjectNode
              && entry.value().path("frozen").has("look");
      now.add(frozen ? completed(entry, things) : entry);
    }
    return now;
  }

  private static BuildFile.Entry completed(BuildFile.Entry entry, List<BuildFile.Entry> things) {
    ObjectNode concept = ((ObjectNode) entry.value()).deepCopy();
    ObjectNode frozen = (ObjectNode) concept.get("frozen");
    ObjectNode design = frozen.putObject("design");
    design.set("look", frozen.remove("look"));
    design.putArray("items");
    KINDS.forEach(kind -> addAll(design.putArray(kind), kind, things));
    return new BuildFile.Entry(entry.kind(), concept);
  }

  private static void addAll(ArrayNode list, String kind, List<BuildFile.Entry> things) {
    for (BuildFile.Entry thing : things) {
      JsonNode value = thing.value();
      if (kind.equals(thing.kind()) && value != null) {
        list.add(value);
      }
    }
  }
}
