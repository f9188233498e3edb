package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import emberyard.core.work.CostCategory;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * The record of something ordered. It hangs on the key of the need it fills.
 *
 * @param title what was ordered, kept as it was said then
 * @param quantity 0.01 to 10,000
 * @param unitPriceMinor agreed price of one
 * @param expectedOn promised day
 * @param checkedBy who opened it and compared it with what was ordered
 * @param paidOn null while not paid
 */
public record OrderLine(
    String id,
    String needKey,
    String title,
    CostCategory category,
    String supplierId,
    double quantity,
    long unitPriceMinor,
    State state,
    LocalDate orderedOn,
    LocalDate expectedOn,
    @Nullable LocalDate receivedOn,
    @Nullable LocalDate checkedOn,
    String checkedBy,
    @Nullable LocalDate paidOn,
    String note)
    implements Thing {
  public OrderLine {
    Require.text("id", id);
    Require.text("needKey", needKey);
    Require.text("title", title);
    Require.given("category", category);
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    Require.between("quantity", quantity, 0.01, 10_000, "");
    Require.between("unitPriceMinor", unitPriceMinor, 0, 100_000_000, "minor units");
    Require.given("state", state);
    Require.given("orderedOn", orderedOn);
    Require.given("expectedOn", expectedOn);
    Require.that(
        !expectedOn.isBefore(orderedOn), "expectedOn", "It can't arrive before it was ordered.");
    checkedBy = Require.textOrEmpty("checkedBy", checkedBy);
    note = Require.textOrEmpty("note", note);
    Require.that(
        state != State.RECEIVED || receivedOn != null, "receivedOn", "Say when it arrived.");
    Require.that(
        state != State.CHECKED || (receivedOn != null && checkedOn != null && !checkedBy.isBlank()),
        "checkedBy",
        "A check needs the day it arrived, the day of the check and who looked.");
  }

  /** Price of the whole line, rounded half up to a minor unit. */
  public long totalMinor() {
    return Math.round(quantity * unitPriceMinor);
  }

  /** How far an order has come. */
  public enum State {
    ORDERED,
    RECEIVED,
    CHECKED,
    /** Not what was ordered, or dead: it has to come again. */
    WRONG,
    CANCELLED
  }
}
