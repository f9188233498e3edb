package emberyard.core.build;

import emberyard.core.units.InvalidValue;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The table of a read-out, as people type it: a line each.
 *
 * <ul>
 *   <li>curve of the day: {@code 03:12 0.8}
 *   <li>timetable: {@code 08:15 Harbour}
 *   <li>what is well: {@code coolant.celsius; Coolant; 18; 45}, the least and the most left empty
 *       where there is none
 * </ul>
 *
 * Times are of 24 hours, in any order; a comma may stand for the point of a number.
 */
public final class ReadOutTable {
  private static final Pattern TIMED =
      Pattern.compile("([01]?\\d|2[0-3])[:.]([0-5]\\d)[\\s;,]+(\\S.*)");
  private static final Pattern NUMBER = Pattern.compile("[-+−]?\\d{1,9}(?:[.,]\\d{1,9})?");
  private static final Pattern WITH_UNIT =
      Pattern.compile(NUMBER.pattern() + "\\s*[^\\d\\s.,]{1,8}");
  private static final Pattern NAME = Pattern.compile("[A-Za-z0-9_.-]{1,60}");
  private static final int MOST = 200;

  private ReadOutTable() {}

  /** What belongs to a time of the day. */
  public record Timed(LocalTime at, String words) {}

  /** A value at a time of the day. */
  public record Point(LocalTime at, double value) {}

  /**
   * A value that is watched.
   *
   * @param from least that is well, null for no least
   * @param to most that is well, null for no most
   */
  public record Watched(String source, String words, @Nullable Double from, @Nullable Double to) {}

  /**
   * Refuses a table that its kind can't read.
   *
   * @throws InvalidValue with the line that is wrong
   */
  static void check(ReadOutKind kind, String table) {
    switch (kind) {
      case DAY_CURVE -> points(table);
      case TABLE_LINE -> timed(table);
      case STATUS_LIST -> watched(table);
      default -> {}
    }
  }

  /** The lines of a timetable, in the order of the day. */
  public static List<Timed> timed(String table) {
    List<Timed> all = new ArrayList<>();
    for (String line : lines(table)) {
      Matcher found = TIMED.matcher(line);
      if (!found.matches()) {
        throw wrong(line, "08:15 Harbour");
      }
      all.add(new Timed(time(found), found.group(3).strip()));
    }
    all.sort(Comparator.comparing(Timed::at));
    return all;
  }

  /** The points of a day, in its order; two at one time are refused. */
  public static List<Point> points(String table) {
    List<Point> all = new ArrayList<>();
    for (Timed each : timedNumbers(table)) {
      all.add(new Point(each.at(), number(each.words())));
    }
    for (int i = 1; i < all.size(); i++) {
      if (all.get(i).at().equals(all.get(i - 1).at())) {
        throw new InvalidValue("table", "“%s” stands there twice.".formatted(all.get(i).at()));
      }
    }
    return all;
  }

  private static List<Timed> timedNumbers(String table) {
    for (String line : lines(table)) {
      Matcher found = TIMED.matcher(line);
      if (found.matches() && WITH_UNIT.matcher(found.group(3).strip()).matches()) {
        throw new InvalidValue(
            "table", "“%s”: the number alone, its unit has a place of its own.".formatted(line));
      }
      if (!found.matches() || !NUMBER.matcher(found.group(3).strip()).matches()) {
        throw wrong(line, "03:12 0.8");
      }
    }
    return timed(table);
  }

  /** The values that are watched, as they stand there. */
  public static List<Watched> watched(String table) {
    List<Watched> all = new ArrayList<>();
    for (String line : lines(table)) {
      String[] cells = line.split("[;\\t]", -1);
      String source = cells[0].strip();
      if (cells.length > 4 || !NAME.matcher(source).matches()) {
        throw wrong(line, "coolant.celsius; Coolant; 18; 45");
      }
      String words = cells.length > 1 && !cells[1].isBlank() ? cells[1].strip() : source;
      all.add(new Watched(source, words, limit(line, cells, 2), limit(line, cells, 3)));
    }
    return all;
  }

  private static @Nullable Double limit(String line, String[] cells, int index) {
    if (cells.length <= index || cells[index].isBlank()) {
      return null;
    }
    String text = cells[index].strip();
    if (!NUMBER.matcher(text).matches()) {
      throw wrong(line, "coolant.celsius; Coolant; 18; 45");
    }
    return number(text);
  }

  private static List<String> lines(String table) {
    List<String> lines = table.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
    if (lines.size() > MOST) {
      throw new InvalidValue("table", "A table has 200 lines at most.");
    }
    return lines;
  }

  private static LocalTime time(Matcher found) {
    return LocalTime.of(Integer.parseInt(found.group(1)), Integer.parseInt(found.group(2)));
  }

  private static double number(String text) {
    return Double.parseDouble(text.replace('−', '-').replace(',', '.'));
  }

  private static InvalidValue wrong(String line, String like) {
    String shown = line.length() > 40 ? line.substring(0, 40) + "…" : line;
    return new InvalidValue(
        "table",
        String.format(Locale.ROOT, "“%s” can’t be read: a line looks like “%s”.", shown, like));
  }
}
