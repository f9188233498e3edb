package emberyard.core.build;

/** What the walls of an enclosure are of, and how much heat goes through them. */
public enum Walls {
  THIN_METAL(5, "thin metal"),
  ACRYLIC(3.6, "5 mm of acrylic"),
  WOOD(2.7, "15 mm of wood");

  private final double wattsPerM2K;
  private final String words;

  Walls(double wattsPerM2K, String words) {
    this.wattsPerM2K = wattsPerM2K;
    this.words = words;
  }

  /** Heat through the wall with still air on both sides, W/m²K. Source: the handbook. */
  public double wattsPerM2K() {
    return wattsPerM2K;
  }

  public String words() {
    return words;
  }

  /** Of walls of which nobody has said what they are: those that keep the most heat in. */
  public static Walls unsaid() {
    return WOOD;
  }
}
