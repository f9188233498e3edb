package emberyard.core.finding;

/** How bad a finding is; the order is worst first. */
public enum Severity {
  /** Work must not go on like this. */
  STOP,
  /** It may go wrong, or cost time or money. */
  RISK,
  /** Good to know. */
  NOTE
}
