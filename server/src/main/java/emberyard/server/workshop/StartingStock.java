package emberyard.server.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Supplier;
import emberyard.server.store.ThingJson;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;

/**
 * Invented suppliers and an invented stock list with generic values, as CSV files like those that
 * can be taken in and out: something to choose from at first.
 */
public final class StartingStock {
  private static final StockCsv CSV = new StockCsv(new ThingJson());

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
        new Supplier("rookery", "Rookery Hardware", 4, 790),
        new Supplier("lumen-loft", "Lumen Loft", 9, 890));
  }

  static List<SheetProduct> sheets() {
    return read("sheets", SheetProduct.class);
  }

  static List<PaintProduct> paints() {
    return read("paints", PaintProduct.class);
  }

  static List<FilmProduct> films() {
    return read("films", FilmProduct.class);
  }

  static List<FilamentProduct> filaments() {
    return read("filaments", FilamentProduct.class);
  }

  /** A laser, a router, a blade cutter and a printer with values to be tried on scrap. */
  static List<Machine> machines() {
    return List.of(new ThingJson().read(text("/stock/machines.json"), Machine[].class));
  }

  private static <T> List<T> read(String kind, Class<T> type) {
    return CSV.read(type, text("/stock/" + kind + ".csv"));
  }

  private static String text(String name) {
    try (InputStream file = StartingStock.class.getResourceAsStream(name)) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException missing) {
      throw new IllegalStateException(name, missing);
    }
  }
}
