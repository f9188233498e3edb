package emberyard.core.workshop;

import java.util.ArrayList;
import java.util.Comparator;
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
    List<SheetProduct> sheets,
    List<FilmProduct> films,
    List<FilamentProduct> filaments,
    List<HardwareProduct> hardware,
    List<EnclosureProduct> enclosures,
    List<Machine> machines,
    List<Offcut> offcuts,
    List<AirDay> airs,
    List<TestCard> cards) {
  public WorkshopBook {
    people = List.copyOf(people);
    stations = List.copyOf(stations);
    suppliers = List.copyOf(suppliers);
    paints = List.copyOf(paints);
    sheets = List.copyOf(sheets);
    films = List.copyOf(films);
    filaments = List.copyOf(filaments);
    hardware = List.copyOf(hardware);
    enclosures = List.copyOf(enclosures);
    machines = List.copyOf(machines);
    offcuts = List.copyOf(offcuts);
    airs = List.copyOf(airs);
    cards = List.copyOf(cards);
  }

  /** A book without a library of hardware. */
  public WorkshopBook(
      Workshop workshop,
      List<Person> people,
      List<Station> stations,
      List<Supplier> suppliers,
      List<PaintProduct> paints,
      List<SheetProduct> sheets,
      List<FilmProduct> films,
      List<FilamentProduct> filaments) {
    this(
        workshop, people, stations, suppliers, paints, sheets, films, filaments, List.of(),
        List.of(), List.of(), List.of(), List.of(), List.of());
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

  public Optional<FilmProduct> film(String id) {
    return find(films, FilmProduct::id, id);
  }

  /** The latest card of a paint. */
  public Optional<TestCard> card(String paintId) {
    return cards.stream()
        .filter(card -> card.paintId().equals(paintId))
        .max(Comparator.comparing(TestCard::sprayedOn).thenComparing(TestCard::id));
  }

  public Optional<SheetProduct> sheet(String id) {
    return find(sheets, SheetProduct::id, id);
  }

  /** The same book without the library: what every screen needs. */
  public WorkshopBook withoutLibrary() {
    return new WorkshopBook(
        workshop, people, stations, suppliers, paints, sheets, films, filaments, List.of(),
        List.of(), machines, offcuts, airs, cards);
  }

  public Optional<Machine> machine(String id) {
    return find(machines, Machine::id, id);
  }

  /** The first machine of a kind. */
  public Optional<Machine> machine(Machine.Kind kind) {
    return machines.stream().filter(machine -> machine.kind() == kind).findFirst();
  }

  public Optional<Offcut> offcut(String id) {
    return find(offcuts, Offcut::id, id);
  }

  public Optional<FilamentProduct> filament(String id) {
    return find(filaments, FilamentProduct::id, id);
  }

  public Optional<HardwareProduct> hardware(String id) {
    return find(hardware, HardwareProduct::id, id);
  }

  public Optional<EnclosureProduct> enclosure(String id) {
    return find(enclosures, EnclosureProduct::id, id);
  }

  /** Every colour in the stock list that can make a surface: no primer, no clear coat. */
  public List<StockColour> stockColours() {
    List<StockColour> colours = new ArrayList<>();
    for (PaintProduct paint : paints) {
      if (!paint.kind().ground() && paint.kind() != PaintKind.CLEAR) {
        colours.add(new StockColour("paints", paint.id(), paint.name(), paint.colourHex()));
      }
    }
    films.forEach(f -> colours.add(new StockColour("films", f.id(), f.name(), f.colourHex())));
    filaments.forEach(
        f -> colours.add(new StockColour("filaments", f.id(), f.name(), f.colourHex())));
    sheets.forEach(s -> colours.add(new StockColour("sheets", s.id(), s.name(), s.colourHex())));
    return colours;
  }

  /** Calendar days from order to arrival, 7 where the supplier is not known. */
  public int leadDays(String supplierId) {
    return supplier(supplierId).map(Supplier::leadDays).orElse(7);
  }

  private static <T> Optional<T> find(List<T> things, Function<T, String> id, String wanted) {
    return things.stream().filter(thing -> id.apply(thing).equals(wanted)).findFirst();
  }
}
