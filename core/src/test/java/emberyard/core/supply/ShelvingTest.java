package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.State;
import emberyard.core.record.OrderLine.Way;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Sundry;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a build bought and doesn't need lies on the shelf, and its money comes off the build. */
class ShelvingTest {
  private static final WorkshopBook BOOK = Samples.book();
  private static final String SHEET = BOOK.sheets().get(0).id();
  private static final Difference NOT_NEEDED = new Difference(Difference.Kind.NOT_NEEDED, null, 4);

  private static OrderLine line() {
    return Samples.order("sheet:" + SHEET, State.CHECKED, Samples.MONDAY)
        .with(
            each ->
                each.title("Clear")
                    .quantity(4)
                    .unit("sheets")
                    .unitPriceMinor(1_000)
                    .receivedOn(Samples.MONDAY)
                    .checkedOn(Samples.MONDAY)
                    .checkedBy("Ines"));
  }

  private static double most(OrderLine line, Difference differs, long paidMinor) {
    return Shelving.most(line, differs, new Ledger(Samples.paid(line, paidMinor)), BOOK);
  }

  private static Shelving laid(double quantity) {
    return Shelving.of(
        Samples.paid(line(), 4_000), line(), quantity, 4, "new", Samples.MONDAY, BOOK);
  }

  private static int onHand(Shelving laid) {
    return ((SheetProduct) laid.shelf()).onHandSheets() - BOOK.sheets().get(0).onHandSheets();
  }

  @Test
  void someOfItGoesWithItsShareOfWhatWasPaid() {
    Shelving laid = laid(1);
    assertEquals(3, laid.stays().quantity());
    assertEquals(State.SHELVED, laid.lies().state());
    assertEquals(1, laid.lies().quantity());
    assertEquals(1_000, laid.off().amountMinor());
    assertEquals(Move.What.REFUNDED, laid.off().what());
    assertEquals(1, onHand(laid));
  }

  @Test
  void allOfItLeavesNothingOfItsMoneyInTheBuild() {
    Shelving laid = laid(4);
    assertNull(laid.stays());
    assertEquals(4, onHand(laid));
    Build after =
        Samples.paid(line(), 4_000)
            .with(OrderLine.class, List.of(laid.lies()))
            .with(Move.class, List.of(Samples.paid(line(), 4_000).moves().get(0), laid.off()));
    assertEquals(0, new Ledger(after).committedMinor(laid.lies()));
    assertEquals(
        1_000,
        ShelfPrices.of(BOOK, List.of(after))
            .lastPaid("sheet:" + SHEET, "sheets")
            .orElseThrow()
            .minor());
  }

  @Test
  void onlyWhatIsHereRightOursPaidAndPlacedCanGo() {
    assertEquals(4, most(line(), NOT_NEEDED, 4_000));
    assertEquals(
        1, most(line(), new Difference(Difference.Kind.TOO_MUCH, null, 1.6), 4_000), "whole ones");
    assertEquals(4, most(line().withState(State.KEPT), null, 4_000));
    assertEquals(0, most(line(), null, 4_000), "it is needed");
    assertEquals(0, most(line(), NOT_NEEDED, 3_999), "a cent is owed");
    assertEquals(0, most(line().withState(State.WRONG), NOT_NEEDED, 4_000));
    assertEquals(0, most(line().withState(State.SHIPPED), NOT_NEEDED, 4_000));
    assertEquals(0, most(line().withWay(Way.CLIENT_PAYS), NOT_NEEDED, 4_000));
    assertEquals(0, most(line().withNeedKey("component:c1"), NOT_NEEDED, 4_000));
  }

  @Test
  void neverMoreThanCanGoNorHalfASheet() {
    assertThrows(InvalidValue.class, () -> laid(4.5));
    assertThrows(InvalidValue.class, () -> laid(0));
    assertThrows(InvalidValue.class, () -> laid(0.5));
  }

  @Test
  void eachKindOfThingThatHasAPlaceGoesUpAndDown() {
    WorkshopBook book =
        BOOK.with(
                FilmProduct.class,
                List.of(
                    new FilmProduct(
                        "f", "Film", "#101010", FilmProduct.Gloss.MATT, 600, 690, "quay", 2)))
            .with(
                FilamentProduct.class,
                List.of(
                    new FilamentProduct("p", "White", "#FFFFFF", "PLA", 750, 2_200, "quay", 500)))
            .with(
                Sundry.class,
                List.of(
                    new Sundry(
                        "d", "fixing:insert-3", "Inserts", "pieces", 6, 50.0, 420, "quay", 0)));
    List<String> keys = new ArrayList<>();
    book.sheets().forEach(each -> keys.add("sheet:" + each.id()));
    book.paints().forEach(each -> keys.add("paint:" + each.id()));
    book.films().forEach(each -> keys.add("film:" + each.id()));
    book.filaments().forEach(each -> keys.add("filament:" + each.id()));
    book.sundries().forEach(each -> keys.add(each.needKey()));
    assertTrue(keys.size() >= 5, keys.toString());
    for (String key : keys) {
      WorkshopBook more = put(book, key, 3);
      WorkshopBook less = put(more, key, -3);
      assertEquals(book.things(), less.things(), key);
      assertTrue(!book.things().equals(more.things()), key);
    }
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private static WorkshopBook put(WorkshopBook book, String key, double by) {
    var changed = ShelfPlace.changed(book, key, by).orElseThrow();
    List all = new ArrayList<>(book.things().of(changed.getClass()));
    all.replaceAll(
        each -> ((emberyard.core.thing.Thing) each).id().equals(changed.id()) ? changed : each);
    return book.with((Class) changed.getClass(), all);
  }
}
