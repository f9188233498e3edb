package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import emberyard.core.units.InvalidValue;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is only ever added, such as payments: nobody changes or takes out one that is there, but
 * with its whole build, and where it can't be read. Undo takes one back by another.
 */
final class OnlyAdded {
  private OnlyAdded() {}

  /**
   * @throws InvalidValue where one that is there would be changed or taken out
   */
  static void check(Contents now, List<Write> writes) {
    for (Write write : writes) {
      if (write.kind().onlyAdded() && now.has(write) && !withItsBuild(write, writes)) {
        Row there = now.row(write.kind(), write.id());
        boolean mended = there != null && there.value() instanceof Unreadable;
        if (!mended && (there == null || !there.value().equals(write.value()))) {
          throw new InvalidValue(
              "",
              "A payment stays as it was entered: enter what came back, or take it back by another.");
        }
      }
    }
  }

  private static boolean withItsBuild(Write write, List<Write> writes) {
    return writes.stream()
        .filter(each -> each.kind() == ThingKind.BRIEF && each.value() == null)
        .anyMatch(each -> each.id().equals(write.buildId()));
  }

  /**
   * One that takes another back, or repeats one that was taken back.
   *
   * @param body of the one that was added
   * @param id of the new one
   */
  static JsonNode turned(JsonNode body, String id, boolean back) {
    ObjectNode turned = ((ObjectNode) body).deepCopy();
    String reverses = body.path("reverses").asString("");
    String other = reverses.isEmpty() ? body.path("id").asString() : "";
    return turned.put("id", id).put("reverses", back ? other : reverses);
  }
}
