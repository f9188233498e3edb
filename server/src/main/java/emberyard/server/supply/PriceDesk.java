package emberyard.server.supply;

import emberyard.core.build.Build;
import emberyard.core.kind.ThingKind;
import emberyard.core.record.Offer;
import emberyard.core.record.Offer.PriceSeen;
import emberyard.core.work.Need;
import emberyard.core.yard.BuildModel;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.supply.shop.ShopPrices.PriceAsked;
import emberyard.server.supply.shop.ShopPrices.PriceToday;
import emberyard.server.supply.shop.ShopService;
import emberyard.server.yard.YardReader;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** Sees what offers cost today, once a day. */
@Component
class PriceDesk {
  private final ThingStore store;

  PriceDesk(ThingStore store) {
    this.store = store;
  }

  /** An offer of a build with no price of today. */
  private record Stale(String buildId, Offer offer, Need need, long version) {}

  /**
   * Takes today's price of every offer of something that is still to be bought.
   *
   * @param trouble gets the names of shops that don't answer
   */
  void take(ShopService shops, YardReader.Reading reading, String accountId, Set<String> trouble) {
    Map<String, List<Stale>> byShop = stale(reading);
    byShop.forEach(
        (shop, offers) -> {
          try {
            keep(shops.prices(shop, asked(offers)), offers, reading.today(), accountId);
          } catch (IOException silent) {
            trouble.add(reading.book().supplier(shop).map(each -> each.name()).orElse(shop));
          }
        });
  }

  private static Map<String, List<Stale>> stale(YardReader.Reading reading) {
    Map<String, List<Stale>> byShop = new TreeMap<>();
    for (BuildModel model : reading.yard().builds().values()) {
      Build build = model.build();
      if (build.offers().isEmpty()) {
        continue;
      }
      Map<String, Long> versions = reading.versions(build.id());
      Map<String, Need> open = new HashMap<>();
      model.needs().stream()
          .filter(line -> line.open() > 0)
          .forEach(line -> open.put(line.need().key(), line.need()));
      for (Offer offer : build.offers()) {
        Need need = open.get(offer.needKey());
        if (need != null && asks(offer, reading.today())) {
          long version = versions.get(ThingKind.OFFER.word() + "/" + offer.id());
          byShop
              .computeIfAbsent(offer.supplierId(), shop -> new ArrayList<>())
              .add(new Stale(build.id(), offer, need, version));
        }
      }
    }
    return byShop;
  }

  /** Whether its shop is to say today’s price: it said one before, or was asked. */
  private static boolean asks(Offer offer, LocalDate today) {
    boolean known = offer.price().map(price -> price.on().isBefore(today)).orElse(false);
    return !offer.supplierId().isEmpty() && (known || offer.unanswered());
  }

  /** What it was said to cost first; of one that was only asked, what the design says. */
  private static long first(Offer offer, Need need) {
    return offer.seen().isEmpty() ? need.unitPriceMinor() : offer.seen().get(0).unitPriceMinor();
  }

  private static List<PriceAsked> asked(List<Stale> offers) {
    return offers.stream()
        .map(
            each ->
                new PriceAsked(
                    each.offer().id(), each.need().title(), first(each.offer(), each.need())))
        .toList();
  }

  private void keep(List<PriceToday> said, List<Stale> offers, LocalDate today, String accountId) {
    Map<String, Long> byOffer = new HashMap<>();
    said.forEach(each -> byOffer.put(each.thing(), each.unitPriceMinor()));
    for (Stale each : offers) {
      Long minor = byOffer.get(each.offer().id());
      if (minor != null) {
        List<PriceSeen> seen = new ArrayList<>(each.offer().seen());
        seen.removeIf(price -> price.on().equals(today));
        seen.add(new PriceSeen(today, minor));
        List<PriceSeen> kept =
            seen.subList(Math.max(0, seen.size() - Offer.MOST_PRICES), seen.size());
        Offer after = each.offer().withSeen(kept);
        store.apply(
            accountId,
            List.of(new Write(ThingKind.OFFER, after.id(), each.buildId(), after, each.version())));
      }
    }
  }
}
