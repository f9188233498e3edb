package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.LocalDate;

/**
 * What was last paid for one of a thing that lies on the shelf, asked once where no order says it.
 *
 * @param needKey of what is made of it: {@code paint:grey-primer}
 * @param paidMinor for one can, sheet, metre or spool, 0 to 100,000,000 minor units
 * @param on the day it was said; an order that came later says it anew
 */
public record LastPaid(String id, String needKey, long paidMinor, LocalDate on) implements Thing {
  public LastPaid {
    Require.text("id", id);
    Require.text("needKey", needKey);
    Require.between("paidMinor", paidMinor, 0, 100_000_000, "minor units");
    Require.given("on", on);
  }
}
