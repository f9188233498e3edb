package emberyard.core.build;

/** What keeps a placed thing where it is. */
public enum FixingWay {
  /** Screws where its bay has points for such things. */
  POINTS("its bay’s points"),
  /** A bracket that is made for it. */
  BRACKET("a made bracket"),
  LEDGE("a ledge"),
  STRAP("a strap"),
  /** Screws into a part or wall in which holes are drilled for it. */
  SCREWS("screws into a part"),
  WEDGE("a wedge"),
  TAPE("foam tape");

  private final String words;

  FixingWay(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether each of its points takes a screw. */
  public boolean screwed() {
    return this == POINTS || this == BRACKET || this == SCREWS;
  }
}
