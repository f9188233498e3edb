package emberyard.core.build;

/** What a screen or device is known not to work behind. */
public enum Refusal {
  HUB("a hub"),
  ADAPTER("an adapter"),
  SPLITTER("a splitter"),
  LONG_LEAD("a lead past 1 m");

  private final String words;

  Refusal(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
