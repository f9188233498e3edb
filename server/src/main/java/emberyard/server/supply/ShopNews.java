package emberyard.server.supply;

import emberyard.server.supply.shop.ShopParcel;
import emberyard.server.supply.shop.ShopReturn;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What shops and couriers said last, beyond what lines of orders keep of it.
 *
 * @param connected whether there is anybody to ask
 * @param askedAt when, null where nobody was asked since the start
 * @param parcels that are under way or were left at the door, by code
 * @param labels what is printed on things of a stand-in's parcels
 * @param trouble why not all was heard, empty where all was
 */
public record ShopNews(
    boolean connected,
    @Nullable LocalDateTime askedAt,
    List<ShopParcel> parcels,
    List<ShopParcel.BoxLabel> labels,
    List<ShopReturn.ReturnSays> returns,
    String trouble) {
  static final ShopNews NONE = new ShopNews(false, null, List.of(), List.of(), List.of(), "");

  public ShopNews {
    parcels = List.copyOf(parcels);
    labels = List.copyOf(labels);
    returns = List.copyOf(returns);
  }

  static ShopNews nobodyAskedYet() {
    return new ShopNews(true, null, List.of(), List.of(), List.of(), "");
  }
}
