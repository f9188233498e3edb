package emberyard.server.workshop;

import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.workshop.AirDay;
import emberyard.core.workshop.RoomClimate;
import emberyard.server.api.CsvNumber;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Air as CSV (RFC 4180): {@code date,temperatureC,humidityPercent}. A date with an hour behind it
 * ({@code 2026-03-03T14:00}) is one of many readings of that day, which are averaged.
 */
final class AirCsv {
  private static final String[] COLUMNS = {"date", "temperatureC", "humidityPercent"};
  private static final int MOST_LINES = 20_000;
  private static final int DATE_LENGTH = 10;

  private AirCsv() {}

  static String write(List<AirDay> days) {
    StringWriter text = new StringWriter();
    try (CSVPrinter printer =
        new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(COLUMNS).get())) {
      for (AirDay day : days.stream().sorted(Comparator.comparing(AirDay::date)).toList()) {
        printer.printRecord(day.date(), day.temperatureC(), day.humidityPercent());
      }
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
    return text.toString();
  }

  /**
   * @throws InvalidValue naming the line that can't be read
   */
  static List<AirDay> read(String file) {
    String text = file.startsWith("\uFEFF") ? file.substring(1) : file;
    Require.that(
        text.startsWith(String.join(",", COLUMNS)),
        "file",
        "The first line must be " + String.join(",", COLUMNS) + ".");
    TreeMap<LocalDate, List<RoomClimate>> days = new TreeMap<>();
    CSVFormat format =
        CSVFormat.RFC4180.builder().setHeader(COLUMNS).setSkipHeaderRecord(true).get();
    try (var parser = format.parse(new StringReader(text))) {
      for (CSVRecord row : parser) {
        Require.that(
            row.getRecordNumber() <= MOST_LINES, "file", "The file has more than 20,000 lines.");
        read(row, days);
      }
    } catch (IOException | UncheckedIOException unreadable) {
      throw new InvalidValue("file", "The file breaks off inside a quoted cell.");
    }
    return days.entrySet().stream().map(day -> mean(day.getKey(), day.getValue())).toList();
  }

  private static void read(CSVRecord row, TreeMap<LocalDate, List<RoomClimate>> days) {
    try {
      String moment = row.get(0).trim();
      LocalDate date = LocalDate.parse(moment.substring(0, Math.min(DATE_LENGTH, moment.length())));
      double temperature = CsvNumber.read(row.get(1));
      double humidity = CsvNumber.read(row.get(2));
      days.computeIfAbsent(date, day -> new ArrayList<>())
          .add(new RoomClimate(temperature, humidity));
    } catch (NumberFormatException wrong) {
      throw line(row, wrong.getMessage());
    } catch (DateTimeException | ArrayIndexOutOfBoundsException wrong) {
      throw line(row, "a date, a temperature and a humidity are needed");
    } catch (InvalidValue wrong) {
      throw line(row, wrong.getMessage());
    }
  }

  private static InvalidValue line(CSVRecord row, String problem) {
    return new InvalidValue(
        "file", "Line %d: %s. Nothing was changed.".formatted(row.getRecordNumber() + 1, problem));
  }

  private static AirDay mean(LocalDate date, List<RoomClimate> readings) {
    double temperature =
        readings.stream().mapToDouble(RoomClimate::temperatureC).average().orElseThrow();
    double humidity =
        readings.stream().mapToDouble(RoomClimate::humidityPercent).average().orElseThrow();
    return new AirDay(
        "",
        date,
        Math.round(10 * temperature) / 10.0,
        Math.round(10 * humidity) / 10.0,
        AirDay.Source.FILE);
  }
}
