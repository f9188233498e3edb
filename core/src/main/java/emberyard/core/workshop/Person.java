package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.util.List;

/**
 * Someone who works here.
 *
 * @param hours own weekly hours, empty for the workshop's
 * @param does capabilities this person takes on ("finish", "make", …), empty for all
 * @param rateMinor what an hour of theirs costs, minor units, 0 to 1,000,000
 */
public record Person(
    String id, String name, List<OpenHours> hours, List<String> does, long rateMinor)
    implements Thing {
  public Person {
    Require.text("id", id);
    Require.text("name", name);
    hours = Require.list(hours);
    does = Require.list(does);
    Require.between("rateMinor", rateMinor, 0, 1_000_000, "minor units an hour");
  }
}
