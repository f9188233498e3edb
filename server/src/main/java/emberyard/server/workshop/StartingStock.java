package emberyard.server.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Supplier;
import emberyard.server.store.ThingJson;
import emberyard.server.table.ShippedTable;
import java.util.List;
import java.util.stream.Stream;

/**
 * Invented suppliers and an invented stock list with generic values, as CSV files like those that
 * can be taken in and out: something to choose from at first.
 */
public final class StartingStock {
  private StartingStock() {}

  /** All of it. */
  public static Stream<Thing> all() {
    return Stream.of(suppliers(), sheets(), paints(), films(), filaments(), machines())
        .flatMap(List::stream);
  }

  static List<Supplier> suppliers() {
    return List.of(
        new Supplier("quayside", "Quayside Sheet & Film", 5, 990),
        new Supplier("kiln-lane", "Kiln Lane Colours", 3, 690),
        new Supplier("rookery", "Rookery Hardware", 4, 790, 14),
        new Supplier("lumen-loft", "Lumen Loft", 9, 890, 30));
  }

  static List<SheetProduct> sheets() {
    return ShippedTable.read(StockTables.SHEETS, "/stock/sheets.csv");
  }

  static List<PaintProduct> paints() {
    return ShippedTable.read(StockTables.PAINTS, "/stock/paints.csv");
  }

  static List<FilmProduct> films() {
    return ShippedTable.read(StockTables.FILMS, "/stock/films.csv");
  }

  static List<FilamentProduct> filaments() {
    return ShippedTable.read(StockTables.FILAMENTS, "/stock/filaments.csv");
  }

  /** A laser, a router, a blade cutter and a printer with values to be tried on scrap. */
  static List<Machine> machines() {
    return List.of(
        new ThingJson().read(ShippedTable.text("/stock/machines.json"), Machine[].class));
  }
}
