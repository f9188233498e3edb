package emberyard.core.build;

/** What a read-out on a screen shows its value as. */
public enum ReadOutKind {
  VALUE("value"),
  CURVE("curve of the last minutes"),
  DIAL("dial"),
  BAR("bar"),
  CLOCK("clock"),
  WORDS("words"),
  PICTURE("picture"),
  TABLE_LINE("line of a timetable"),
  STATUS_LIST("list of what is well"),
  DAY_CURVE("curve of the day");

  private final String words;

  ReadOutKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it stands still and shines, which wears out a screen that makes its own light. */
  public boolean still() {
    return this == WORDS || this == PICTURE;
  }

  /** Whether it shows one number of the feed. */
  public boolean measures() {
    return this == VALUE || this == CURVE || this == DIAL || this == BAR;
  }
}
