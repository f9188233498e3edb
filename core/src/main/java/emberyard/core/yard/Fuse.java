package emberyard.core.yard;

import emberyard.core.work.Stage;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A build as a fuse that burns from brief to reveal.
 *
 * @param from first day of the build
 * @param reveal day of the hand-over, null while not said
 * @param ember earned schedule: the day by which the plan meant this much to be done; behind today
 *     means behind
 * @param finish planned finish of all that is left, null when nothing is left to plan
 * @param verdict at a glance
 * @param spareDays working days between planned finish and reveal, negative when late; null where
 *     there is nothing to compare
 * @param workingDayMinutes working time of a day on which the workshop is open, on average, breaks
 *     not counted
 * @param stops one per stage, in order
 * @param emberStop where the ember sits on the stops: 0 at the first, 9 at the last
 * @param doneShare share of the hands-on time that is done, 0 to 1
 */
public record Fuse(
    LocalDate from,
    @Nullable LocalDate reveal,
    LocalDate ember,
    @Nullable LocalDate finish,
    Verdict verdict,
    @Nullable Double spareDays,
    long workingDayMinutes,
    List<Stop> stops,
    double emberStop,
    double doneShare) {
  public Fuse {
    stops = List.copyOf(stops);
  }

  /**
   * @param on day its work ends or ended, null for a stage without work
   * @param burnt whether all its work is done
   */
  public record Stop(Stage stage, @Nullable LocalDate on, boolean burnt, int tasks) {}

  /** How it stands. */
  public enum Verdict {
    /** It was only asked about. */
    ENQUIRY,
    /** Agreed, but nobody has said when it is revealed. */
    UNDATED,
    ON_TIME,
    TIGHT,
    LATE,
    REVEALED
  }
}
