package emberyard.core.build;

import emberyard.core.thing.Thing;
import emberyard.core.units.FigureKey;
import emberyard.core.units.Require;

/**
 * A concept that lies beside the one on the table.
 *
 * @param letter A, B, C or D
 */
@FigureKey(value = "options/{id}", apart = true)
public record ConceptOption(String id, String letter, String name, Design design) implements Thing {
  /** Most options of a build, the one on the table counted. */
  public static final int MOST = 4;

  public ConceptOption {
    Require.text("id", id);
    letter = Concept.checked(letter);
    name = Require.textOrEmpty("name", name);
    Require.given("design", design);
  }

  /** The same option with another design. */
  public ConceptOption with(Design other) {
    return new ConceptOption(id, letter, name, other);
  }
}
