package emberyard.server.supply.shop;

import java.util.List;

/** Prices of a day. */
public final class ShopPrices {
  private ShopPrices() {}

  /**
   * A thing whose price is asked.
   *
   * @param thing the sender's name for it
   * @param usualMinor what it was first seen at, minor units: a stand-in has no list of its own
   */
  public record PriceAsked(String thing, String title, long usualMinor) {}

  /** What one costs today, minor units. */
  public record PriceToday(String thing, long unitPriceMinor) {}

  /** All that is asked of a shop in one go. */
  public record AskedPrices(List<PriceAsked> things) {
    public AskedPrices {
      things = List.copyOf(things);
    }
  }

  /** All it answers. */
  public record PricesToday(List<PriceToday> things) {
    public PricesToday {
      things = List.copyOf(things);
    }
  }
}
