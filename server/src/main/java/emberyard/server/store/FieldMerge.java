package emberyard.server.store;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.MissingNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Two changes of one thing laid together, field by field. Lists whose elements have ids are laid
 * together by id; any other list is one value. Only a value changed on both sides to different
 * things is a conflict.
 */
public final class FieldMerge {
  private final boolean mineWins;
  private final List<String> conflicts = new ArrayList<>();

  private FieldMerge(boolean mineWins) {
    this.mineWins = mineWins;
  }

  /**
   * What came of it.
   *
   * @param value with the conflicting values of one side
   * @param conflicts JSON pointers, {@code #/window/widthMm}, to what both changed
   */
  public record Merged(JsonNode value, List<String> conflicts) {}

  /**
   * Lays two changes of {@code base} together.
   *
   * <p>Example: base {w 1, h 1}, mine {w 2, h 1}, theirs {w 1, h 3}: {w 2, h 3}, no conflict.
   *
   * @param mineWins which value stands where both changed one
   */
  public static Merged of(JsonNode base, JsonNode mine, JsonNode theirs, boolean mineWins) {
    FieldMerge merge = new FieldMerge(mineWins);
    JsonNode value = merge.at("#", base, mine, theirs);
    return new Merged(value, List.copyOf(merge.conflicts));
  }

  private JsonNode at(String place, JsonNode base, JsonNode mine, JsonNode theirs) {
    if (mine.equals(theirs) || theirs.equals(base)) {
      return mine;
    }
    if (mine.equals(base)) {
      return theirs;
    }
    if (base.isObject() && mine.isObject() && theirs.isObject()) {
      return object(place, base, mine, theirs);
    }
    Map<String, JsonNode> was = byId(base);
    Map<String, JsonNode> own = byId(mine);
    Map<String, JsonNode> other = byId(theirs);
    if (was != null && own != null && other != null) {
      return list(place, was, own, other);
    }
    conflicts.add(place);
    return mineWins ? mine : theirs;
  }

  private JsonNode object(String place, JsonNode base, JsonNode mine, JsonNode theirs) {
    Set<String> names = new LinkedHashSet<>(theirs.propertyNames());
    names.addAll(mine.propertyNames());
    ObjectNode merged = JsonNodeFactory.instance.objectNode();
    for (String name : names) {
      JsonNode value = at(place + "/" + name, base.path(name), mine.path(name), theirs.path(name));
      if (!value.isMissingNode()) {
        merged.set(name, value);
      }
    }
    return merged;
  }

  private JsonNode list(
      String place,
      Map<String, JsonNode> base,
      Map<String, JsonNode> mine,
      Map<String, JsonNode> theirs) {
    // whoever moved elements about says the order; what the other added comes after its neighbour
    boolean moved = !sameOrder(base, mine);
    List<String> order = order(moved ? mine : theirs, moved ? theirs : mine);
    ArrayNode merged = JsonNodeFactory.instance.arrayNode();
    for (String id : order) {
      JsonNode value =
          at(
              place + "/" + merged.size(),
              base.getOrDefault(id, MissingNode.getInstance()),
              mine.getOrDefault(id, MissingNode.getInstance()),
              theirs.getOrDefault(id, MissingNode.getInstance()));
      if (!value.isMissingNode()) {
        merged.add(value);
      }
    }
    return merged;
  }

  private static boolean sameOrder(Map<String, JsonNode> base, Map<String, JsonNode> mine) {
    List<String> before = new ArrayList<>(base.keySet());
    List<String> after = new ArrayList<>(mine.keySet());
    before.retainAll(mine.keySet());
    after.retainAll(base.keySet());
    return before.equals(after);
  }

  private static List<String> order(Map<String, JsonNode> first, Map<String, JsonNode> second) {
    List<String> order = new ArrayList<>(first.keySet());
    String neighbour = null;
    for (String id : second.keySet()) {
      if (!first.containsKey(id)) {
        order.add(neighbour == null ? 0 : order.indexOf(neighbour) + 1, id);
      }
      neighbour = id;
    }
    return order;
  }

  /** The elements by id; null where it is no list, or an element has no id of its own. */
  private static @Nullable Map<String, JsonNode> byId(JsonNode list) {
    if (!list.isArray()) {
      return null;
    }
    Map<String, JsonNode> byId = new LinkedHashMap<>();
    for (JsonNode each : list) {
      String id = each.path("id").asString("");
      if (id.isEmpty() || byId.put(id, each) != null) {
        return null;
      }
    }
    return byId;
  }
}
