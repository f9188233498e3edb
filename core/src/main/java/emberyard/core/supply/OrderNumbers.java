package emberyard.core.supply;

import java.util.Collection;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers of orders: the year, and a count that goes on over all builds. */
public final class OrderNumbers {
  private static final Pattern NUMBER = Pattern.compile("(\\d{4})-(\\d{3,6})");

  private OrderNumbers() {}

  /**
   * The number after the greatest of this year; what has another form is passed over.
   *
   * <p>Example: after 2026-007, 2025-090 and "by mail" comes 2026-008.
   */
  public static String next(Collection<String> given, int year) {
    int last = 0;
    for (String number : given) {
      Matcher matcher = NUMBER.matcher(number);
      if (matcher.matches() && Integer.parseInt(matcher.group(1)) == year) {
        last = Math.max(last, Integer.parseInt(matcher.group(2)));
      }
    }
    return "%d-%03d".formatted(year, last + 1);
  }
}
