package emberyard.core.fit.place;

import emberyard.core.build.Fitted;
import emberyard.core.build.Seat;
import emberyard.core.build.Turn;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A thing to place: one component, or a board with all that sits on it.
 *
 * @param own its boxes in its own axes
 * @param pin where it was put by hand, null to search
 */
public record Item(
    String id,
    String name,
    List<Seat> seats,
    List<Turn> turns,
    List<Solid> own,
    Fitted.@Nullable Pin pin) {
  /** Boards first, for all else is built round them; then largest, then by id. */
  static final Comparator<Item> LARGEST_FIRST =
      Comparator.comparing((Item item) -> !item.seats().contains(Seat.BOARD))
          .thenComparing(Comparator.comparingLong(Item::sizeClass).reversed())
          .thenComparing(Item::id);

  /**
   * What a hand put into a bay stays, and others make do with what is left; a screen, which sits in
   * none, gives way.
   */
  static final Comparator<Item> PINNED_FIRST =
      Comparator.comparing((Item item) -> item.pin() == null || item.seats().isEmpty())
          .thenComparing(LARGEST_FIRST);

  public Item {
    seats = List.copyOf(seats);
    turns = List.copyOf(turns);
    own = List.copyOf(own);
  }

  /** All ways it may lie. */
  public List<Posture> postures() {
    return turns.stream().map(turn -> Posture.of(turn, own)).toList();
  }

  double volumeMm3() {
    return own.stream().filter(Solid::hard).mapToDouble(s -> s.box().volumeMm3()).sum();
  }

  /** Volumes within a tenth are one class, so that a millimetre more seldom changes the order. */
  private long sizeClass() {
    return (long) Math.floor(Math.log(Math.max(1, volumeMm3())) * 10);
  }

  /** What it has in common with all things that go wherever it goes. */
  public Item like() {
    return new Item("", "", seats, turns, own.stream().map(Solid::like).toList(), null);
  }

  /** The same thing lying in other ways. */
  public Item turning(List<Turn> others) {
    return new Item(id, name, seats, others, own, pin);
  }
}
