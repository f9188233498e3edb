package emberyard.server.supply.shop;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A thing that goes back to the shop.
 *
 * @param number of the order it came with
 * @param line the sender's name of its line
 * @param quantity how much of it
 * @param why what is wrong with it
 * @param sentOn the day it was handed over, null while it was only asked for
 */
public record ShopReturn(
    String number, String line, double quantity, String why, @Nullable LocalDate sentOn) {

  /**
   * What the shop says to it.
   *
   * @param agreed whether it takes it back
   * @param hereOn the day it reached the shop, null before
   * @param paidBackOn the day the money left the shop, null before
   * @param paidBackMinor how much, minor units of the order's money
   */
  public record ReturnSays(
      String line,
      boolean agreed,
      @Nullable LocalDate hereOn,
      @Nullable LocalDate paidBackOn,
      long paidBackMinor) {}
}
