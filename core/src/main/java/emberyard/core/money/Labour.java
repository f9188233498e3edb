package emberyard.core.money;

/**
 * Work in minutes and money.
 *
 * @param plannedMinutes of all tasks
 * @param loggedMinutes on the clock
 * @param remainingMinutes still planned
 * @param plannedMinor planned minutes × rate of whoever is planned
 * @param spentMinor logged minutes × rate of whoever worked
 * @param remainingMinor remaining minutes × rate of whoever is planned
 */
public record Labour(
    long plannedMinutes,
    long loggedMinutes,
    long remainingMinutes,
    long plannedMinor,
    long spentMinor,
    long remainingMinor) {}
