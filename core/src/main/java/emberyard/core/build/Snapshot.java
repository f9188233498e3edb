package emberyard.core.build;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;

/**
 * One frozen concept in the history of a build: kept for good, so that any two can be compared.
 *
 * @param letter of the option that was chosen
 * @param note why it was frozen: the choice itself, or the change that was agreed
 */
public record Snapshot(String id, String letter, String name, Frozen frozen, String note)
    implements Thing {
  public Snapshot {
    Require.text("id", id);
    letter = Concept.checked(letter);
    name = Require.textOrEmpty("name", name);
    Require.given("frozen", frozen);
    note = Require.textOrEmpty("note", note);
  }

  /** Which agreement its price is of, see {@link emberyard.core.units.FigureKey}. */
  String agreement() {
    return "agreements/" + id;
  }
}
