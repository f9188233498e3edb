package emberyard.server.library;

import emberyard.core.workshop.EnclosureProduct;
import emberyard.core.workshop.HardwareProduct;
import emberyard.server.store.ThingJson;
import emberyard.server.table.ShippedTable;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * Invented hardware and enclosures that ship with the program. What a workshop has changed or added
 * stands in front of it.
 */
public final class Library {
  private static final List<HardwareProduct> HARDWARE =
      ShippedTable.read(HardwareTable.TABLE, "/stock/hardware.csv");
  private static final List<EnclosureProduct> ENCLOSURES =
      List.of(
          new ThingJson()
              .read(ShippedTable.text("/stock/enclosures.json"), EnclosureProduct[].class));

  private Library() {}

  /** What ships, with the workshop's own in place or behind. */
  public static List<HardwareProduct> hardware(List<HardwareProduct> own) {
    return over(HARDWARE, own, HardwareProduct::id);
  }

  /** What ships, with the workshop's own in place or behind. */
  public static List<EnclosureProduct> enclosures(List<EnclosureProduct> own) {
    return over(ENCLOSURES, own, EnclosureProduct::id);
  }

  private static <T> List<T> over(List<T> shipped, List<T> own, Function<T, String> id) {
    Map<String, T> all = new LinkedHashMap<>();
    shipped.forEach(product -> all.put(id.apply(product), product));
    own.forEach(product -> all.put(id.apply(product), product));
    return List.copyOf(all.values());
  }
}
