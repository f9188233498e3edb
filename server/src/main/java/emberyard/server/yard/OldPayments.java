package emberyard.server.yard;

import emberyard.core.kind.ThingKind;
import emberyard.server.store.OldOrder;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * Build files up to the sixth form said of an order whether it was paid. As in the store’s ninth
 * migration, each of those becomes a payment of its price on that day.
 */
final class OldPayments {
  private OldPayments() {}

  /** The same things, with payments. */
  static List<BuildFile.Entry> brought(List<BuildFile.Entry> things) {
    List<BuildFile.Entry> now = new ArrayList<>(things);
    for (BuildFile.Entry entry : things) {
      boolean order = entry != null && ThingKind.ORDER.word().equals(entry.kind());
      if (order && entry.value() != null && !OldOrder.paidOn(entry.value()).isEmpty()) {
        payment(entry.value(), now);
      }
    }
    return now;
  }

  private static void payment(JsonNode order, List<BuildFile.Entry> things) {
    String id = order.path("id").asString();
    double quantity = order.path("quantity").asDouble();
    long amountMinor = Math.round(quantity * order.path("unitPriceMinor").asLong());
    if (amountMinor > 0) {
      things.add(
          new BuildFile.Entry(
              ThingKind.MOVE.word(),
              JsonNodeFactory.instance
                  .objectNode()
                  .put("id", "paid-" + id)
                  .put("orderId", id)
                  .put("category", order.path("category").asString())
                  .put("supplierId", order.path("supplierId").asString(""))
                  .put("what", "PAID")
                  .put("amountMinor", amountMinor)
                  .put("on", OldOrder.paidOn(order))
                  .put("reverses", "")
                  .put("note", "")));
    }
  }
}
