package emberyard.core.supply;

import emberyard.core.record.OrderLine;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.Optional;

/** What was measured of a thing when its parcel was opened, for the stock list. */
public final class Measured {
  private static final double NOTHING = 1e-9;

  private Measured() {}

  /**
   * The sheet of a line with the thickness that its caliper readings give: the largest, for slots
   * are cut for it, and cuts move with it.
   *
   * <p>Example: a sheet of 3 mm read as 2.86, 2.90, 2.92: measured 2.92.
   *
   * @return empty for anything but a sheet, before it was read, and where nothing changes
   */
  public static Optional<SheetProduct> sheet(OrderLine line, WorkshopBook book) {
    LabelCheck check = LabelCheck.of(line);
    boolean read = check != null && check.caliper() != null && line.needKey().startsWith("sheet:");
    if (!read) {
      return Optional.empty();
    }
    double slotMm = Math.round(check.caliper().slotMm() * 100) / 100.0;
    return book.sheet(line.needKey().substring("sheet:".length()))
        .filter(sheet -> Math.abs(sheet.realThicknessMm() - slotMm) > NOTHING)
        .map(sheet -> sheet.withMeasuredThicknessMm(slotMm));
  }
}
