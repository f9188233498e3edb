package emberyard.server.library;

import emberyard.core.thing.Product;
import emberyard.core.thing.Thing;
import emberyard.core.thing.Things;
import emberyard.core.workshop.EnclosureProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.store.ShippedProducts;
import emberyard.server.store.ThingJson;
import emberyard.server.table.ShippedTable;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * Invented hardware, enclosures and light strips that ship with the program. What a workshop has
 * changed or added stands in front of it.
 */
@Component
public final class Library implements ShippedProducts {
  private static final Things SHIPPED =
      Things.of(
          Stream.of(
                  ShippedTable.read(LibraryTables.HARDWARE, "/stock/hardware.csv"),
                  List.of(
                      new ThingJson()
                          .read(
                              ShippedTable.text("/stock/enclosures.json"),
                              EnclosureProduct[].class)),
                  ShippedTable.read(LibraryTables.LIGHTS, "/stock/lights.csv"))
              .flatMap(List::stream)
              .toList());

  private static final Map<String, Product> BY_ID =
      SHIPPED.all().collect(Collectors.toMap(Thing::id, Product.class::cast));

  /** All that ships. */
  public static Things shipped() {
    return SHIPPED;
  }

  @Override
  public Optional<Product> find(String id) {
    return Optional.ofNullable(BY_ID.get(id));
  }

  /** A workshop with what ships, its own in place or behind. */
  public static WorkshopBook behind(WorkshopBook own) {
    WorkshopBook book = own;
    for (Class<? extends Thing> kind : SHIPPED.kinds()) {
      book = over(book, kind);
    }
    return book;
  }

  private static <T extends Thing> WorkshopBook over(WorkshopBook book, Class<T> kind) {
    Map<String, T> all = new LinkedHashMap<>();
    SHIPPED.of(kind).forEach(product -> all.put(product.id(), product));
    book.things().of(kind).forEach(product -> all.put(product.id(), product));
    return book.with(kind, List.copyOf(all.values()));
  }
}
