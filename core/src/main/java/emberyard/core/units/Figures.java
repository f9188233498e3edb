package emberyard.core.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.joda.money.format.MoneyFormatter;
import org.joda.money.format.MoneyFormatterBuilder;

/** How numbers are written in sentences: always with their unit, never with noise digits. */
public final class Figures {
  private static final MoneyFormatter MONEY =
      new MoneyFormatterBuilder()
          .appendCurrencySymbolLocalized()
          .appendAmount()
          .toFormatter(Locale.UK);

  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

  private Figures() {}

  /** One decimal and the unit: {@code 9} → "9.0 mm". */
  public static String mm(double millimetres) {
    return String.format(Locale.ROOT, "%.1f mm", millimetres);
  }

  /** At most two decimals, none that are zero: {@code 1.70} → "1.7". */
  public static String plain(double value) {
    return BigDecimal.valueOf(value)
        .setScale(2, RoundingMode.HALF_EVEN)
        .stripTrailingZeros()
        .toPlainString();
  }

  /** A day as said at the bench: {@code 2026-03-09} → "Mon 9 Mar". */
  public static String day(LocalDate day) {
    return DAY.format(day);
  }

  /** Hours and minutes: {@code 95} → "1 h 35", {@code 40} → "40 min", {@code 120} → "2 h". */
  public static String minutes(long minutes) {
    long hours = Math.abs(minutes) / 60;
    long rest = Math.abs(minutes) % 60;
    String sign = minutes < 0 ? "−" : "";
    if (hours == 0) {
      return sign + rest + " min";
    }
    return sign + hours + " h" + (rest == 0 ? "" : String.format(" %02d", rest));
  }

  /** Minor units with the currency's sign: {@code ("EUR", 286000)} → "€2,860.00". */
  public static String money(String currency, long minor) {
    return MONEY.print(Money.ofMinor(CurrencyUnit.of(currency), minor));
  }
}
