package emberyard.core.supply;

import emberyard.core.thing.Thing;
import emberyard.core.workshop.Sundry;
import emberyard.core.workshop.WorkshopBook;
import java.util.Optional;
import java.util.stream.Stream;

/** Where on the shelf a need is filled from. */
public final class ShelfPlace {
  private ShelfPlace() {}

  /**
   * The product with more or less of it on the shelf, never less than nothing; empty for what has
   * no place there, as hardware.
   *
   * <p>Example: {@code sheet:acrylic-3}, 2 on the shelf, by −1: 1.
   *
   * @param by in the unit of the need: sheets, cans, spools, packs, metres; sheets and cans are
   *     rounded to whole ones
   */
  public static Optional<Thing> changed(WorkshopBook book, String needKey, double by) {
    int whole = (int) Math.round(by);
    return Stream.of(
            book.sundries().stream()
                .filter(each -> each.fills(needKey))
                .findFirst()
                .map(each -> each.left(each.onHand() + by * each.packQuantity())),
            book.film(named(needKey, "film:")).map(each -> each.left(each.onHandMetres() + by)),
            book.filament(named(needKey, "filament:"))
                .map(each -> each.left(each.onHandGrams() + by * each.gramsPerSpool())),
            book.paint(named(needKey, "paint:"))
                .map(each -> each.left(each.onHandPacks() + whole, each.openMl(), each.openedOn())),
            book.sheet(named(needKey, "sheet:"))
                .map(each -> each.withOnHandSheets(Math.max(0, each.onHandSheets() + whole))))
        .flatMap(Optional::stream)
        .map(Thing.class::cast)
        .findFirst();
  }

  /** Whether only whole ones lie there. */
  static boolean wholeOnes(String needKey) {
    return needKey.startsWith("sheet:") || needKey.startsWith("paint:");
  }

  /** Whether the unit something was ordered in is that of its place. */
  static boolean counts(WorkshopBook book, String needKey, String unit) {
    return !unit.isEmpty() || book.sundries().stream().noneMatch(each -> each.fills(needKey));
  }

  private static String named(String needKey, String prefix) {
    String key = Sundry.keyOf(needKey);
    return key.startsWith(prefix) ? key.substring(prefix.length()) : "";
  }
}
