package emberyard.core.work;

import emberyard.core.units.Require;
import java.time.LocalDateTime;

/**
 * A greatest time lag: a step has to be begun before what lies under it has dried, as a coat within
 * its recoat window or a soft peel.
 *
 * @param after key of the step that opens it; it is finished before, waits included
 * @param minutes from the end of its hands-on time until the other is begun at the latest, 0 to
 *     10,000,000
 * @param paces how these minutes run on single days
 */
public record BeginWindow(String after, int minutes, DayPaces paces) {
  public BeginWindow {
    Require.text("after", after);
    Require.between("minutes", minutes, 0, 10_000_000, "min");
    Require.given("paces", paces);
  }

  /** The same window of a step that is called so in a schedule of many projects. */
  public BeginWindow of(String key) {
    return new BeginWindow(key, minutes, paces);
  }

  /**
   * The last moment to begin, where the hands-on time of the other step ends here.
   *
   * <p>Example: 240 min, sprayed until 16:40: 20:40.
   */
  public LocalDateTime closes(LocalDateTime handsOnEnd) {
    return paces.end(handsOnEnd, minutes);
  }
}
