package emberyard.core.workshop;

/** What carries the paint, which decides how humidity slows it and which cautions it needs. */
public enum PaintBase {
  SOLVENT("solvent lacquer", 0.6),
  ENAMEL("enamel", 0.6),
  WATERBORNE("water-borne", 1.5),
  TWO_PACK("two-pack", 0.6);

  private final String words;
  private final double humiditySlowdown;

  PaintBase(String words, double humiditySlowdown) {
    this.words = words;
    this.humiditySlowdown = humiditySlowdown;
  }

  public String words() {
    return words;
  }

  /** The h of the drying formula: added time per 100 points of humidity above 50 %. */
  public double humiditySlowdown() {
    return humiditySlowdown;
  }
}
