package emberyard.server.store;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Orders as they were written when they knew whether they were paid: what was paid is in the ledger
 * now, and only steps of undo and files of before still have the mark.
 */
public final class OldOrder {
  /** A field that only orders of the old form have. */
  static final String MARK = "paidOn";

  private OldOrder() {}

  /** Takes the mark off, where there is one. */
  static JsonNode brought(JsonNode order) {
    if (order instanceof ObjectNode object) {
      object.remove(MARK);
    }
    return order;
  }

  /** The day an order of the old form was paid, empty for none. */
  public static String paidOn(JsonNode order) {
    return order.path(MARK).asString("");
  }
}
