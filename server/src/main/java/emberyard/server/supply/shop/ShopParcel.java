package emberyard.server.supply.shop;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a parcel is.
 *
 * @param expectedOn the day on which it comes, or came
 * @param deliveredAt when it was left at the door, null before
 * @param moves what happened to it so far, the first first
 */
public record ShopParcel(
    String code,
    LocalDate expectedOn,
    @Nullable LocalDateTime deliveredAt,
    List<ParcelMove> moves) {
  public ShopParcel {
    moves = List.copyOf(moves);
  }

  /** Something that happened to it. */
  public record ParcelMove(LocalDateTime at, String words) {}

  /**
   * What is printed on a thing that lies in a parcel: for who has no parcel in the hand, since a
   * stand-in sent it.
   */
  public record BoxLabel(String line, List<ShopOrder.ShopFact> label) {
    public BoxLabel {
      label = List.copyOf(label);
    }
  }
}
