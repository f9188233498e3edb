package emberyard.server.supply;

import emberyard.core.build.CostCategory;
import emberyard.core.build.OrderLine;
import emberyard.core.units.InvalidValue;
import emberyard.server.api.CsvNumber;
import emberyard.server.api.SafeCell;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Orders as CSV (RFC 4180). Cells that a spreadsheet would run as a formula get an apostrophe in
 * front; reading takes it off again, so a round trip loses nothing.
 */
final class OrdersCsv {
  private static final String[] COLUMNS = {
    "id",
    "needKey",
    "title",
    "category",
    "supplierId",
    "quantity",
    "unitPriceMinor",
    "state",
    "orderedOn",
    "expectedOn",
    "receivedOn",
    "checkedOn",
    "checkedBy",
    "paidOn",
    "note"
  };
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader(COLUMNS).setSkipHeaderRecord(true).get();

  private OrdersCsv() {}

  static String write(List<OrderLine> orders) {
    StringWriter text = new StringWriter();
    try (CSVPrinter printer =
        new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(COLUMNS).get())) {
      for (OrderLine order : orders) {
        printer.printRecord(cells(order));
      }
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
    return text.toString();
  }

  /**
   * @throws InvalidValue naming the line that can't be read
   */
  static List<OrderLine> read(String csv) {
    List<OrderLine> orders = new ArrayList<>();
    String content = csv.startsWith("\uFEFF") ? csv.substring(1) : csv;
    String header = content.lines().findFirst().orElse("");
    if (!Arrays.asList(header.split(",")).equals(Arrays.asList(COLUMNS))) {
      throw new InvalidValue(
          "file",
          "This is not a list of orders: the first line must be " + String.join(",", COLUMNS));
    }
    try (var parser = FORMAT.parse(new StringReader(content))) {
      for (CSVRecord row : parser) {
        orders.add(order(row));
      }
    } catch (IOException | UncheckedIOException unreadable) {
      throw new InvalidValue("file", "The file breaks off inside a quoted cell.");
    }
    return orders;
  }

  private static List<Object> cells(OrderLine order) {
    return Arrays.asList(
        SafeCell.safe(order.id()),
        SafeCell.safe(order.needKey()),
        SafeCell.safe(order.title()),
        order.category(),
        SafeCell.safe(order.supplierId()),
        order.quantity(),
        order.unitPriceMinor(),
        order.state(),
        order.orderedOn(),
        order.expectedOn(),
        order.receivedOn(),
        order.checkedOn(),
        SafeCell.safe(order.checkedBy()),
        order.paidOn(),
        SafeCell.safe(order.note()));
  }

  private static OrderLine order(CSVRecord row) {
    try {
      return new OrderLine(
          SafeCell.plain(row.get("id")),
          SafeCell.plain(row.get("needKey")),
          SafeCell.plain(row.get("title")),
          CostCategory.valueOf(row.get("category").toUpperCase(Locale.ROOT)),
          SafeCell.plain(row.get("supplierId")),
          CsvNumber.read(row.get("quantity")),
          CsvNumber.whole(row.get("unitPriceMinor")),
          OrderLine.State.valueOf(row.get("state").toUpperCase(Locale.ROOT)),
          LocalDate.parse(row.get("orderedOn")),
          LocalDate.parse(row.get("expectedOn")),
          date(row.get("receivedOn")),
          date(row.get("checkedOn")),
          SafeCell.plain(row.get("checkedBy")),
          date(row.get("paidOn")),
          SafeCell.plain(row.get("note")));
    } catch (InvalidValue problem) {
      throw new InvalidValue(
          "file", "Line %d: %s".formatted(row.getRecordNumber() + 1, problem.getMessage()));
    } catch (IllegalArgumentException | DateTimeException unreadable) {
      throw new InvalidValue(
          "file",
          "Line %d can't be read: %s"
              .formatted(row.getRecordNumber() + 1, unreadable.getMessage()));
    }
  }

  private static @Nullable LocalDate date(String text) {
    return text.isBlank() ? null : LocalDate.parse(text);
  }
}
