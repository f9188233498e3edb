package emberyard.core.build;

import java.util.Locale;

/** What a screw bites into. */
public enum ScrewInto {
  STEEL(1),
  ALUMINIUM(1.5),
  PLASTIC(2),
  INSERT(2),
  WOOD(0);

  private final double diameters;

  ScrewInto(double diameters) {
    this.diameters = diameters;
  }

  /** Engagement in screw diameters; 0 for wood, where it is counted in mm. */
  public double diameters() {
    return diameters;
  }

  public String words() {
    return this == INSERT ? "a heat-set insert" : name().toLowerCase(Locale.ROOT);
  }
}
