package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Design;
import emberyard.core.build.Frozen;
import emberyard.core.concept.DesignDifference;
import emberyard.core.units.FigureKey;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How one agreement became another, or the design of today.
 *
 * @param differences in words, amounts unsaid
 * @param deltaMinor price of the second less price of the first, minor units
 * @param minutesDelta hands-on minutes
 * @param daysDelta calendar days of the planned finish
 */
@FigureKey("build/{buildId}/snapshots/{from}/{to}")
public record SnapshotDifference(
    List<String> differences, long deltaMinor, long minutesDelta, long daysDelta) {

  /** A design with what was agreed for it, or would be. */
  public record Side(Design design, long priceMinor, long minutes, LocalDate finishOn) {
    /** As it was agreed. */
    public static Side of(Frozen frozen) {
      return new Side(frozen.design(), frozen.priceMinor(), frozen.minutes(), frozen.finishOn());
    }

    /**
     * The design of today: what is agreed and, on top of it, the change that waits for an answer,
     * by the same numbers. Neither a discount nor a day that slipped is a change of the design.
     *
     * <p>Example: agreed at 4,281.22, and a light more is +21.93: 4,303.15.
     *
     * @param frozen what is agreed by now
     * @param pending null where nothing was changed since
     */
    public static Side now(Build build, Frozen frozen, @Nullable PendingChange pending) {
      if (pending == null) {
        return new Side(build.design(), frozen.priceMinor(), frozen.minutes(), frozen.finishOn());
      }
      return new Side(
          build.design(),
          pending.newPriceMinor(),
          frozen.minutes() + pending.minutesDelta(),
          frozen.finishOn().plusDays(pending.daysDelta()));
    }
  }

  public static SnapshotDifference between(Side first, Side second) {
    return new SnapshotDifference(
        DesignDifference.between(first.design(), second.design(), ""),
        second.priceMinor() - first.priceMinor(),
        second.minutes() - first.minutes(),
        ChronoUnit.DAYS.between(first.finishOn(), second.finishOn()));
  }
}
