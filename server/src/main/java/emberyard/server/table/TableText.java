package emberyard.server.table;

import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.Writing;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * The cells of a table as it comes: a file apart by commas (RFC 4180) or semicolons, or rows pasted
 * from a spreadsheet, apart by tabs. The first line names the columns.
 *
 * @param heads as they are written
 * @param rows without the heading
 */
record TableText(List<String> heads, List<CSVRecord> rows, boolean commas) {
  static final int MOST_CHARACTERS = 2_000_000;
  static final int MOST_ROWS = 20_000;

  /**
   * @throws InvalidValue where it is too long, or breaks off inside a quoted cell
   */
  static TableText of(String text) {
    if (text.length() > MOST_CHARACTERS) {
      throw new InvalidValue("file", "The table is longer than 2,000,000 characters.");
    }
    String content = text.startsWith("\uFEFF") ? text.substring(1) : text;
    String first = content.lines().findFirst().orElse("");
    char apart = apart(first);
    CSVFormat format =
        CSVFormat.RFC4180.builder().setDelimiter(apart).setIgnoreEmptyLines(false).get();
    try (var parser = format.parse(new StringReader(content))) {
      List<CSVRecord> all = parser.stream().limit(MOST_ROWS + 2L).toList();
      if (all.size() > MOST_ROWS + 1) {
        throw new InvalidValue("file", "The table has more than 20,000 lines.");
      }
      List<String> heads = all.isEmpty() ? List.of() : all.get(0).toList();
      return new TableText(
          heads,
          all.stream().skip(1).filter(row -> !row.stream().allMatch(String::isBlank)).toList(),
          apart == ',');
    } catch (IOException | UncheckedIOException unreadable) {
      throw new InvalidValue("file", "The file breaks off inside a quoted cell.");
    }
  }

  private static char apart(String heading) {
    if (heading.indexOf('\t') >= 0) {
      return '\t';
    }
    return heading.indexOf(';') >= 0 && heading.indexOf(',') < 0 ? ';' : ',';
  }

  Marks marks(Writing writing) {
    return commas ? new Marks.OfFile() : new Marks.OfWorkshop(writing);
  }

  /** A heading without what people put between its words: "Width (mm)" is {@code widthmm}. */
  static String plain(String head) {
    return head.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
  }
}
