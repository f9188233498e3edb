package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.units.Require;
import emberyard.core.work.Need;
import java.time.LocalDate;
import java.util.List;

/**
 * What was ordered for one build and is used in another. What was paid for it goes along, to the
 * minor unit: as much comes off the one as is put on the other, and what is not paid yet is owed by
 * the other. The delivery stays with the build that ordered it.
 *
 * @param stays the line as its own build keeps it
 * @param goes the line of the other build
 * @param off what comes off the build that ordered it, none where nothing was paid
 * @param on what is put on the other
 */
public record Elsewhere(OrderLine stays, OrderLine goes, List<Move> off, List<Move> on) {
  private static final double NOTHING = 1e-9;

  public Elsewhere {
    off = List.copyOf(off);
    on = List.copyOf(on);
  }

  /**
   * Example: 4 at 10.00 of which 30.00 are paid, 1 goes: 7.50 comes off, the other build holds
   * 10.00 and owes 2.50 of it.
   *
   * @param build that ordered it
   * @param quantity that goes, more than 0 and not more than the line's
   * @param other name of the build that uses it, for the note
   * @param need of that build
   * @param newId of its line
   * @throws emberyard.core.units.InvalidValue where more would go than there is, or nothing
   */
  public static Elsewhere of(
      Build build,
      OrderLine line,
      double quantity,
      String other,
      Need need,
      String newId,
      LocalDate today) {
    Require.that(
        quantity > 0 && quantity <= line.quantity() + NOTHING,
        "quantity",
        "More than nothing, and not more than there is.");
    boolean all = quantity > line.quantity() - NOTHING;
    OrderLine stays =
        all
            ? line.withState(OrderLine.State.PASSED_ON)
            : line.withQuantity(Split.tidy(line.quantity() - quantity));
    OrderLine goes =
        line.with(
            each ->
                each.id(newId)
                    .needKey(need.key())
                    .title(need.title())
                    .category(need.category())
                    .quantity(all ? line.quantity() : quantity)
                    .state(usable(line))
                    .partOf(line.partOf().isEmpty() ? line.id() : line.partOf())
                    .deliveryMinor(0L));
    long carried = paidFor(build, line, quantity);
    if (carried <= 0) {
      return new Elsewhere(stays, goes, List.of(), List.of());
    }
    return new Elsewhere(
        stays,
        goes,
        List.of(
            move(
                newId + "-from",
                line,
                Move.What.REFUNDED,
                carried,
                today,
                "it is used in " + other)),
        List.of(
            move(
                newId + "-carried",
                goes,
                Move.What.PAID,
                carried,
                today,
                "it was paid by " + build.brief().name())));
  }

  /** What was paid for some of a line: all of it, or by its share of the price. */
  static long paidFor(Build build, OrderLine line, double quantity) {
    long paid = new Ledger(build).spentMinor(line);
    boolean all = quantity > line.quantity() - NOTHING || line.totalMinor() == 0;
    long share = line.withQuantity(quantity).totalMinor();
    return all ? paid : Math.round((double) paid * share / line.totalMinor());
  }

  /** What was kept aside lies here; whoever looked at it then need not do so again. */
  private static OrderLine.State usable(OrderLine line) {
    if (line.state() != OrderLine.State.KEPT) {
      return line.state();
    }
    boolean checked = line.checkedOn() != null && !line.checkedBy().isBlank();
    return checked ? OrderLine.State.CHECKED : OrderLine.State.RECEIVED;
  }

  private static Move move(
      String id, OrderLine line, Move.What what, long minor, LocalDate today, String note) {
    return new Move(
        id, line.id(), line.category(), line.supplierId(), what, minor, today, "", note);
  }

  /** Whether a line can be used in another build: it is on its way, or here and right. */
  public static boolean canGo(OrderLine line) {
    return line.live() || (line.state() == OrderLine.State.KEPT && line.receivedOn() != null);
  }

  /** Whether another build needs just this. */
  public static boolean fits(OrderLine line, NeedLine open) {
    return open.open() > 0
        && open.need().title().equals(line.title())
        && (line.unit().isEmpty() || line.unit().equals(open.need().unit()));
  }
}
