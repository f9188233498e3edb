package emberyard.server.supply;

import emberyard.core.units.FigureKey;
import emberyard.server.supply.shop.ShopParcel;
import emberyard.server.supply.shop.ShopReturn;
import java.time.LocalDate;
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
    List<Returning> returns,
    String trouble) {
  /**
   * What a shop says to a thing that goes back to it.
   *
   * @param line id of the order's line
   * @param agreed whether it takes it back
   * @param hereOn the day it reached the shop, null before
   * @param paidBackOn the day the money left the shop, null before
   * @param paidBackMinor how much, minor units of the order's money
   */
  @FigureKey("orders/{line}")
  public record Returning(
      String line,
      boolean agreed,
      @Nullable LocalDate hereOn,
      @Nullable LocalDate paidBackOn,
      long paidBackMinor) {
    static Returning of(ShopReturn.ReturnSays says) {
      return new Returning(
          says.line(), says.agreed(), says.hereOn(), says.paidBackOn(), says.paidBackMinor());
    }
  }

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
