package emberyard.server.supply.standin;

import emberyard.server.supply.shop.ShopOrder;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What the stand-in remembers from one start to the next.
 *
 * @param orders by shop and number
 */
record Kept(Chances chances, Map<String, KeptOrder> orders) {
  static final Kept NOTHING = new Kept(Chances.USUAL, Map.of());

  /**
   * An order as it was last said.
   *
   * @param wantsMinor what the shop asks for one, by line: of the price that was said first
   */
  record KeptOrder(
      String supplierId, ShopOrder order, Map<String, Fate> fates, Map<String, Long> wantsMinor) {}

  Kept with(KeptOrder order) {
    Map<String, KeptOrder> more = new LinkedHashMap<>(orders);
    more.put(key(order.supplierId(), order.order().number()), order);
    return new Kept(chances, more);
  }

  Kept with(Chances others) {
    return new Kept(others, orders);
  }

  static String key(String supplierId, String number) {
    return supplierId + " " + number;
  }
}
