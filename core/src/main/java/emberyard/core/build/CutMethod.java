package emberyard.core.build;

/** How a panel is cut out. */
public enum CutMethod {
  LASER("laser"),
  SAW("saw"),
  SCORE_AND_SNAP("score and snap"),
  OUTSIDE("outside work");

  private final String words;

  CutMethod(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
