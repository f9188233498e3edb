package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import emberyard.core.work.CostCategory;
import java.time.LocalDate;

/**
 * What was taken off the shelf for a build when work with it began.
 *
 * @param needKey of the need it fills
 * @param category of that need
 * @param taskKey of the work
 * @param quantity 0 to 10,000
 * @param unit what is counted, as the need had it
 * @param unitPriceMinor what one was worth then, minor units
 * @param openMl of an opened can besides, 0 to 20,000 ml
 * @param on the day
 */
public record Use(
    String id,
    String needKey,
    CostCategory category,
    String taskKey,
    double quantity,
    String unit,
    long unitPriceMinor,
    double openMl,
    LocalDate on)
    implements Thing {
  public Use {
    Require.text("id", id);
    Require.text("needKey", needKey);
    Require.given("category", category);
    Require.text("taskKey", taskKey);
    unit = Require.textOrEmpty("unit", unit);
    Require.between("unitPriceMinor", unitPriceMinor, 0, 100_000_000, "minor units");
    Require.between("quantity", quantity, 0, 10_000, "");
    Require.between("openMl", openMl, 0, 20_000, "ml");
    Require.given("on", on);
  }

  /**
   * What it was worth, rounded half up.
   *
   * <p>Example: 0.44 packs at 4.20: 1.85.
   */
  public long worthMinor() {
    return Math.round(quantity * unitPriceMinor);
  }
}
