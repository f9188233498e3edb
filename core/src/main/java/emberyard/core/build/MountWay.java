package emberyard.core.build;

/** What keeps a screen in its place. */
public enum MountWay {
  SCREWS("screws"),
  TAPE("foam tape"),
  WEDGE("a wedge"),
  RAIL("a rail");

  private final String words;

  MountWay(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
