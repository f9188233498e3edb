package emberyard.core.workshop;

import emberyard.core.units.Require;

/**
 * How the workshop writes numbers, times and days, and so how it reads them.
 *
 * @param decimal the mark before decimals
 * @param group what stands between thousands; never the decimal mark
 * @param clock 24 hours, or 12 with am and pm
 * @param dates which comes first in a date of digits only
 */
public record Writing(Decimal decimal, Group group, Clock clock, Dates dates) {
  /** The mark before decimals. */
  public enum Decimal {
    POINT,
    COMMA
  }

  /** What stands between thousands. */
  public enum Group {
    COMMA,
    POINT,
    BLANK,
    APOSTROPHE,
    NONE
  }

  /** How a time of day is written. */
  public enum Clock {
    HOURS_24,
    HOURS_12
  }

  /** Which number comes first in 3/4. */
  public enum Dates {
    DAY_FIRST,
    MONTH_FIRST
  }

  /** {@code 1,234.50}, {@code 14:05}, {@code 9/3} is the ninth of March. */
  public static final Writing DEFAULT =
      new Writing(Decimal.POINT, Group.COMMA, Clock.HOURS_24, Dates.DAY_FIRST);

  public Writing {
    Require.given("decimal", decimal);
    Require.given("group", group);
    Require.given("clock", clock);
    Require.given("dates", dates);
    Require.that(
        !decimal.name().equals(group.name()),
        "writing.group",
        "The mark between thousands can't be the decimal mark.");
  }
}
