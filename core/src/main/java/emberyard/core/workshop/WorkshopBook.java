package emberyard.core.workshop;

import emberyard.core.thing.Product;
import emberyard.core.thing.Thing;
import emberyard.core.thing.Things;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * All that the workshop knows and owns: settings, people, stations, suppliers, stock lists. Builds
 * refer into it by id.
 */
public record WorkshopBook(Workshop workshop, Things things) {
  /** All that was entered for the workshop, its settings among it. */
  public static WorkshopBook of(Collection<? extends Thing> all) {
    Things things = Things.of(all);
    return new WorkshopBook(
        things.of(Workshop.class).get(0), things.only(kind -> kind != Workshop.class));
  }

  /** The same book with these as all things of their kind. */
  public <T extends Thing> WorkshopBook with(Class<T> kind, List<T> those) {
    return new WorkshopBook(workshop, things.with(kind, those));
  }

  public List<Person> people() {
    return things.of(Person.class);
  }

  public List<Station> stations() {
    return things.of(Station.class);
  }

  public List<Supplier> suppliers() {
    return things.of(Supplier.class);
  }

  public List<PaintProduct> paints() {
    return things.of(PaintProduct.class);
  }

  public List<SheetProduct> sheets() {
    return things.of(SheetProduct.class);
  }

  public List<FilmProduct> films() {
    return things.of(FilmProduct.class);
  }

  public List<FilamentProduct> filaments() {
    return things.of(FilamentProduct.class);
  }

  public List<HardwareProduct> hardware() {
    return things.of(HardwareProduct.class);
  }

  public List<EnclosureProduct> enclosureProducts() {
    return things.of(EnclosureProduct.class);
  }

  public List<LightProduct> lightProducts() {
    return things.of(LightProduct.class);
  }

  public List<Machine> machines() {
    return things.of(Machine.class);
  }

  public List<Offcut> offcuts() {
    return things.of(Offcut.class);
  }

  public List<LastPaid> lastPaid() {
    return things.of(LastPaid.class);
  }

  public List<Sundry> sundries() {
    return things.of(Sundry.class);
  }

  public List<AirDay> airs() {
    return things.of(AirDay.class);
  }

  /** Days on which somebody's hours are not as in every week. */
  public List<OwnDay> ownDays() {
    return things.of(OwnDay.class);
  }

  /** Somebody's day that is not as in every week. */
  public Optional<OwnDay> ownDay(String personId, LocalDate date) {
    return ownDays().stream()
        .filter(each -> each.personId().equals(personId) && each.date().equals(date))
        .findFirst();
  }

  /** Whether another book is the same but for such days. */
  public boolean sameButOwnDays(WorkshopBook other) {
    return workshop.equals(other.workshop)
        && things
            .only(kind -> kind != OwnDay.class)
            .equals(other.things.only(kind -> kind != OwnDay.class));
  }

  /**
   * When somebody works on a day, with the breaks in it, first to last.
   *
   * @param personId of whom nobody knows: the workshop's hours
   */
  public List<OpenHours> workedOn(String personId, LocalDate date) {
    List<OpenHours> own = person(personId).map(Person::hours).orElse(List.of());
    return ownDay(personId, date)
        .map(day -> Breaks.in(day.hours(), workshop.breakMinutes()))
        .orElseGet(() -> workshop.worked(own))
        .stream()
        .filter(hours -> hours.day() == date.getDayOfWeek())
        .sorted(Comparator.comparing(OpenHours::from))
        .toList();
  }

  public List<TestCard> testCards() {
    return things.of(TestCard.class);
  }

  public List<Retired> retired() {
    return things.of(Retired.class);
  }

  /** Whether a thing isn't chosen any more. */
  public boolean isRetired(String kind, String thingId) {
    return retired().stream()
        .anyMatch(each -> each.kind().equals(kind) && each.thingId().equals(thingId));
  }

  /** Who work is planned for: everybody who isn't retired, everybody where nobody else is left. */
  public List<Person> workers() {
    List<Person> here =
        people().stream().filter(person -> !isRetired("people", person.id())).toList();
    return here.isEmpty() ? people() : here;
  }

  public Optional<Person> person(String id) {
    return things.find(Person.class, id);
  }

  public Optional<Supplier> supplier(String id) {
    return things.find(Supplier.class, id);
  }

  public Optional<PaintProduct> paint(String id) {
    return things.find(PaintProduct.class, id);
  }

  public Optional<FilmProduct> film(String id) {
    return things.find(FilmProduct.class, id);
  }

  /** The latest card of a paint. */
  public Optional<TestCard> card(String paintId) {
    return testCards().stream()
        .filter(card -> card.paintId().equals(paintId))
        .max(Comparator.comparing(TestCard::sprayedOn).thenComparing(TestCard::id));
  }

  public Optional<SheetProduct> sheet(String id) {
    return things.find(SheetProduct.class, id);
  }

  /** The same book without the library: what every screen needs. */
  public WorkshopBook withoutLibrary() {
    return new WorkshopBook(workshop, things.only(kind -> !Product.class.isAssignableFrom(kind)));
  }

  public Optional<Machine> machine(String id) {
    return things.find(Machine.class, id);
  }

  /** The first machine of a kind that isn't retired, or any of the kind where all are. */
  public Optional<Machine> machine(Machine.Kind kind) {
    return machines().stream()
        .filter(machine -> machine.kind() == kind)
        .min(Comparator.comparing(machine -> isRetired("machines", machine.id())));
  }

  public Optional<Offcut> offcut(String id) {
    return things.find(Offcut.class, id);
  }

  public Optional<FilamentProduct> filament(String id) {
    return things.find(FilamentProduct.class, id);
  }

  public Optional<HardwareProduct> hardware(String id) {
    return things.find(HardwareProduct.class, id);
  }

  public Optional<EnclosureProduct> enclosure(String id) {
    return things.find(EnclosureProduct.class, id);
  }

  /** Every colour in the stock list that can make a surface: no primer, no clear coat. */
  public List<StockColour> stockColours() {
    List<StockColour> colours = new ArrayList<>();
    for (PaintProduct paint : paints()) {
      if (!paint.kind().ground() && paint.kind() != PaintKind.CLEAR) {
        colours.add(new StockColour("paints", paint.id(), paint.name(), paint.colourHex()));
      }
    }
    films().forEach(f -> colours.add(new StockColour("films", f.id(), f.name(), f.colourHex())));
    filaments()
        .forEach(f -> colours.add(new StockColour("filaments", f.id(), f.name(), f.colourHex())));
    sheets().forEach(s -> colours.add(new StockColour("sheets", s.id(), s.name(), s.colourHex())));
    return colours;
  }

  /** Calendar days from order to arrival, 7 where the supplier is not known. */
  public int leadDays(String supplierId) {
    return supplier(supplierId).map(Supplier::leadDays).orElse(7);
  }
}
