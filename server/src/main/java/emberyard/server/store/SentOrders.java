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

  /**
   * The line, cancelled; empty where it may go as it came: it was sent with no number, or was made
   * of one that was sent.
   */
  static Optional<JsonNode> cancelled(JsonNode line) {
    return line.path("number").asString("").isEmpty() || !line.path("partOf").asString("").isEmpty()
        ? Optional.empty()
        : Optional.of(
            ((ObjectNode) line.deepCopy()).put("state", OrderLine.State.CANCELLED.name()));
  }
}
