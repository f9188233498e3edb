package emberyard.core.work;

import java.util.List;
import java.util.Objects;

/**
 * Where a number comes from, for the "why?" beside it.
 *
 * @param formula how it is computed, in words and signs
 * @param inputs what went in, each with its unit, defaults marked as such
 */
public record Why(String formula, List<String> inputs) {
  public Why {
    Objects.requireNonNull(formula);
    inputs = List.copyOf(inputs);
  }

  public static Why of(String formula, String... inputs) {
    return new Why(formula, List.of(inputs));
  }
}
