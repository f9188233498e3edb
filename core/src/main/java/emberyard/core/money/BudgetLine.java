package emberyard.core.money;

import emberyard.core.units.FigureKey;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Why;

/**
 * One category, minor units.
 *
 * @param plannedMinor derived from the design
 * @param committedMinor ordered, or worked
 * @param spentMinor paid, or worked
 * @param forecastMinor spent + committed not yet paid + planned not yet ordered
 * @param counts whether it counts towards the cap
 */
@FigureKey("build/{buildId}/{category}")
public record BudgetLine(
    CostCategory category,
    long plannedMinor,
    long committedMinor,
    long spentMinor,
    long forecastMinor,
    boolean counts,
    Why why) {}
