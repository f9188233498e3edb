package emberyard.core.build;

/** What a shelf is of: stiffness along the span, usual figures of trade qualities. */
public enum ShelfMaterial {
  BIRCH_PLY("birch ply", 6_000, true),
  MDF("MDF", 3_000, true),
  SOLID_WOOD("solid wood, along its grain", 10_000, true),
  ACRYLIC("acrylic", 3_000, true),
  POLYCARBONATE("polycarbonate", 2_300, true),
  ALUMINIUM("aluminium", 69_000, false),
  MILD_STEEL("mild steel", 210_000, false);

  private final String words;
  private final double stiffnessMpa;
  private final boolean creeps;

  ShelfMaterial(String words, double stiffnessMpa, boolean creeps) {
    this.words = words;
    this.stiffnessMpa = stiffnessMpa;
    this.creeps = creeps;
  }

  public String words() {
    return words;
  }

  /** Young's modulus. */
  public double stiffnessMpa() {
    return stiffnessMpa;
  }

  /** Whether it goes on bending under a load that stays: wood and plastic do. */
  public boolean creeps() {
    return creeps;
  }
}
