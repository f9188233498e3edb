package emberyard.server.demo;

import emberyard.core.build.StationKind;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.RoomClimate;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.workshop.StartingStock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;

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
    return WorkshopBook.of(
        Stream.of(
                List.of(
                    workshop,
                    new Person("ines", "Ines Varga", List.of(), List.of(), 3_400),
                    new Person("bram", "Bram Okoye", List.of(), List.of("finish", "make"), 2_900),
                    new Person(
                        "lotte", "Lotte Haas", lotte, List.of("supply", "make", "bench"), 2_100),
                    new Station("bench", "Bench", StationKind.BENCH, 3),
                    new Station("spray", "Spray corner", StationKind.SPRAY_CORNER, 2),
                    new Station("laser", "Laser 400 × 300", StationKind.LASER, 1),
                    new Station("printer", "Printer 256", StationKind.PRINTER, 1),
                    new Station("saw", "Saw", StationKind.SAW, 1),
                    DemoSheetWork.BLACK_REST,
                    DemoFinish.failedCard(today)),
                StartingStock.suppliers(),
                StartingStock.paints().stream().map(p -> DemoFinish.opened(p, today)).toList(),
                StartingStock.sheets(),
                StartingStock.films(),
                StartingStock.filaments(),
                StartingStock.machines(),
                DemoFinish.forecast(today))
            .flatMap(List::stream)
            .toList());
  }

  /** What is stored of it: the library ships. */
  static Stream<Thing> things(WorkshopBook book) {
    return Stream.concat(Stream.of(book.workshop()), book.things().all());
  }
}
