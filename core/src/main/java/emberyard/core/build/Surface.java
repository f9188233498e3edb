package emberyard.core.build;

/** What is painted on. */
public enum Surface {
  /** The sheet or print as it was made. */
  BARE("bare"),
  /** A bought case with a sound finish, which is keyed. */
  PAINTED("sound old paint"),
  /** An old finish that has to come off first. */
  STRIP("old finish to strip");

  private final String words;

  Surface(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
