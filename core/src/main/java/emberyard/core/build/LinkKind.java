package emberyard.core.build;

/** What a link between a socket and what is fed from it does. */
public enum LinkKind {
  LEAD("lead"),
  /** One way only. */
  ADAPTER("adapter"),
  /** The same picture on all its sockets. */
  SPLITTER("splitter"),
  /** A picture or a device of its own on each of its sockets. */
  HUB("hub"),
  /** Wires that lead the ports of one header to sockets of their own. */
  BREAKOUT("breakout");

  private final String words;

  LinkKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
