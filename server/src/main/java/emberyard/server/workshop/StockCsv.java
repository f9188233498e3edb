package emberyard.server.workshop;

import emberyard.core.units.InvalidValue;
import emberyard.server.api.CsvNumber;
import emberyard.server.api.SafeCell;
import emberyard.server.store.ThingJson;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** One kind of stock as CSV (RFC 4180): a column per field of its record. */
final class StockCsv {
  private final ThingJson json;

  StockCsv(ThingJson json) {
    this.json = json;
  }

  String write(Class<?> type, List<?> things) {
    StringWriter text = new StringWriter();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(columns(type)).get();
    try (CSVPrinter printer = new CSVPrinter(text, format)) {
      for (Object thing : things) {
        JsonNode tree = json.tree(thing);
        List<String> cells = new ArrayList<>();
        for (String column : columns(type)) {
          JsonNode value = tree.path(column);
          cells.add(
              value.isString()
                  ? SafeCell.safe(value.asString())
                  : value.isNull() ? "" : value.toString());
        }
        printer.printRecord(cells);
      }
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
    return text.toString();
  }

  /**
   * @throws InvalidValue naming the line that can't be read
   */
  <T> List<T> read(Class<T> type, String csv) {
    String[] columns = columns(type);
    String content = csv.startsWith("\uFEFF") ? csv.substring(1) : csv;
    String header = content.lines().findFirst().orElse("");
    if (!Arrays.asList(header.split(",")).equals(Arrays.asList(columns))) {
      throw new InvalidValue(
          "file",
          "This is not that part of the stock list: the first line must be "
              + String.join(",", columns));
    }
    List<T> things = new ArrayList<>();
    CSVFormat format =
        CSVFormat.RFC4180.builder().setHeader(columns).setSkipHeaderRecord(true).get();
    try (var parser = format.parse(new StringReader(content))) {
      for (CSVRecord row : parser) {
        things.add(thing(type, row));
      }
    } catch (IOException | UncheckedIOException unreadable) {
      throw new InvalidValue("file", "The file breaks off inside a quoted cell.");
    }
    return things;
  }

  private <T> T thing(Class<T> type, CSVRecord row) {
    if (!row.isConsistent()) {
      throw line(row, "it has %d cells, not %d".formatted(row.size(), columns(type).length));
    }
    ObjectNode tree = JsonNodeFactory.instance.objectNode();
    for (RecordComponent field : type.getRecordComponents()) {
      put(tree, field, row.get(field.getName()), row);
    }
    try {
      return json.read(tree, type);
    } catch (JacksonException unreadable) {
      for (Throwable cause = unreadable; cause != null; cause = cause.getCause()) {
        if (cause instanceof InvalidValue invalid) {
          throw line(row, invalid.getMessage());
        }
      }
      throw line(row, "a cell can't be read");
    }
  }

  private static void put(ObjectNode tree, RecordComponent field, String cell, CSVRecord row) {
    boolean number =
        field.getType().isPrimitive() || Number.class.isAssignableFrom(field.getType());
    if (!number) {
      tree.put(field.getName(), SafeCell.plain(cell));
    } else if (cell.isBlank()) {
      tree.putNull(field.getName());
    } else {
      try {
        boolean whole = field.getType() == int.class || field.getType() == long.class;
        if (whole) {
          tree.put(field.getName(), CsvNumber.whole(cell));
        } else {
          tree.put(field.getName(), CsvNumber.read(cell));
        }
      } catch (NumberFormatException unreadable) {
        throw line(row, "%s %s".formatted(field.getName(), unreadable.getMessage()));
      }
    }
  }

  private static InvalidValue line(CSVRecord row, String problem) {
    return new InvalidValue(
        "file", "Line %d: %s. Nothing was changed.".formatted(row.getRecordNumber() + 1, problem));
  }

  private static String[] columns(Class<?> type) {
    return Arrays.stream(type.getRecordComponents())
        .map(RecordComponent::getName)
        .toArray(String[]::new);
  }
}
