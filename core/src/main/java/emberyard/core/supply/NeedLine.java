package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.work.Need;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A need with where it stands.
 *
 * @param open how much is neither on the shelf nor ordered, in the unit of the need
 * @param neededOn the day the first work that needs it may begin last; null when nothing decides it
 * @param orderBy last day to order it without moving the reveal, today where that has passed; null
 *     when nothing decides it, where there is no day of the reveal for example
 * @param daysLate days since that day, 0 while it is ahead
 * @param orders ids of the lines that fill it, on their way or here
 */
public record NeedLine(
    Need need,
    State state,
    double open,
    @Nullable LocalDate neededOn,
    @Nullable LocalDate orderBy,
    int daysLate,
    List<String> orders) {
  public NeedLine {
    orders = List.copyOf(orders);
  }

  /**
   * @param last day to order it, which may have passed
   */
  static NeedLine of(
      Need need,
      Build build,
      @Nullable LocalDate neededOn,
      @Nullable LocalDate last,
      LocalDate today) {
    List<OrderLine> live = build.liveOrders(need.key());
    boolean late = last != null && last.isBefore(today);
    int daysLate = late ? (int) ChronoUnit.DAYS.between(last, today) : 0;
    double open = build.open(need);
    boolean asked =
        build.offers().stream()
            .anyMatch(offer -> offer.needKey().equals(need.key()) && offer.unanswered());
    List<String> ids = live.stream().map(OrderLine::id).toList();
    return new NeedLine(
        need, state(open, live, asked), open, neededOn, late ? today : last, daysLate, ids);
  }

  /** As far as the one that is least far. */
  private static State state(double open, List<OrderLine> live, boolean asked) {
    if (open > 0) {
      return asked ? State.ASKED : State.WANTED;
    }
    return live.stream()
        .map(line -> line.state().underWay() ? State.ORDERED : State.valueOf(line.state().name()))
        .min(Comparator.naturalOrder())
        .orElse(State.IN_STOCK);
  }

  /** Where it stands. */
  public enum State {
    IN_STOCK,
    WANTED,
    /** A shop was asked what it costs, and has not answered. */
    ASKED,
    ORDERED,
    RECEIVED,
    CHECKED
  }
}
