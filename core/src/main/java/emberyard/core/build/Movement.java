package emberyard.core.build;

/** How the light of a run moves. */
public enum Movement {
  STILL("still"),
  BREATHE("breathe"),
  SWEEP("sweep"),
  DRIFT("drift");

  private final String words;

  Movement(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
