package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What was bought for a build that doesn't need it is laid on the shelf, for whichever comes next:
 * what was paid for it comes off the build, to the minor unit, and whoever takes it from there
 * bears what it cost.
 *
 * @param stays what is left of the line, null where all of it goes
 * @param lies the line of what lies on the shelf
 * @param off what comes off the build, null where nothing was paid
 * @param shelf the product with as much more of it
 */
public record Shelving(@Nullable OrderLine stays, OrderLine lies, @Nullable Move off, Thing shelf) {
  private static final double NOTHING = 1e-9;

  /**
   * How much of a line can be laid on the shelf: what is too many of it, else all; 0 where it isn't
   * here, isn't right, isn't the workshop's, isn't paid or has no place there.
   */
  static double most(
      OrderLine line, @Nullable Difference differs, Ledger ledger, WorkshopBook book) {
    boolean here =
        line.receivedOn() != null
            && (line.state() == OrderLine.State.KEPT
                || line.live() && !line.state().underWay() && differs != null);
    boolean ours = line.way() != OrderLine.Way.CLIENT_PAYS && line.way() != OrderLine.Way.DUTY;
    boolean placed =
        ShelfPlace.counts(book, line.needKey(), line.unit())
            && ShelfPlace.changed(book, line.needKey(), 0).isPresent();
    if (!here || !ours || !placed || ledger.openMinor(line) > 0) {
      return 0;
    }
    double most = differs != null && differs.tooMuch() > 0 ? differs.tooMuch() : line.quantity();
    return ShelfPlace.wholeOnes(line.needKey()) ? Math.floor(most + NOTHING) : most;
  }

  /**
   * Example: 4 sheets at 10.00, all paid, 1 goes: 3 stay, 10.00 comes off, the shelf holds one
   * more.
   *
   * @param most how much can go, see {@link OrderedLine#forShelf}
   * @param newId of the line of what goes where some stays
   * @throws emberyard.core.units.InvalidValue where more would go than can, or nothing
   */
  public static Shelving of(
      Build build,
      OrderLine line,
      double quantity,
      double most,
      String newId,
      LocalDate today,
      WorkshopBook book) {
    Require.that(
        quantity > 0 && quantity <= most + NOTHING,
        "quantity",
        "More than nothing, and not more than is here, paid and not needed.");
    Require.that(
        !ShelfPlace.wholeOnes(line.needKey())
            || Math.abs(quantity - Math.round(quantity)) < NOTHING,
        "quantity",
        "Whole ones only: a rest of a sheet is an offcut.");
    boolean all = quantity > line.quantity() - NOTHING;
    long paid = Elsewhere.paidFor(build, line, quantity);
    OrderLine lies =
        all
            ? line.withState(OrderLine.State.SHELVED)
            : line.with(
                each ->
                    each.id(newId)
                        .quantity(quantity)
                        .state(OrderLine.State.SHELVED)
                        .partOf(line.partOf().isEmpty() ? line.id() : line.partOf())
                        .deliveryMinor(0L));
    Thing shelf = ShelfPlace.changed(book, line.needKey(), quantity).orElseThrow();
    return new Shelving(
        all ? null : line.withQuantity(Split.tidy(line.quantity() - quantity)),
        lies,
        paid <= 0
            ? null
            : new Move(
                newId + "-shelved",
                line.id(),
                line.category(),
                line.supplierId(),
                Move.What.REFUNDED,
                paid,
                today,
                "",
                "it lies on the shelf"),
        shelf);
  }
}
