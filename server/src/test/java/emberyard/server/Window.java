package emberyard.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a window holds of builds: it asks for sections, and says which of them it has. */
final class Window {
  static final List<String> SECTIONS =
      List.of(
          "head",
          "build",
          "agreed",
          "interview",
          "coverage",
          "parts",
          "make",
          "finish",
          "fit",
          "wiring",
          "glow",
          "tasks",
          "makeTasks",
          "finishTasks",
          "needs",
          "ordered",
          "basket",
          "budget",
          "findings",
          "chain");

  private final Map<String, Map<String, Held>> builds = new TreeMap<>();

  /** How many sections came whole, of how many only what changed, and how many were held. */
  int came;

  int changed;

  int kept;

  private record Held(String tag, JsonNode value) {}

  /** What is shown of a build now, by section. */
  Map<String, String> look(Client client, String build) {
    Map<String, Held> held = builds.computeIfAbsent(build, id -> new TreeMap<>());
    List<String> tags = new ArrayList<>();
    held.forEach((section, its) -> tags.add(section + ":" + its.tag));
    JsonNode answer =
        client.get(address(build, SECTIONS) + "&held=" + String.join(",", tags)).expect(200).json();
    for (String section : SECTIONS) {
      String tag = answer.path("tags").path(section).asString();
      JsonNode value = answer.path("sections").get(section);
      JsonNode changes = answer.path("changes").get(section);
      if (value != null) {
        held.put(section, new Held(tag, value));
        came++;
      } else if (changes != null) {
        held.put(section, new Held(tag, after(held.get(section).value, changes)));
        changed++;
      } else {
        kept++;
      }
    }
    Map<String, String> shown = new TreeMap<>();
    held.forEach((section, its) -> shown.put(section, text(section, its.value)));
    shown.put("versions", answer.path("versions").toString());
    return shown;
  }

  /** What is held with what changed in its place. */
  static JsonNode after(JsonNode held, JsonNode changes) {
    JsonNode now = held.deepCopy();
    changes
        .properties()
        .forEach(
            each -> {
              String[] path = each.getKey().split("\\.");
              JsonNode in = path.length == 2 ? now.get(path[0]) : now;
              String last = path[path.length - 1];
              if (in instanceof ArrayNode list) {
                list.set(Integer.parseInt(last), each.getValue());
              } else {
                ((ObjectNode) in).set(last, each.getValue());
              }
            });
    return now;
  }

  /** Less what the change before moved. */
  private static String text(String section, JsonNode value) {
    return section.equals("head")
        ? ((ObjectNode) value.deepCopy()).without("moved").toString()
        : value.toString();
  }

  static String address(String build, List<String> sections) {
    return "/api/builds/%s/sections?want=%s".formatted(build, String.join(",", sections));
  }
}
