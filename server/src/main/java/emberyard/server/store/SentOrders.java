package emberyard.server.store;

import emberyard.core.record.OrderLine;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * An order that was sent can't be unsent: taking it back cancels it, and it keeps its number, which
 * is given to no other.
 */
final class SentOrders {
  private SentOrders() {}

  /** The line, cancelled; empty where it was sent with no number, and may go as it came. */
  static Optional<JsonNode> cancelled(JsonNode line) {
    return line.path("number").asString("").isEmpty()
        ? Optional.empty()
        : Optional.of(
            ((ObjectNode) line.deepCopy()).put("state", OrderLine.State.CANCELLED.name()));
  }
}
