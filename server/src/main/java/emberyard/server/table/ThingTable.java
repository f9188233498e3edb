package emberyard.server.table;

import emberyard.core.thing.Thing;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** How one kind of thing goes out as a table and comes in. */
public interface ThingTable<T extends Thing> {
  /** All of them as CSV. */
  String write(List<T> things);

  /** What the rows of a table are; see {@link Table#read}. */
  Table.Rows<T> read(String table, TableStyle style, Function<String, Optional<T>> here);

  /** What would change in a thing: {@code "priceMinor 980 → 1050"}. */
  List<String> changes(T before, T after);

  /** The table of a kind whose rows are its things. */
  static <T extends Thing> ThingTable<T> of(Table<T> table) {
    return new ThingTable<>() {
      @Override
      public String write(List<T> things) {
        return table.write(things);
      }

      @Override
      public Table.Rows<T> read(String text, TableStyle style, Function<String, Optional<T>> here) {
        return table.read(text, style, here);
      }

      @Override
      public List<String> changes(T before, T after) {
        return table.changes(before, after);
      }
    };
  }
}
