package emberyard.core.workshop;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * All that the workshop knows and owns: settings, people, stations, suppliers, stock lists. Builds
 * refer into it by id.
 */
public record WorkshopBook(
    Workshop workshop,
    List<Person> people,
    List<Station> stations,
    List<Supplier> suppliers,
    List<PaintProduct> paints,
    List<SheetProduct> sheets) {
  public WorkshopBook {
    people = List.copyOf(people);
    stations = List.copyOf(stations);
    suppliers = List.copyOf(suppliers);
    paints = List.copyOf(paints);
    sheets = List.copyOf(sheets);
  }

  public Optional<Person> person(String id) {
    return find(people, Person::id, id);
  }

  public Optional<Supplier> supplier(String id) {
    return find(suppliers, Supplier::id, id);
  }

  public Optional<PaintProduct> paint(String id) {
    return find(paints, PaintProduct::id, id);
  }

  public Optional<SheetProduct> sheet(String id) {
    return find(sheets, SheetProduct::id, id);
  }

  /** Calendar days from order to arrival, 7 where the supplier is not known. */
  public int leadDays(String supplierId) {
    return supplier(supplierId).map(Supplier::leadDays).orElse(7);
  }

  private static <T> Optional<T> find(List<T> things, Function<T, String> id, String wanted) {
    return things.stream().filter(thing -> id.apply(thing).equals(wanted)).findFirst();
  }
}
