package emberyard.server.yard;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The things of a build with every id anew and every reference followed, so that the copy can stand
 * beside the build it was made from. References are ids, and keys that hold ids ({@code
 * part:ID/cut}); words of people are left alone.
 */
final class BuildCopy {
  private static final Pattern ID = Pattern.compile("[A-Za-z0-9._-]+");
  private static final Pattern REFERENCE = Pattern.compile("id|.+(Id|Ids|Key|Keys)");
  private static final Set<String> KEYS = Set.of("after", "passedFor", "hangsWith", "answeredBy");

  private final Map<String, String> anew = new HashMap<>();

  private BuildCopy() {}

  /**
   * The same things, another build. The new ids sort as the old ones did: where two of a kind are
   * equally good, the id decides, and the copy comes to the same figures.
   *
   * @param stem what all new ids begin with, like nothing else here
   */
  static List<BuildFile.Entry> of(List<BuildFile.Entry> things, String stem) {
    BuildCopy copy = new BuildCopy();
    things.stream()
        .map(thing -> thing.value().path("id").asString())
        .distinct()
        .sorted()
        .forEach(id -> copy.anew.put(id, "%s-%05d".formatted(stem, copy.anew.size())));
    return things.stream()
        .map(thing -> new BuildFile.Entry(thing.kind(), copy.copied(thing.value(), "")))
        .toList();
  }

  /** All ids that things refer to, their own among them. */
  static Set<String> named(List<BuildFile.Entry> things) {
    Set<String> named = new HashSet<>();
    things.forEach(thing -> named(thing.value(), "", named));
    return named;
  }

  private static void named(JsonNode value, String field, Set<String> into) {
    if (value.isString() && reference(field)) {
      ID.matcher(value.asString()).results().forEach(found -> into.add(found.group()));
    }
    value.properties().forEach(each -> named(each.getValue(), each.getKey(), into));
    if (value.isArray()) {
      value.forEach(each -> named(each, field, into));
    }
  }

  private static boolean reference(String field) {
    return REFERENCE.matcher(field).matches() || KEYS.contains(field);
  }

  private JsonNode copied(JsonNode value, String field) {
    if (value instanceof ObjectNode object) {
      ObjectNode other = JsonNodeFactory.instance.objectNode();
      object
          .properties()
          .forEach(each -> other.set(each.getKey(), copied(each.getValue(), each.getKey())));
      return other;
    }
    if (value instanceof ArrayNode list) {
      ArrayNode other = JsonNodeFactory.instance.arrayNode();
      list.forEach(each -> other.add(copied(each, field)));
      return other;
    }
    return value.isString() && reference(field)
        ? JsonNodeFactory.instance.stringNode(followed(value.asString()))
        : value;
  }

  /** An id, or each id in a key. */
  private String followed(String key) {
    return ID.matcher(key)
        .replaceAll(
            found -> Matcher.quoteReplacement(anew.getOrDefault(found.group(), found.group())));
  }
}
