package emberyard.core.workshop;

import org.jspecify.annotations.Nullable;

/** What flat parts are made of, with what the rules need to know of it. */
public enum Material {
  ACRYLIC("acrylic", 1190, 1.5, null, null),
  PLY("birch ply", 680, 2.0, null, null),
  ALUMINIUM("aluminium", 2700, 1.0, null, "a workshop laser does not cut metal"),
  STEEL("steel", 7850, 1.0, null, "a workshop laser does not cut metal"),
  POLYCARBONATE(
      "polycarbonate", 1200, 1.5, "polycarbonate chars, burns and gives off toxic fumes", null),
  PVC("PVC", 1400, 1.5, "PVC gives off hydrogen chloride: it harms lungs and eats machines", null),
  ABS("ABS", 1050, 1.5, "ABS melts, burns and gives off hydrogen cyanide", null),
  MDF("MDF", 750, 2.0, null, null),
  CARD("card", 700, 1.0, null, null),
  FIBRE(
      "carbon or glass fibre", 1700, 1.5, "fibre board gives off toxic fumes and sharp dust", null),
  PTFE("PTFE", 2200, 1.5, "PTFE gives off hydrogen fluoride", null),
  CHROME_LEATHER("chrome leather", 950, 1.5, "chrome leather gives off toxic chromium", null),
  UNKNOWN_PLASTIC("unknown plastic", 1200, 1.5, "nobody knows what it gives off", null);

  private final String words;
  private final double densityKgPerM3;
  private final double holeEdgeFactor;
  private final @Nullable String laserDanger;
  private final @Nullable String laserLimit;

  Material(
      String words,
      double densityKgPerM3,
      double holeEdgeFactor,
      @Nullable String laserDanger,
      @Nullable String laserLimit) {
    this.words = words;
    this.densityKgPerM3 = densityKgPerM3;
    this.holeEdgeFactor = holeEdgeFactor;
    this.laserDanger = laserDanger;
    this.laserLimit = laserLimit;
  }

  /** As said at the bench. */
  public String words() {
    return words;
  }

  /** kg/m³, usual figures for the trade qualities. */
  public double densityKgPerM3() {
    return densityKgPerM3;
  }

  /** Hole edge to part edge must be at least this many hole diameters. */
  public double holeEdgeFactor() {
    return holeEdgeFactor;
  }

  /** Why it may never lie under a laser at this thickness, or null where it may. */
  public @Nullable String laserDanger(double thicknessMm) {
    return this == POLYCARBONATE && thicknessMm <= 1 ? null : laserDanger;
  }

  /** Why a workshop laser can't cut it, harmless but useless, or null where it can. */
  public @Nullable String laserLimit() {
    return laserLimit;
  }

  /** Cracks from a sharp inside corner. */
  public boolean brittle() {
    return this == ACRYLIC;
  }

  /** Sheet metal: drilled and sawn with metal cautions. */
  public boolean metal() {
    return this == ALUMINIUM || this == STEEL;
  }
}
