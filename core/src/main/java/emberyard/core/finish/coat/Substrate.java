package emberyard.core.finish.coat;

import emberyard.core.workshop.Material;

/** What paint has to hold on, and how it is prepared. */
public enum Substrate {
  ACRYLIC("acrylic", 600, false),
  PLASTIC("plastic", 600, false),
  WOOD("ply", 240, true),
  BOARD("MDF", 320, true),
  STEEL("steel", 400, false),
  ALUMINIUM("aluminium", 400, false),
  PRINT("print", 400, false),
  OLD_PAINT("sound old paint", 600, false);

  private final String words;
  private final int grit;
  private final boolean grain;

  Substrate(String words, int grit, boolean grain) {
    this.words = words;
    this.grit = grit;
    this.grain = grain;
  }

  public String words() {
    return words;
  }

  /** Grit of the key: 400 on metal, 600 on plastic (handbook); finer than the grain on wood. */
  public int grit() {
    return grit;
  }

  /** Whether water raises its grain. */
  public boolean grain() {
    return grain;
  }

  /** Of a sheet. */
  public static Substrate of(Material material) {
    return switch (material) {
      case ACRYLIC -> ACRYLIC;
      case PLY -> WOOD;
      case MDF, CARD -> BOARD;
      case STEEL -> STEEL;
      case ALUMINIUM -> ALUMINIUM;
      default -> PLASTIC;
    };
  }
}
