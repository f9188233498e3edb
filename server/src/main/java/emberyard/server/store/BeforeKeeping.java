package emberyard.server.store;

import java.util.List;

/** Is asked before anything is kept; it refuses by throwing, and then nothing is. */
public interface BeforeKeeping {
  /**
   * @param writes what is to be changed
   * @param before all rows as they are
   * @param after all rows as they would be
   */
  void check(List<Write> writes, List<Row> before, List<Row> after);
}
