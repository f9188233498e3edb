package emberyard.core.money;

import emberyard.core.units.FigureKey;

/**
 * Work in minutes and money.
 *
 * @param plannedMinutes of all tasks
 * @param loggedMinutes on the clock
 * @param remainingMinutes still planned
 * @param guessedMinutes planned minutes of what is done while nobody said how long it took
 * @param plannedMinor planned minutes × rate of whoever is planned
 * @param spentMinor logged minutes × rate of whoever worked
 * @param remainingMinor remaining minutes × rate of whoever is planned
 * @param guessedMinor guessed minutes × rate of whoever was planned
 */
@FigureKey("build/{buildId}/LABOUR")
public record Labour(
    long plannedMinutes,
    long loggedMinutes,
    long remainingMinutes,
    long guessedMinutes,
    long plannedMinor,
    long spentMinor,
    long remainingMinor,
    long guessedMinor) {

  /** All hours of the build: logged, guessed and still planned. */
  public long allMinutes() {
    return loggedMinutes + guessedMinutes + remainingMinutes;
  }
}
