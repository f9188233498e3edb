package emberyard.server.table;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/** Tables that ship with the program. */
public final class ShippedTable {
  private ShippedTable() {}

  /** All rows of a file of the program; one that can't be read is a fault of the program. */
  public static <T> List<T> read(Table<T> table, String resource) {
    return table.read(text(resource), TableStyle.SHIPPED, id -> Optional.empty()).rows().stream()
        .map(
            row ->
                row.read()
                    .orElseThrow(
                        () ->
                            new IllegalStateException(
                                resource + " " + row.line() + ": " + row.refusal())))
        .toList();
  }

  /** The text of a file of the program. */
  public static String text(String resource) {
    try (InputStream file = ShippedTable.class.getResourceAsStream(resource)) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException missing) {
      throw new IllegalStateException(resource, missing);
    }
  }
}
