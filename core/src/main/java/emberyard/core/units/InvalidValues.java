package emberyard.core.units;

import java.util.List;

/** Several values of one answer that can't be: each is named, so that all can be mended at once. */
public final class InvalidValues extends IllegalArgumentException {
  private final transient List<InvalidValue> all;

  /**
   * @param all at least two
   */
  InvalidValues(List<InvalidValue> all) {
    super(all.get(0).getMessage());
    this.all = List.copyOf(all);
  }

  /** Every wrong value, in the order they were asked for. */
  public List<InvalidValue> all() {
    return all;
  }
}
