package emberyard.server.supply;

import emberyard.core.build.Build;
import emberyard.core.record.Offer;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.ShopRecord;
import emberyard.server.yard.YardReader;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How shops have kept their word. */
@RestController
class ShopRecordController {
  private final YardReader reader;

  ShopRecordController(YardReader reader) {
    this.reader = reader;
  }

  /**
   * What is known of a shop from all its orders, of all builds.
   *
   * @param deliveries how many came
   * @param saidDays days that it says it takes
   * @param leadDays days in which four of five are here; said × 1.3 before three came
   * @param received lines that came
   * @param amiss of these, wrong, dead, damaged or sent back
   * @param chance how likely a new thing from there is amiss, 0 to 1
   */
  record KeptWord(
      String supplierId,
      int deliveries,
      int saidDays,
      int leadDays,
      int received,
      int amiss,
      double chance) {}

  /** Every shop, in the order of the workshop's list. */
  @GetMapping("/api/suppliers/records")
  List<KeptWord> records() {
    YardReader.Reading reading = reader.read();
    Map<String, List<OrderLine>> lines =
        reading.builds().stream()
            .map(Build::orders)
            .flatMap(List::stream)
            .collect(Collectors.groupingBy(OrderLine::supplierId));
    return reading.book().suppliers().stream()
        .map(
            shop ->
                keptWord(
                    shop.id(),
                    shop.leadDays(),
                    ShopRecord.of(lines.getOrDefault(shop.id(), List.of()))))
        .toList();
  }

  private static KeptWord keptWord(String supplierId, int saidDays, ShopRecord record) {
    return new KeptWord(
        supplierId,
        record.deliveredDays().size(),
        saidDays,
        record.leadDays(saidDays),
        record.received(),
        record.amiss(),
        record.chanceOfTrouble(Offer.Condition.NEW));
  }
}
