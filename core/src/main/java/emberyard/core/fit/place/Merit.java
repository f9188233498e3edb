package emberyard.core.fit.place;

import java.util.Comparator;
import java.util.Set;

/**
 * How good a layout is, looked at in this order: less of each is better. Source: handbook, Placing.
 *
 * @param trapped things that bar each other's way in
 * @param strange things that lie in a bay for anything while one of their own kind would hold them
 * @param touched soft keep-outs that something lies in, or that end in a wall
 * @param past things that blow past the opening they were given
 * @param leaning what its weight makes too much for
 * @param tight things with hardly any play
 * @param concerned ids of the things that any of it is about
 */
public record Merit(
    int trapped,
    int strange,
    int touched,
    int past,
    Leaning leaning,
    int tight,
    Set<String> concerned)
    implements Comparable<Merit> {
  private static final Comparator<Merit> ORDER =
      Comparator.comparingInt(Merit::trapped)
          .thenComparingInt(Merit::strange)
          .thenComparingInt(Merit::touched)
          .thenComparingInt(Merit::past)
          .thenComparing(Merit::leaning)
          .thenComparingInt(Merit::tight);

  public Merit {
    concerned = Set.copyOf(concerned);
  }

  @Override
  public int compareTo(Merit other) {
    return ORDER.compare(this, other);
  }

  /** Whether nothing is left to wish for. */
  public boolean spotless() {
    return trapped + strange + touched + past + leaning.faults() + tight == 0;
  }
}
