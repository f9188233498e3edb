package emberyard.server.workshop;

import emberyard.core.workshop.AirDay;
import emberyard.core.workshop.RoomClimate;
import emberyard.server.table.Cell;
import emberyard.server.table.Table;
import emberyard.server.table.TableRow;
import emberyard.server.table.TableStyle;
import emberyard.server.table.ThingTable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Air as a table of {@code date,temperatureC,humidityPercent}. A date with a time behind it ({@code
 * 2026-03-03T14:00}) is one of many readings of that day, which are averaged.
 */
final class AirReadings implements ThingTable<AirDay> {
  private static final Pattern TIME = Pattern.compile("(\\S{8,10})[T ]\\d{1,2}:\\d\\d\\S*");

  /** One line of a logger. */
  public record AirReading(LocalDate date, double temperatureC, double humidityPercent) {
    public AirReading {
      new RoomClimate(temperatureC, humidityPercent);
    }
  }

  private static final Table<AirReading> READINGS =
      Table.of(AirReading.class, Map.of(LocalDate.class, day()), number -> false);

  private static Cell<LocalDate> day() {
    return new Cell<>(
        (text, marks) -> {
          Matcher moment = TIME.matcher(text.trim());
          return marks.date(moment.matches() ? moment.group(1) : text);
        },
        LocalDate::toString,
        null);
  }

  @Override
  public String write(List<AirDay> days) {
    return READINGS.write(
        days.stream()
            .sorted(Comparator.comparing(AirDay::date))
            .map(AirReadings::reading)
            .toList());
  }

  private static AirReading reading(AirDay day) {
    return new AirReading(day.date(), day.temperatureC(), day.humidityPercent());
  }

  @Override
  public List<String> changes(AirDay before, AirDay after) {
    return READINGS.changes(reading(before), reading(after));
  }

  @Override
  public Table.Rows<AirDay> read(
      String table, TableStyle style, Function<String, Optional<AirDay>> here) {
    Table.Rows<AirReading> readings = READINGS.read(table, style, id -> Optional.empty());
    Map<LocalDate, List<TableRow<AirReading>>> days = new TreeMap<>();
    List<TableRow<AirDay>> rows = new ArrayList<>();
    for (TableRow<AirReading> row : readings.rows()) {
      row.read()
          .ifPresentOrElse(
              read -> days.computeIfAbsent(read.date(), day -> new ArrayList<>()).add(row),
              () -> rows.add(new TableRow<>(row.line(), row.name(), null, row.refusal())));
    }
    days.forEach((date, of) -> rows.add(mean(date, of)));
    rows.sort(Comparator.comparingInt(TableRow::line));
    return new Table.Rows<>(rows, readings.leftOut());
  }

  private static TableRow<AirDay> mean(LocalDate date, List<TableRow<AirReading>> readings) {
    return new TableRow<>(
        readings.get(0).line(),
        date.toString(),
        new AirDay(
            "",
            date,
            mean(readings, AirReading::temperatureC),
            mean(readings, AirReading::humidityPercent),
            AirDay.Source.FILE),
        null);
  }

  private static double mean(
      List<TableRow<AirReading>> readings, ToDoubleFunction<AirReading> figure) {
    Stream<AirReading> all = readings.stream().flatMap(row -> row.read().stream());
    return Math.round(10 * all.mapToDouble(figure).average().orElseThrow()) / 10.0;
  }
}
