package emberyard.core.workshop;

import emberyard.core.units.Require;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

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

  /** A figure with a point or a group mark; names such as M2.5 or USB 3.2 are none. */
  private static final Pattern FIGURE =
      Pattern.compile(
          "(?<![\\w.,#])(?<!USB |HDMI |DisplayPort |PCIe |version )"
              + "\\d{1,3}(?:(?:,\\d{3})+(?:\\.\\d+)?|\\d*\\.\\d+)(?![\\w.,]*\\d)");

  public Writing {
    Require.given("decimal", decimal);
    Require.given("group", group);
    Require.given("clock", clock);
    Require.given("dates", dates);
    Require.that(
        !decimal.name().equals(group.name()),
        "group",
        "The mark between thousands can't be the decimal mark.");
  }

  /**
   * A sentence whose figures are written {@code 1,234.5}, as this workshop writes them: with a
   * comma and points, "€2,860.00 for 8.467 mm" becomes "€2.860,00 for 8,467 mm".
   */
  public String said(String sentence) {
    return FIGURE
        .matcher(sentence)
        .replaceAll(found -> Matcher.quoteReplacement(figure(found.group())));
  }

  private String figure(String written) {
    String mark = decimal == Decimal.COMMA ? "," : ".";
    int point = written.indexOf('.');
    String whole = point < 0 ? written : written.substring(0, point);
    String decimals = point < 0 ? "" : mark + written.substring(point + 1);
    return whole.replace(",", between()) + decimals;
  }

  /**
   * A number as this workshop writes it: its whole part with or without marks between thousands,
   * and the decimals. With a comma and points "1.234,5" is "1.234" and "5", "1.250" is "1.250", and
   * "3.5" is no number, since three digits stand behind each mark.
   */
  public Pattern figure() {
    String mark = decimal == Decimal.COMMA ? "," : "\\.";
    String thousands =
        switch (group) {
          case COMMA -> ",";
          case POINT -> "\\.";
          case BLANK -> "[ \u00a0\u2009\u202f]";
          case APOSTROPHE -> "['’]";
          case NONE -> "(?!)";
        };
    return Pattern.compile(
        "([-+]?(?:\\d{1,3}(?:%s\\d{3})+|\\d{1,15}))(?:%s(\\d{1,15}))?".formatted(thousands, mark));
  }

  private String between() {
    return switch (group) {
      case COMMA -> ",";
      case POINT -> ".";
      case BLANK -> "\u202f";
      case APOSTROPHE -> "’";
      case NONE -> "";
    };
  }
}
