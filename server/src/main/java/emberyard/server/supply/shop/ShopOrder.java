package emberyard.server.supply.shop;

import java.time.LocalDate;
import java.util.List;

/**
 * An order as it goes to a shop's service; the whole of it each time, so that a repeated one orders
 * nothing more, a line that is gone is cancelled, and another price is agreed to.
 *
 * @param number of the order, the workshop's own
 * @param from who sends it and where it goes
 */
public record ShopOrder(String number, String from, List<Line> lines) {
  public ShopOrder {
    lines = List.copyOf(lines);
  }

  /**
   * @param line the sender's name for it
   * @param facts what it has to be, as a label says it
   * @param unitPriceMinor price of one that is agreed to, minor units of {@code currency}
   * @param expectedOn the day on which the sender counts on it
   */
  public record Line(
      String line,
      String title,
      List<ShopFact> facts,
      double quantity,
      String unit,
      long unitPriceMinor,
      String currency,
      LocalDate expectedOn) {
    public Line {
      facts = List.copyOf(facts);
    }
  }

  /** One fact, as a label says it. */
  public record ShopFact(String field, String words) {}
}
