package emberyard.server.table;

import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.Writing;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How numbers and days are written in a table. In a file apart by commas a number has a point and
 * no marks between thousands; what comes from a spreadsheet (apart by tabs or semicolons) is
 * written as people write in this workshop.
 */
public sealed interface Marks {
  /** A number, or an {@link InvalidValue} that says what would do. */
  double number(String text);

  /** A number without decimals. */
  long whole(String text);

  /** A day. */
  LocalDate date(String text);

  /** Of a file apart by commas. */
  record OfFile() implements Marks {
    @Override
    public double number(String text) {
      return read(text, CsvNumber::read);
    }

    @Override
    public long whole(String text) {
      return read(text, CsvNumber::whole);
    }

    private static <N> N read(String text, Function<String, N> reader) {
      try {
        return reader.apply(text);
      } catch (NumberFormatException unreadable) {
        throw new InvalidValue("file", unreadable.getMessage());
      }
    }

    @Override
    public LocalDate date(String text) {
      try {
        return LocalDate.parse(text.trim());
      } catch (DateTimeException unreadable) {
        throw new InvalidValue(
            "file", "“%s” is no day: write it as 2026-03-09".formatted(text.trim()));
      }
    }
  }

  /** Of a spreadsheet, whose marks are the workshop's; what can't be misread is read besides. */
  record OfWorkshop(Writing writing) implements Marks {
    private static final Pattern DAY = Pattern.compile("(\\d{1,2})[./](\\d{1,2})[./](\\d{4})");
    private static final Marks PLAIN = new OfFile();

    /** One comma, and not three digits behind it: no mark between thousands. */
    private static final Pattern COMMA = Pattern.compile("[-+]?\\d{1,15},(?:\\d{1,2}|\\d{4,15})");

    @Override
    public double number(String text) {
      return PLAIN.number(plain(text));
    }

    @Override
    public long whole(String text) {
      return PLAIN.whole(plain(text));
    }

    /** The figure with a point and no marks between thousands; what is none stays. */
    private String plain(String text) {
      Matcher figure = writing.figure().matcher(text.trim());
      if (!figure.matches()) {
        return COMMA.matcher(text.trim()).matches() ? text.replace(',', '.') : text;
      }
      String decimals = figure.group(2) == null ? "" : "." + figure.group(2);
      return figure.group(1).replaceAll("[^\\d+-]", "") + decimals;
    }

    @Override
    public LocalDate date(String text) {
      Matcher day = DAY.matcher(text.trim());
      if (!day.matches()) {
        return PLAIN.date(text);
      }
      List<Integer> numbers =
          List.of(
              Integer.valueOf(day.group(3)),
              Integer.valueOf(day.group(2)),
              Integer.valueOf(day.group(1)));
      boolean dayFirst = writing.dates() == Writing.Dates.DAY_FIRST;
      return PLAIN.date(
          "%04d-%02d-%02d"
              .formatted(
                  numbers.get(0), numbers.get(dayFirst ? 1 : 2), numbers.get(dayFirst ? 2 : 1)));
    }
  }

  /** Of amounts in the currency itself: "11.50" is 1150 minor units. */
  record OfAmount(Marks marks, int digits) implements Marks {
    @Override
    public double number(String text) {
      return marks.number(text);
    }

    @Override
    public long whole(String text) {
      try {
        return BigDecimal.valueOf(number(text)).movePointRight(digits).longValueExact();
      } catch (ArithmeticException broken) {
        throw new InvalidValue(
            "file", "“%s” has more decimals than the money has".formatted(text.trim()));
      }
    }

    @Override
    public LocalDate date(String text) {
      return marks.date(text);
    }
  }
}
