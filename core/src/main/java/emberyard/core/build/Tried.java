package emberyard.core.build;

/** What is known of a thing that isn't bought new. */
public enum Tried {
  /** As it left its maker. */
  NEW("new"),
  /** Used, and somebody here has seen it work. */
  WORKS("seen working"),
  /** Used, and nobody here has tried it: it is proven before it goes in. */
  UNTESTED("untested");

  private final String words;

  Tried(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
