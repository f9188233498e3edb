package emberyard.server.fit;

import emberyard.core.units.Require;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the calculators of Fit do with what was left out of a question. */
final class Inputs {
  private static final int MOST = 200;

  private Inputs() {}

  static double or(@Nullable Double value, double otherwise) {
    return value == null ? otherwise : value;
  }

  static <T> List<T> few(String field, @Nullable List<T> values, int least) {
    List<T> given = Require.list(values);
    Require.between(field, given.size(), least, MOST, field);
    return given;
  }
}
