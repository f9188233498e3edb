package emberyard.core.build;

/** What a scene of light is for. */
public enum SceneUse {
  SHOW("show", 50),
  WORK("work", 500),
  CAMERA("camera", 300),
  NIGHT("night", 5),
  ASLEEP("asleep", 5);

  private final String words;
  private final double roomLux;

  SceneUse(String words, double roomLux) {
    this.words = words;
    this.roomLux = roomLux;
  }

  public String words() {
    return words;
  }

  /** Light in the room where nobody has said; a default. */
  public double roomLux() {
    return roomLux;
  }
}
