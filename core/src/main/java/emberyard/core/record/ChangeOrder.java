package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;
import java.util.List;

/**
 * A change to a frozen concept that was answered. One that waits for its answer is never stored: it
 * is the difference between the design and what was frozen.
 *
 * @param differences in words
 * @param priceDeltaMinor agreed, minor units, may be negative
 * @param minutesDelta hands-on minutes, may be negative
 * @param daysDelta of the planned finish, may be negative
 * @param by who answered
 */
public record ChangeOrder(
    String id,
    List<String> differences,
    long priceDeltaMinor,
    long minutesDelta,
    long daysDelta,
    boolean accepted,
    String by,
    Instant at)
    implements Thing {
  private static final long MOST_MINOR = 10_000_000_000L;
  private static final long MOST_MINUTES = 10_000_000;
  private static final long MOST_DAYS = 100_000;

  public ChangeOrder {
    Require.text("id", id);
    differences = Require.list(differences);
    Require.between("priceDeltaMinor", priceDeltaMinor, -MOST_MINOR, MOST_MINOR, "minor units");
    Require.between("minutesDelta", minutesDelta, -MOST_MINUTES, MOST_MINUTES, "min");
    Require.between("daysDelta", daysDelta, -MOST_DAYS, MOST_DAYS, "days");
    Require.text("by", by);
    Require.given("at", at);
  }
}
