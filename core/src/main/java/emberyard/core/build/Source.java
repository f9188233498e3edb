package emberyard.core.build;

/** Where a component comes from. */
public enum Source {
  BUY,
  OWNED,
  CLIENT
}
