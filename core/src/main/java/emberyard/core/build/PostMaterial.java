package emberyard.core.build;

import java.util.Locale;

/** What a standoff is made of: yield strength and stiffness; textbook values for plain grades. */
public enum PostMaterial {
  MILD_STEEL(250, 210_000),
  STAINLESS(210, 193_000),
  BRASS(200, 100_000),
  ALUMINIUM(160, 69_000),
  NYLON(45, 2_000);

  private final double yieldMpa;
  private final double stiffnessMpa;

  PostMaterial(double yieldMpa, double stiffnessMpa) {
    this.yieldMpa = yieldMpa;
    this.stiffnessMpa = stiffnessMpa;
  }

  public double yieldMpa() {
    return yieldMpa;
  }

  /** Young's modulus. */
  public double stiffnessMpa() {
    return stiffnessMpa;
  }

  public String words() {
    return name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }
}
