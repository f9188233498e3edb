package emberyard.server.supply.shop;

import emberyard.core.supply.ShopAnswer;
import java.util.List;

/** How an order stands at the shop: what it says of each line that it knows. */
public record ShopSays(String number, List<ShopAnswer> lines) {
  public ShopSays {
    lines = List.copyOf(lines);
  }
}
