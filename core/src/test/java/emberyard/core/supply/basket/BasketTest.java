package emberyard.core.supply.basket;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.supply.basket.BasketProblem.Quote;
import emberyard.core.supply.basket.BasketProblem.Shop;
import emberyard.core.supply.basket.BasketProblem.Wanted;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.DeliveryTerms;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BasketTest {
  private static final boolean LONG = Boolean.getBoolean("ember.long");
  private static final Shop KILN = shop("kiln", 490);
  private static final Shop LOFT = shop("loft", 390);

  private static Shop shop(String id, long fee) {
    return new Shop(id, new DeliveryTerms(fee, null, null, null));
  }

  private static Quote quote(String shop, long price, int days) {
    return new Quote(shop + "-" + price, shop, price, 1, null, days, 0, false);
  }

  private static Wanted wanted(String key, double quantity, Integer day, Quote... offers) {
    return new Wanted(key, quantity, day, null, List.of(offers));
  }

  private static Basket basket(List<Shop> shops, Wanted... things) {
    return Basket.of(new BasketProblem(List.of(things), shops));
  }

  private static List<String> shops(Basket basket) {
    return basket.deliveries().stream().map(Basket.BasketDelivery::shopId).toList();
  }

  @Test
  void fiftyCentsAreNotWorthADelivery() {
    Basket both =
        basket(
            List.of(KILN, LOFT),
            wanted("paint", 1, null, quote("kiln", 1200, 3)),
            wanted("tape", 1, null, quote("kiln", 300, 3), quote("loft", 250, 2)));
    assertEquals(List.of("kiln"), shops(both));
    assertEquals(1990, both.totalMinor());
    assertTrue(both.proven());
  }

  @Test
  void aDearerOneThatIsInTimeGoesBeforeACheapOneThatIsLate() {
    Quote cheap = quote("loft", 9600, 9);
    Quote dear = quote("kiln", 10500, 5);
    Basket inTime = basket(List.of(KILN, LOFT), wanted("display", 1, 8, cheap, dear));
    assertEquals(List.of("kiln"), shops(inTime));
    Basket whenever = basket(List.of(KILN, LOFT), wanted("display", 1, 8, cheap, dear).whenever());
    assertEquals(1000, Basket.ruleMinor(inTime, whenever));
    Basket none = basket(List.of(KILN, LOFT), wanted("display", 1, 2, cheap, dear));
    assertEquals(3, none.lines().get(0).lateDays());
    assertEquals(List.of("kiln"), shops(none));
  }

  @Test
  void packsAreWholeAndSplitOnlyWhereOneIsShort() {
    Quote pack = new Quote("pack", "kiln", 10, 50, null, 3, 0, false);
    Quote single = new Quote("single", "loft", 60, 1, 20.0, 3, 0, false);
    Shop free = shop("loft", 0);
    Basket few = basket(List.of(KILN, free), wanted("insert", 16, null, pack, single));
    assertEquals(960, few.goodsMinor());
    Basket many = basket(List.of(KILN, free), wanted("insert", 60, null, pack, single));
    assertEquals(1, many.lines().get(0).shares().size());
    assertEquals(1000, many.goodsMinor());
    Quote dearPack = new Quote("pack", "kiln", 40, 50, null, 3, 0, false);
    Basket split = basket(List.of(KILN, free), wanted("insert", 60, null, dearPack, single));
    assertEquals(2, split.lines().get(0).shares().size());
    assertEquals(10 * 60 + 50 * 40, split.goodsMinor());
  }

  @Test
  void aDearerLineSavesAFee() {
    Shop free = new Shop("kiln", new DeliveryTerms(690, 2000L, 300L, 5000L));
    Basket basket =
        basket(
            List.of(free, LOFT),
            wanted("sheet", 1, null, quote("kiln", 4600, 3)),
            wanted("film", 1, null, quote("kiln", 450, 3), quote("loft", 200, 3)));
    // 46.00 + 4.50 with a free delivery; 46.00 + 6.90 + 2.00 + 3.90 else
    assertEquals(5050, basket.totalMinor());
    assertEquals(0, basket.deliveryMinor());
  }

  @Test
  void aHeldLineStaysAndTheRestIsSolvedRoundIt() {
    Wanted tape = wanted("tape", 1, null, quote("kiln", 300, 3), quote("loft", 250, 2));
    Wanted paint = wanted("paint", 1, null, quote("kiln", 1200, 3), quote("loft", 1250, 3));
    Basket held = basket(List.of(KILN, LOFT), paint, tape.holding("loft-250"));
    assertEquals(List.of("loft"), shops(held));
    assertEquals(1890, held.totalMinor());
  }

  @Test
  void whatGoesWrongMoreOftenCountsDearer() {
    Quote used = new Quote("used", "", 24_100, 1, null, 3, 2_000, false);
    Quote fresh = quote("kiln", 25_000, 3);
    Shop nobody = shop("", 0);
    Basket basket = basket(List.of(KILN, nobody), wanted("card", 1, null, used, fresh));
    assertEquals(List.of("kiln"), shops(basket));
  }

  @Test
  void whatCrossesABorderCostsItsDutyAndTheDeliveryDoesNot() {
    Quote abroad = new Quote("far", "kiln", 10_000, 1, null, 3, 0, 21.0, false);
    Shop farFree = new Shop("kiln", new DeliveryTerms(490, null, null, 10_000L));
    Basket far = basket(List.of(farFree), wanted("card", 2, null, abroad));
    assertEquals(4_200, far.dutyMinor());
    assertEquals(24_200, far.totalMinor());
    assertEquals(4_200, far.deliveries().get(0).dutyMinor());
    Basket near =
        basket(List.of(farFree, LOFT), wanted("card", 2, null, abroad, quote("loft", 11_800, 3)));
    assertEquals(List.of("loft"), shops(near));
  }

  @Test
  void aUsedOneIsBoughtOnlyWhereSomebodyChoseItOrNothingElseIsThere() {
    Quote used = new Quote("used", "kiln", 100, 1, null, 3, 0, true);
    Wanted card = wanted("card", 1, null, used, quote("loft", 900, 3));
    assertEquals(List.of("loft"), shops(basket(List.of(KILN, LOFT), card)));
    assertEquals(List.of("kiln"), shops(basket(List.of(KILN, LOFT), card.holding("used"))));
    assertEquals(
        List.of("kiln"), shops(basket(List.of(KILN, LOFT), wanted("card", 1, null, used))));
  }

  @Test
  void whereNobodyHasEnoughItIsStillAsked() {
    Quote two = new Quote("two", "kiln", 100, 1, 2.0, 3, 0, false);
    Basket basket = basket(List.of(KILN), wanted("fan", 5, null, two));
    assertEquals(5, basket.lines().get(0).shares().get(0).packs());
  }

  @Test
  void nothingWantedIsAnEmptyBasket() {
    Basket nothing = basket(List.of(KILN));
    assertEquals(0, nothing.totalMinor());
    assertTrue(nothing.proven());
  }

  @Test
  void refusesWhatIsNoQuestion() {
    Quote one = quote("kiln", 1, 1);
    assertThrows(InvalidValue.class, () -> wanted("a", 0, null, one));
    assertThrows(InvalidValue.class, () -> wanted("a", 1, null));
    assertThrows(InvalidValue.class, () -> wanted("a", 1, null, one, one));
    assertThrows(InvalidValue.class, () -> wanted("a", 1, null, one).holding("other"));
    assertThrows(InvalidValue.class, () -> basket(List.of(LOFT), wanted("a", 1, null, one)));
  }

  @Test
  void aShopThatIsNotThereIsNamedByItsPlace() {
    Wanted here = wanted("a", 1, null, quote("kiln", 1, 1));
    Wanted gone = wanted("b", 1, null, quote("kiln", 1, 1), quote("loft", 2, 1));
    InvalidValue refused =
        assertThrows(InvalidValue.class, () -> basket(List.of(KILN), here, gone));
    assertEquals("things.1.offers.1.shopId", refused.field());
  }

  /** 3,000 against every way there is; 500 and more where a dearer line saves a fee. */
  @Test
  void nothingCheaperExists() {
    int saved = 0;
    int tries = LONG ? 30_000 : 3_000;
    for (int seed = 0; seed < tries; seed++) {
      BasketProblem problem = MadeUpLists.small(new Random(seed));
      Basket basket = Basket.of(problem);
      SlowBasket.Worth slow = SlowBasket.best(problem);
      assertEquals(slow, SlowBasket.worth(problem, basket), "seed " + seed + " " + problem);
      assertEquals(slow.costMinor(), basket.totalMinor(), "seed " + seed);
      assertTrue(basket.proven());
      long alone = problem.things().stream().mapToLong(SlowBasket::cheapestAlone).sum();
      saved += basket.totalMinor() - basket.deliveryMinor() > alone ? 1 : 0;
    }
    assertTrue(saved >= tries / 6, "a dearer line saved a fee in " + saved);
  }

  /** A rule only makes it dearer; the same question has the same answer. */
  @Test
  void rulesCostAndAnswersStay() {
    for (int seed = 0; seed < 300; seed++) {
      BasketProblem problem = MadeUpLists.small(new Random(seed));
      Basket basket = Basket.of(problem);
      assertEquals(basket, Basket.of(problem));
      List<Wanted> free = new ArrayList<>();
      problem.things().forEach(thing -> free.add(thing.whenever().holding(null)));
      Basket whenever = Basket.of(new BasketProblem(free, problem.shops()));
      assertTrue(whenever.totalMinor() <= basket.totalMinor(), "seed " + seed);
    }
  }

  /** Sixty things from six shops, each with a limit for small orders and a free delivery. */
  @Test
  void sixtyThingsFromSixShopsAreProven() {
    int given = 0;
    for (int seed = 0; seed < 20; seed++) {
      given += Basket.of(MadeUpLists.large(new Random(seed), 60, 6)).proven() ? 0 : 1;
    }
    assertEquals(0, given);
  }

  /** A price with too many noughts, or a yard of hundreds of lists, still has its parcels. */
  @Test
  void whatIsTooLargeToBeSearchedComesFromItsFirstOffers() {
    Basket dear =
        basket(
            List.of(KILN, LOFT),
            wanted("a", 10_000, null, quote("kiln", 100_000_000, 1), quote("loft", 1, 1)));
    assertFalse(dear.proven());
    assertEquals(1_000_000_000_000L + 490, dear.totalMinor());
    List<Wanted> many = new ArrayList<>();
    for (int i = 0; i < 501; i++) {
      many.add(wanted("t" + i, 1, null, quote("kiln", 200, 1), quote("loft", 100, 1)));
    }
    Basket whole = Basket.of(new BasketProblem(many, List.of(KILN, LOFT)));
    assertFalse(whole.proven());
    assertEquals(501 * 200 + 490, whole.totalMinor());
    assertTrue(Basket.of(new BasketProblem(many.subList(1, 501), List.of(KILN, LOFT))).proven());
  }

  @Test
  void whatTakesTooLongIsGivenUpAndSaysSo() {
    Basket huge = Basket.of(MadeUpLists.large(new Random(1), 400, 40));
    assertFalse(huge.proven());
    assertEquals(400, huge.lines().size());
  }
}
