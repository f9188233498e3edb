package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.units.Require;
import java.time.LocalDate;
import java.util.List;

/**
 * A line that comes in two parts. What was paid for the whole goes along with what comes later, by
 * worth and to the minor unit: as much comes off the first as is put on the other.
 *
 * @param first what comes first, under the line's own id
 * @param rest what comes later
 * @param moves that carry what was paid over, none where nothing was
 */
public record Split(OrderLine first, OrderLine rest, List<Move> moves) {
  private static final String WHY = "it comes in two parts";

  public Split {
    moves = List.copyOf(moves);
  }

  /**
   * Example: 4 at 10.00, 40.00 paid, 3 come first: the first holds 30.00, the rest 10.00, and 10.00
   * is carried over.
   *
   * @param quantity that comes first, more than 0 and less than the line's
   * @param restId of the new line
   * @param today of the moves
   * @throws emberyard.core.units.InvalidValue where nothing or all of it would come first
   */
  public static Split of(
      Build build, OrderLine line, double quantity, String restId, LocalDate today) {
    Require.that(
        quantity > 0 && quantity < line.quantity(),
        "quantity",
        "A part is more than nothing and less than all of it.");
    OrderLine first = line.withQuantity(quantity);
    OrderLine rest =
        line.with(
            each ->
                each.id(restId)
                    .partOf(line.partOf().isEmpty() ? line.id() : line.partOf())
                    .quantity(tidy(line.quantity() - quantity))
                    .deliveryMinor(line.deliveryMinor() == null ? null : 0L));
    long paid = new Ledger(build).spentMinor(line);
    long all = first.totalMinor() + rest.totalMinor();
    long carried = all == 0 ? 0 : Math.round((double) paid * rest.totalMinor() / all);
    return new Split(first, rest, carried <= 0 ? List.of() : carry(first, rest, carried, today));
  }

  private static List<Move> carry(OrderLine first, OrderLine rest, long minor, LocalDate today) {
    return List.of(
        move(rest.id() + "-from", first, Move.What.REFUNDED, minor, today),
        move(rest.id() + "-carried", rest, Move.What.PAID, minor, today));
  }

  private static Move move(String id, OrderLine line, Move.What what, long minor, LocalDate today) {
    return new Move(id, line.id(), line.category(), line.supplierId(), what, minor, today, "", WHY);
  }

  static double tidy(double quantity) {
    return Math.round(quantity * 1e6) / 1e6;
  }
}
