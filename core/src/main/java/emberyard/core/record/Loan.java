package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What was agreed with whoever gave or lent a component. What it is worth and how it counts stands
 * at the component.
 *
 * @param name what it is, kept though the design may drop it
 * @param fromWhom who gave or lent it
 * @param condition how it was when it came
 * @param promised what was promised for it
 * @param giveBackOn the day by which it is to be back; null where nobody said, or it is given
 * @param givenBackOn the day it went back, null before
 */
public record Loan(
    String id,
    String componentId,
    String name,
    String fromWhom,
    String condition,
    String promised,
    @Nullable LocalDate giveBackOn,
    @Nullable LocalDate givenBackOn)
    implements Thing {
  public Loan {
    Require.text("id", id);
    Require.text("componentId", componentId);
    name = Require.textOrEmpty("name", name);
    fromWhom = Require.textOrEmpty("fromWhom", fromWhom);
    condition = Require.textOrEmpty("condition", condition);
    promised = Require.textOrEmpty("promised", promised);
  }
}
