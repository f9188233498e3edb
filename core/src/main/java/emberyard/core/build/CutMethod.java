package emberyard.core.build;

/** How a panel is cut out. */
public enum CutMethod {
  LASER("laser"),
  SAW("saw"),
  SCORE_AND_SNAP("score and snap"),
  OUTSIDE("outside work"),
  ROUTER("router"),
  BLADE("blade cutter");

  private final String words;

  CutMethod(String words) {
    this.words = words;
  }

  /** Whether a machine follows the outline by itself. */
  public boolean machined() {
    return this == LASER || this == ROUTER || this == BLADE;
  }

  public String words() {
    return words;
  }
}
