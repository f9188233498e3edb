package emberyard.server.table;

import java.util.Optional;
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
}
