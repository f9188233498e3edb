package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * The look of the build and, once chosen, the frozen record of it.
 *
 * @param frozen null while the concept is still open
 */
public record Concept(String id, Look look, @Nullable Frozen frozen) {
  public Concept {
    Require.text("id", id);
    Require.given("look", look);
  }
}
