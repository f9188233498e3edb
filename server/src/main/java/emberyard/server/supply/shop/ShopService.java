package emberyard.server.supply.shop;

import java.io.IOException;
import java.util.List;

/**
 * What shops and couriers can be asked, whoever answers. The interface over HTTP is written down in
 * {@code docs/shop-service.md}.
 */
public interface ShopService {

  /**
   * Says what is ordered, and hears how it stands. Saying the same again changes nothing.
   *
   * @param supplierId the shop
   * @throws IOException where nobody answers, or nothing that can be read
   */
  ShopSays order(String supplierId, ShopOrder order) throws IOException;

  /** Where a parcel is. */
  ShopParcel parcel(String code) throws IOException;

  /** What is printed on the things in a parcel that was delivered. */
  List<ShopParcel.BoxLabel> labels(String code) throws IOException;

  /** Asks to take something back, or says that it was sent, and hears how that stands. */
  ShopReturn.ReturnSays takeBack(String supplierId, ShopReturn back) throws IOException;

  /** What things cost today. */
  List<ShopPrices.PriceToday> prices(String supplierId, List<ShopPrices.PriceAsked> things)
      throws IOException;
}
