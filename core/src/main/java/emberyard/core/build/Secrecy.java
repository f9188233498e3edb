package emberyard.core.build;

/** How much the client may know before the reveal. */
public enum Secrecy {
  OPEN,
  NO_SPECIFICATION,
  SURPRISE
}
