package emberyard.core.supply.basket;

import emberyard.core.workshop.DeliveryTerms;
import java.util.ArrayList;
import java.util.List;

/**
 * A step of what a shop asks for a delivery: from this worth of goods on it is this much.
 *
 * @param fromMinor 0 for the first
 */
record Tier(long fromMinor, long deliveryMinor) {

  /** The steps of a shop, the dearest first: more goods never make a delivery dearer. */
  static List<Tier> of(DeliveryTerms terms) {
    List<Tier> tiers = new ArrayList<>(List.of(new Tier(0, terms.deliveryMinor(0))));
    for (Long from : new Long[] {terms.smallBelowMinor(), terms.freeFromMinor()}) {
      if (from != null && from > 0 && terms.deliveryMinor(from) < tiers.get(0).deliveryMinor()) {
        tiers.add(new Tier(from, terms.deliveryMinor(from)));
      }
    }
    return tiers;
  }
}
