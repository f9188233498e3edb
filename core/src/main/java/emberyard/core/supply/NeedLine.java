package emberyard.core.supply;

import emberyard.core.record.OrderLine;
import emberyard.core.work.Need;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A need with where it stands.
 *
 * @param orderBy last day to order it without moving the reveal, today where that has passed; null
 *     when nothing decides it, where there is no day of the reveal for example
 * @param daysLate days since that day, 0 while it is ahead
 * @param order the order that fills it, null while wanted or in stock
 */
public record NeedLine(
    Need need, State state, @Nullable LocalDate orderBy, int daysLate, @Nullable OrderLine order) {

  /** Where it stands. */
  public enum State {
    IN_STOCK,
    WANTED,
    ORDERED,
    RECEIVED,
    CHECKED
  }
}
