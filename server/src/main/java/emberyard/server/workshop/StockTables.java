package emberyard.server.workshop;

import emberyard.core.record.OrderLine;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.server.table.Table;
import java.util.Map;

/** The shelves of the stock and the orders of a build as tables. */
final class StockTables {
  static final Table<SheetProduct> SHEETS = table(SheetProduct.class);
  static final Table<PaintProduct> PAINTS = table(PaintProduct.class);
  static final Table<FilmProduct> FILMS = table(FilmProduct.class);
  static final Table<FilamentProduct> FILAMENTS = table(FilamentProduct.class);
  static final Table<OrderLine> ORDERS = table(OrderLine.class);

  private StockTables() {}

  /** What is on hand and what it costs may be nothing; a cure of 0 hours is never assumed. */
  private static <T extends Thing> Table<T> table(Class<T> type) {
    return Table.of(
        type, Map.of(), number -> number.startsWith("onHand") || number.endsWith("Minor"));
  }
}
