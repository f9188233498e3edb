package emberyard.server.library;

import emberyard.core.build.KeepOut;
import emberyard.core.build.M2Slot;
import emberyard.core.build.Port;
import emberyard.core.build.Spot;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.LightProduct;
import emberyard.server.table.Cell;
import emberyard.server.table.Table;
import java.util.Map;

/** What is sold, as tables: components, one a row (see {@link HardwareText}), and light strips. */
public final class LibraryTables {
  /** No number needs to be there: what a component doesn't have is 0. */
  public static final Table<HardwareProduct> HARDWARE =
      Table.of(
          HardwareProduct.class,
          Map.of(
              Port.class,
              Cell.list(HardwareText::ports, HardwareText::ports),
              KeepOut.class,
              Cell.list(HardwareText::keepOuts, HardwareText::keepOuts),
              Spot.class,
              Cell.list(HardwareText::spots, HardwareText::spots),
              M2Slot.class,
              Cell.list(HardwareText::slots, HardwareText::slots)),
          number -> true);

  public static final Table<LightProduct> LIGHTS =
      Table.of(LightProduct.class, Map.of(), number -> number.endsWith("Minor"));

  private LibraryTables() {}
}
