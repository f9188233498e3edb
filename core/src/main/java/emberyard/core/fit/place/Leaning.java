package emberyard.core.fit.place;

import java.util.Comparator;

/**
 * How badly a layout rests on what it stands on: fewer faults are better, then less of them, so
 * that one thing after the other can be moved the right way before the last fault goes.
 *
 * @param faults supports that carry nearly too much, and edges it tips over too early; those that
 *     carry too much or over which it falls count twice
 * @param excessPerMille by how much together, thousandths of what each may carry or lean
 */
public record Leaning(int faults, int excessPerMille) implements Comparable<Leaning> {
  public static final Leaning NONE = new Leaning(0, 0);

  private static final Comparator<Leaning> ORDER =
      Comparator.comparingInt(Leaning::faults).thenComparingInt(Leaning::excessPerMille);

  @Override
  public int compareTo(Leaning other) {
    return ORDER.compare(this, other);
  }
}
