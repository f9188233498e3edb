package emberyard.core.yard;

/** Where a task stands. */
public enum TaskState {
  /** Can be started. */
  READY,
  /** Its clock runs. */
  RUNNING,
  /** Something before it is not finished. */
  BEHIND,
  /** Hands-on is done, the wait goes on. */
  WAITING,
  /** Done or passed, wait included. */
  DONE,
  /** A check that failed: mend and check again. */
  FAILED,
  /** The design no longer asks for it, the record keeps it. */
  NO_LONGER_NEEDED
}
