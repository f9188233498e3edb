package emberyard.core.build;

/** What a light run is as it is sold. */
public enum RunShape {
  /** By the metre, cut to length. */
  STRIP("strip"),
  RING("ring"),
  BAR("bar"),
  PANEL("panel");

  private final String words;

  RunShape(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it is cut to length, and paid by it. */
  public boolean byTheMetre() {
    return this == STRIP;
  }
}
