package emberyard.core.light.port;

/** What may be changed to have everything lit (handbook, From ports to screens). */
public enum ChangeKind {
  /** What was fixed by hand is let go. */
  RELEASE(PortProblem.MOST_SINKS),
  ADAPTER(PortProblem.MOST_SINKS),
  HUB(PortProblem.MOST_SINKS),
  /** Two screens show one picture. */
  MIRRORED(4),
  /** A device gets what its sockets lack: a processor with graphics. */
  PROCESSOR(PortProblem.MOST_SINKS),
  /** A card with more outputs. */
  CARD(PortProblem.MOST_SINKS),
  /** The screen is replaced by one that takes its picture otherwise. */
  SCREEN(2),
  /** Half as many pictures a second. */
  SLOWER(4),
  /** One is left out. */
  LEFT_OUT(2);

  private final int mayLight;

  ChangeKind(int mayLight) {
    this.mayLight = mayLight;
  }

  /**
   * How many it may light, itself and those that get what it frees: with more dark it is not tried.
   */
  int mayLight() {
    return mayLight;
  }
}
