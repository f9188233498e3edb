package emberyard.core.light.port;

/** What may be changed to have everything lit (handbook, From ports to screens). */
public enum ChangeKind {
  /** What was fixed by hand is let go. */
  RELEASE,
  ADAPTER,
  HUB,
  /** Two screens show one picture. */
  MIRRORED,
  /** A device gets what its sockets lack: a processor with graphics. */
  PROCESSOR,
  /** A card with more outputs. */
  CARD,
  /** The screen is replaced by one that takes its picture otherwise. */
  SCREEN,
  /** Half as many pictures a second. */
  SLOWER,
  /** One is left out. */
  LEFT_OUT
}
