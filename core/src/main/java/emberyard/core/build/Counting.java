package emberyard.core.build;

/** What a thing that is already there counts for in the budget. */
public enum Counting {
  ZERO("counts for nothing"),
  AGREED("counts for what was agreed"),
  MARKET("counts at market price");

  private final String words;

  Counting(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
