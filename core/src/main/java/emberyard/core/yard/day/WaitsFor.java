package emberyard.core.yard.day;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * Why a step can't be begun yet.
 *
 * @param title of the step it waits for, or the name of the station that is taken
 * @param until when that is over by the plan, null where nobody knows
 * @param personId who has it, null where nobody is needed for it
 */
public record WaitsFor(
    Why why, String title, @Nullable LocalDateTime until, @Nullable String personId) {

  /** What sort of thing is waited for. */
  public enum Why {
    /** Work that is not done. */
    WORK,
    /** A wait that goes on by itself: it dries, it cures. */
    DRIES,
    /** Something that has not come. */
    PARCEL,
    /** A check that has not passed. */
    CHECK,
    /** A place that somebody else has. */
    STATION,
    /** A day, or an hour, that has not come. */
    DAY
  }
}
