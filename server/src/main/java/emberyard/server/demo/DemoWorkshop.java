package emberyard.server.demo;

import emberyard.core.build.StationKind;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.RoomClimate;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.fit.Library;
import emberyard.server.workshop.StartingStock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The workshop of the demo: three people, five stations, the starting stock, a damp week. */
final class DemoWorkshop {
  private DemoWorkshop() {}

  static WorkshopBook book(LocalDate today, ZoneId zone) {
    Workshop base = Workshop.startingWith("Tollgate Works", "EUR", zone.getId());
    Workshop workshop =
        new Workshop(
            Workshop.ID,
            base.name(),
            base.currency(),
            base.zone(),
            base.hours(),
            new RoomClimate(14, 70),
            18,
            0,
            5,
            3,
            base.times(),
            base.writing());
    List<OpenHours> lotte =
        List.of(
            new OpenHours(DayOfWeek.TUESDAY, LocalTime.of(9, 0), LocalTime.of(17, 0)),
            new OpenHours(DayOfWeek.THURSDAY, LocalTime.of(9, 0), LocalTime.of(17, 0)));
    return new WorkshopBook(
        workshop,
        List.of(
            new Person("ines", "Ines Varga", List.of(), List.of(), 3_400),
            new Person("bram", "Bram Okoye", List.of(), List.of("finish", "make"), 2_900),
            new Person("lotte", "Lotte Haas", lotte, List.of("supply", "make", "bench"), 2_100)),
        List.of(
            new Station("bench", "Bench", StationKind.BENCH, 3),
            new Station("spray", "Spray corner", StationKind.SPRAY_CORNER, 2),
            new Station("laser", "Laser 400 × 300", StationKind.LASER, 1),
            new Station("printer", "Printer 256", StationKind.PRINTER, 1),
            new Station("saw", "Saw", StationKind.SAW, 1)),
        StartingStock.suppliers(),
        StartingStock.paints().stream().map(p -> DemoFinish.opened(p, today)).toList(),
        StartingStock.sheets(),
        StartingStock.films(),
        StartingStock.filaments(),
        Library.hardware(List.of()),
        Library.enclosures(List.of()),
        StartingStock.machines(),
        List.of(DemoSheetWork.BLACK_REST),
        DemoFinish.forecast(today),
        List.of(DemoFinish.failedCard(today)));
  }

  /** By id, to be stored. */
  static Map<String, Object> things(WorkshopBook book) {
    Map<String, Object> things = new LinkedHashMap<>();
    things.put(Workshop.ID, book.workshop());
    book.people().forEach(person -> things.put(person.id(), person));
    book.stations().forEach(station -> things.put(station.id(), station));
    book.suppliers().forEach(supplier -> things.put(supplier.id(), supplier));
    book.paints().forEach(paint -> things.put(paint.id(), paint));
    book.sheets().forEach(sheet -> things.put(sheet.id(), sheet));
    book.films().forEach(film -> things.put(film.id(), film));
    book.machines().forEach(machine -> things.put(machine.id(), machine));
    book.offcuts().forEach(offcut -> things.put(offcut.id(), offcut));
    book.filaments().forEach(filament -> things.put(filament.id(), filament));
    book.airs().forEach(air -> things.put(air.id(), air));
    book.cards().forEach(card -> things.put(card.id(), card));
    return things;
  }
}
