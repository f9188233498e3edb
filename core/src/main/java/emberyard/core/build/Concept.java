package emberyard.core.build;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * The concept on the table and, once chosen, the frozen record of it.
 *
 * @param frozen null while the concept is still open
 * @param letter of the option on the table, A to D; A where it was left out
 * @param name of the option on the table
 */
public record Concept(String id, Look look, @Nullable Frozen frozen, String letter, String name)
    implements Thing {
  public Concept {
    Require.text("id", id);
    Require.given("look", look);
    letter = letter == null ? "A" : checked(letter);
    name = Require.textOrEmpty("name", name);
  }

  /** The first option, open. */
  public static Concept open(String id, Look look) {
    return new Concept(id, look, null, "A", "");
  }

  /** The same option with another look. */
  public Concept with(Look other) {
    return new Concept(id, other, frozen, letter, name);
  }

  /** The same option, frozen like this. */
  public Concept with(Frozen record) {
    return new Concept(id, look, record, letter, name);
  }

  static String checked(String letter) {
    Require.text("letter", letter);
    Require.that(letter.matches("[A-D]"), "letter", "Options are called A, B, C or D.");
    return letter;
  }
}
