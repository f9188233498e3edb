package emberyard.core.light.port;

/**
 * What carries a picture, and how much of it. Limits by the handbook (Light and screens, From ports
 * to screens): the data sheet of the product comes first.
 */
public enum Carrier {
  PASSIVE_SINGLE("passive DisplayPort-to-HDMI, single rate", 3.96),
  PASSIVE_DOUBLE("passive DisplayPort-to-HDMI, double rate", 7.2),
  HDMI_1_4("HDMI 1.4", 8.16),
  HDMI_2_0("HDMI 2.0", 14.4),
  DISPLAY_PORT_1_2("DisplayPort 1.2", 17.28),
  DISPLAY_PORT_1_4("DisplayPort 1.4", 25.92),
  HDMI_2_1("HDMI 2.1", 42.6);

  private final String words;
  private final double gbitPerSecond;

  Carrier(String words, double gbitPerSecond) {
    this.words = words;
    this.gbitPerSecond = gbitPerSecond;
  }

  public String words() {
    return words;
  }

  /** The most it carries. */
  public double gbitPerSecond() {
    return gbitPerSecond;
  }

  public boolean carries(double wanted) {
    return wanted <= gbitPerSecond;
  }
}
