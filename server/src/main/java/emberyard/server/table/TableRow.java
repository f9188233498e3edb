package emberyard.server.table;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A row of a table that was read.
 *
 * @param line of the file, the heading is 1
 * @param name what it is called, as far as can be seen
 * @param thing null where the row can't be read
 * @param refusal why it can't be read
 */
public record TableRow<T>(int line, String name, @Nullable T thing, @Nullable String refusal) {
  /** What was read. */
  public Optional<T> read() {
    return Optional.ofNullable(thing);
  }

  /**
   * The same rows, but one whose thing stands in an earlier line is refused: which of them holds?
   */
  public static <T> List<TableRow<T>> eachOnce(List<TableRow<T>> rows, Function<T, String> id) {
    Map<String, Integer> lines = new HashMap<>();
    return rows.stream()
        .map(
            row -> {
              Integer earlier =
                  row.thing == null ? null : lines.putIfAbsent(id.apply(row.thing), row.line);
              return earlier == null
                  ? row
                  : new TableRow<T>(
                      row.line, row.name, null, "line %d is of the same".formatted(earlier));
            })
        .toList();
  }
}
