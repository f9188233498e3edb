package emberyard.server.table;

import emberyard.core.units.InvalidValue;
import java.io.IOException;
import java.io.StringWriter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * One kind of thing as a table, a column per field of its record: out as CSV (RFC 4180), and in
 * with its columns in any order. Columns that nobody knows are left out; of one that is missing all
 * cells are empty.
 */
public final class Table<T> {
  private static final String MINOR = "Minor";

  private final RecordCells<T> cells;

  private Table(RecordCells<T> cells) {
    this.cells = cells;
  }

  /**
   * A table of things.
   *
   * @param own cells of fields, and of lists by the type of their items, that aren't plain
   * @param zero names of numbers that are 0 where their cell is empty; others are asked for
   */
  public static <T> Table<T> of(Class<T> type, Map<Class<?>, Cell<?>> own, Predicate<String> zero) {
    return new Table<>(RecordCells.of(type, own, zero));
  }

  /**
   * What was read.
   *
   * @param leftOut headings that nobody knows
   */
  public record Rows<T>(List<TableRow<T>> rows, List<String> leftOut) {}

  /** The names of its columns. */
  public List<String> columns() {
    return cells.columns();
  }

  private List<String> texts(T thing) {
    return cells.texts(thing);
  }

  /** The cells in which two things differ: {@code "priceMinor 980 → 1050"}. */
  public List<String> changes(T before, T after) {
    List<String> was = texts(before);
    List<String> is = texts(after);
    return IntStream.range(0, was.size())
        .filter(i -> !was.get(i).equals(is.get(i)))
        .mapToObj(
            i -> "%s %s → %s".formatted(columns().get(i), shown(was.get(i)), shown(is.get(i))))
        .toList();
  }

  private static String shown(String cell) {
    return cell.isEmpty() ? "nothing" : cell;
  }

  /** All of them as CSV. */
  public String write(List<? extends T> things) {
    StringWriter text = new StringWriter();
    CSVFormat format =
        CSVFormat.RFC4180.builder().setHeader(columns().toArray(String[]::new)).get();
    try (CSVPrinter printer = new CSVPrinter(text, format)) {
      for (T thing : things) {
        printer.printRecord(texts(thing));
      }
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
    return text.toString();
  }

  /**
   * Reads every row that can be read and says of the others why not.
   *
   * @param here what a thing of this id has in columns that the table leaves out
   * @throws InvalidValue where no heading is known, or the text is no table
   */
  public Rows<T> read(String table, TableStyle style, Function<String, Optional<T>> here) {
    TableText text = TableText.of(table);
    Map<String, Head> known = heads(text.marks(style.writing()), style.minorDigits());
    List<Optional<Head>> heads =
        text.heads().stream()
            .map(head -> Optional.ofNullable(known.get(TableText.plain(head))))
            .toList();
    if (heads.stream().allMatch(Optional::isEmpty)) {
      throw new InvalidValue(
          "file",
          "The first line names the columns, in any order: " + String.join(", ", columns()));
    }
    return new Rows<>(
        text.rows().stream().map(row -> row(row, heads, text.commas(), here)).toList(),
        text.heads().stream().filter(head -> !known.containsKey(TableText.plain(head))).toList());
  }

  /** A column as it stands in a table, and how its cells are written there. */
  private record Head(String column, Marks marks) {}

  /** An amount may stand in minor units under its own name, or as "price" in the currency. */
  private Map<String, Head> heads(Marks marks, int minorDigits) {
    Map<String, Head> known = new TreeMap<>();
    for (String column : columns()) {
      known.put(TableText.plain(column), new Head(column, marks));
      if (column.endsWith(MINOR)) {
        String name = column.substring(0, column.length() - MINOR.length());
        known.put(TableText.plain(name), new Head(column, new Marks.OfAmount(marks, minorDigits)));
      }
    }
    return known;
  }

  private TableRow<T> row(
      CSVRecord row,
      List<Optional<Head>> heads,
      boolean commas,
      Function<String, Optional<T>> here) {
    int line = (int) row.getRecordNumber();
    Map<String, CellText> texts = new TreeMap<>();
    for (int i = 0; i < Math.min(row.size(), heads.size()); i++) {
      String text = row.get(i);
      heads.get(i).ifPresent(head -> texts.put(head.column(), new CellText(text, head.marks())));
    }
    String name = cells.name(texts);
    if (row.size() > heads.size() || commas && row.size() < heads.size()) {
      return new TableRow<>(
          line, name, null, "it has %d cells, not %d".formatted(row.size(), heads.size()));
    }
    here.apply(cells.id(texts))
        .ifPresent(
            before -> {
              List<String> own = texts(before);
              for (int i = 0; i < own.size(); i++) {
                texts.putIfAbsent(columns().get(i), CellText.exact(own.get(i)));
              }
            });
    try {
      return new TableRow<>(line, name, cells.thing(texts), null);
    } catch (InvalidValue invalid) {
      return new TableRow<>(line, name, null, invalid.getMessage().replaceAll("\\.$", ""));
    }
  }
}
