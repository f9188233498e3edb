package emberyard.core.light.port;

import java.util.Comparator;

/**
 * What an assignment costs; the earlier outweighs all that come behind it.
 *
 * @param fixedDark how many are not fed though somebody chose a way for them
 * @param dark how many are not fed, those included
 * @param moneyMinor what is bought
 * @param links pieces between sockets and what is fed, leads included
 * @param leadMm all leads together
 */
public record PortCost(int fixedDark, int dark, long moneyMinor, int links, long leadMm)
    implements Comparable<PortCost> {
  public static final PortCost NONE = new PortCost(0, 0, 0, 0, 0);

  /** What it costs to leave one dark. */
  static PortCost dark(boolean fixed) {
    return new PortCost(fixed ? 1 : 0, 1, 0, 0, 0);
  }

  private static final Comparator<PortCost> ORDER =
      Comparator.comparingInt(PortCost::fixedDark)
          .thenComparingInt(PortCost::dark)
          .thenComparingLong(PortCost::moneyMinor)
          .thenComparingInt(PortCost::links)
          .thenComparingLong(PortCost::leadMm);

  public PortCost plus(PortCost other) {
    return new PortCost(
        fixedDark + other.fixedDark,
        dark + other.dark,
        moneyMinor + other.moneyMinor,
        links + other.links,
        leadMm + other.leadMm);
  }

  @Override
  public int compareTo(PortCost other) {
    return ORDER.compare(this, other);
  }
}
