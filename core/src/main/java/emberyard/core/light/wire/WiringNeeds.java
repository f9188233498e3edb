package emberyard.core.light.wire;

import emberyard.core.light.port.Link;
import emberyard.core.light.port.PortAnswer.WireFeed;
import emberyard.core.light.port.PortAnswer.WirePiece;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Why;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Leads and links that are bought for the wiring. */
final class WiringNeeds {
  private final Wired wired;
  private final WorkshopBook book;
  private final Function<String, List<String>> keysOf;

  private WiringNeeds(Wired wired, WorkshopBook book, Function<String, List<String>> keysOf) {
    this.wired = wired;
    this.book = book;
    this.keysOf = keysOf;
  }

  /**
   * @param keysOf keys of the tasks that can't be done while something is not fed
   */
  static List<Need> of(Wired wired, WorkshopBook book, Function<String, List<String>> keysOf) {
    return new WiringNeeds(wired, book, keysOf).needs();
  }

  /** What is bought for it, a need a product. */
  private List<Need> needs() {
    Map<String, Map<String, WirePiece>> bought = new LinkedHashMap<>();
    Map<String, List<String>> neededBy = new LinkedHashMap<>();
    for (WireFeed feed : wired.answer().feeds()) {
      List<WirePiece> pieces = new ArrayList<>(feed.through());
      if (feed.lead() != null) {
        pieces.add(feed.lead());
      }
      for (WirePiece piece : pieces) {
        if (piece.bought()) {
          bought.computeIfAbsent(piece.linkId(), k -> new LinkedHashMap<>()).put(piece.id(), piece);
          List<String> by = neededBy.computeIfAbsent(piece.linkId(), k -> new ArrayList<>());
          keysOf.apply(feed.sinkId()).stream().filter(key -> !by.contains(key)).forEach(by::add);
        }
      }
    }
    List<Need> needs = new ArrayList<>();
    bought.forEach(
        (linkId, pieces) -> needs.add(need(linkId, pieces.size(), neededBy.get(linkId))));
    return needs;
  }

  private Need need(String linkId, int pieces, List<String> neededBy) {
    Link link = wired.link(linkId);
    String supplierId =
        book.hardware().stream()
            .filter(product -> product.id().equals(linkId))
            .map(HardwareProduct::supplierId)
            .findFirst()
            .orElse("");
    return new Need(
        "link:" + linkId,
        link.name(),
        CostCategory.LOOK_HARDWARE,
        supplierId,
        pieces,
        0,
        pieces == 1 ? "piece" : "pieces",
        link.priceMinor(),
        book.leadDays(supplierId),
        neededBy,
        Why.of(
            "from the wiring: the cheapest that feeds all that can be fed",
            pieces + " × " + link.name(),
            Figures.plain(wired.answer().feeds().size()) + " things fed in all"));
  }
}
