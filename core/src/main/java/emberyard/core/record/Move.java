package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import emberyard.core.work.CostCategory;
import java.time.LocalDate;

/**
 * Money that moved between the workshop and a shop. Moves are only ever added: what was entered by
 * mistake is taken back by another.
 *
 * @param orderId the line it was paid for; empty for a delivery, or duty on it
 * @param category of the line; {@link CostCategory#SHIPPING} for a delivery and duty
 * @param supplierId the shop
 * @param what which way it went
 * @param amountMinor 1 to 10,000,000,000 minor units of the workshop's money
 * @param on the day
 * @param reverses id of the move that this one takes back, empty for none
 */
public record Move(
    String id,
    String orderId,
    CostCategory category,
    String supplierId,
    What what,
    long amountMinor,
    LocalDate on,
    String reverses,
    String note)
    implements Thing {
  public Move {
    Require.text("id", id);
    orderId = Require.textOrEmpty("orderId", orderId);
    Require.given("category", category);
    Require.that(
        !orderId.isEmpty() || category == CostCategory.SHIPPING,
        "orderId",
        "What is paid for is a line of an order, or a delivery.");
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    Require.given("what", what);
    Require.between("amountMinor", amountMinor, 1, 10_000_000_000L, "minor units");
    Require.given("on", on);
    reverses = Require.textOrEmpty("reverses", reverses);
    note = Require.textOrEmpty("note", note);
  }

  /**
   * What it adds to what is spent, minor units: below 0 where money came back.
   *
   * <p>Example: 289.00 paid is 28900, refunded −28900; a payment taken back is −28900.
   */
  public long spentMinor() {
    long out = what == What.PAID ? amountMinor : -amountMinor;
    return reverses.isEmpty() ? out : -out;
  }

  /** The one that takes this one back; taking it back again is the same as this. */
  public Move back(String otherId, LocalDate day) {
    String of = reverses.isEmpty() ? id : "";
    return new Move(otherId, orderId, category, supplierId, what, amountMinor, day, of, note);
  }

  /** Which way money went. */
  public enum What {
    PAID,
    REFUNDED,
    /** Given as credit, which pays something else. */
    CREDITED
  }
}
