package emberyard.core.build;

import emberyard.core.units.InvalidValue;
import java.util.Locale;

/** Which side of a limit is right. */
public enum Comparison {
  AT_LEAST("≥"),
  AT_MOST("≤");

  private final String sign;

  Comparison(String sign) {
    this.sign = sign;
  }

  public String sign() {
    return sign;
  }

  /** Whether a value lies on the right side; the limit itself does. */
  public boolean holds(double value, double limit) {
    return this == AT_LEAST ? value >= limit - 1e-9 : value <= limit + 1e-9;
  }

  /**
   * Reads {@code ≥ >= atLeast AT_LEAST} and {@code ≤ <= atMost AT_MOST}.
   *
   * @throws InvalidValue for anything else
   */
  public static Comparison named(String name) {
    String plain = name.replace("_", "").toLowerCase(Locale.ROOT);
    return switch (plain) {
      case "≥", ">=", "atleast", "min" -> AT_LEAST;
      case "≤", "<=", "atmost", "max" -> AT_MOST;
      default -> throw new InvalidValue("comparison", "Compare with atLeast (≥) or atMost (≤).");
    };
  }
}
