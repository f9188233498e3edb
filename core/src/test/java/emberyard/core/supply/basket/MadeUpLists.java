package emberyard.core.supply.basket;

import emberyard.core.supply.basket.BasketProblem.Quote;
import emberyard.core.supply.basket.BasketProblem.Shop;
import emberyard.core.supply.basket.BasketProblem.Wanted;
import emberyard.core.workshop.DeliveryTerms;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Made-up shopping lists. */
final class MadeUpLists {
  private MadeUpLists() {}

  /** So small that every way of buying it can be tried. */
  static BasketProblem small(Random random) {
    int shops = 1 + random.nextInt(4);
    List<Wanted> things = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(5); i++) {
      List<Quote> offers = new ArrayList<>();
      for (int j = 0; j < 1 + random.nextInt(3); j++) {
        offers.add(
            new Quote(
                "o" + j,
                "s" + random.nextInt(shops),
                50 + random.nextInt(900),
                1 + random.nextInt(3),
                random.nextInt(3) == 0 ? (double) random.nextInt(6) : null,
                random.nextInt(12),
                random.nextInt(3) == 0 ? random.nextInt(120) : 0,
                random.nextInt(5) == 0 ? random.nextInt(40) / 2.0 : null,
                random.nextInt(25) == 0));
      }
      // somebody always has enough
      offers.add(new Quote("last", "s0", 300 + random.nextInt(900), 1, null, 14, 0, false));
      String held = random.nextInt(8) == 0 ? "last" : null;
      Integer day = random.nextInt(3) == 0 ? random.nextInt(14) : null;
      things.add(new Wanted("t" + i, 1 + random.nextInt(5), day, held, offers));
    }
    return new BasketProblem(things, shops(random, shops, 2_500));
  }

  static BasketProblem large(Random random, int things, int shops) {
    List<Wanted> wanted = new ArrayList<>();
    for (int i = 0; i < things; i++) {
      long price = 200 + random.nextInt(9_000);
      List<Quote> offers = new ArrayList<>();
      for (int shop = 0; shop < Math.min(shops, 30); shop++) {
        if (shop == 0 || random.nextInt(3) > 0) {
          long asked = Math.round(price * (0.9 + random.nextInt(25) / 100.0));
          offers.add(
              new Quote("o" + shop, "s" + shop, asked, 1, null, random.nextInt(9), 0, false));
        }
      }
      wanted.add(new Wanted("t" + i, 1 + random.nextInt(4), 10, null, offers));
    }
    return new BasketProblem(wanted, shops(random, shops, 60_000));
  }

  private static List<Shop> shops(Random random, int shops, int free) {
    List<Shop> all = new ArrayList<>();
    for (int i = 0; i < shops; i++) {
      all.add(
          new Shop(
              "s" + i,
              new DeliveryTerms(
                  random.nextInt(900),
                  random.nextInt(2) == 0 ? (long) random.nextInt(free / 2) : null,
                  (long) random.nextInt(400),
                  random.nextInt(2) == 0 ? (long) random.nextInt(free) : null)));
    }
    return all;
  }
}
