package emberyard.core.build;

/** An edge of something seen straight on, clockwise. */
public enum Edge {
  TOP("top"),
  RIGHT("right"),
  BOTTOM("bottom"),
  LEFT("left");

  private final String words;

  Edge(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it runs across. */
  public boolean across() {
    return this == TOP || this == BOTTOM;
  }
}
