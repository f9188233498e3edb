package emberyard.core.build;

/** Where a component comes from. Only what is bought is ordered, and only that is sold on. */
public enum Source {
  BUY,
  OWNED,
  /** The client brings it. */
  CLIENT,
  /** Somebody gives it for this build, for something or for nothing. */
  GIVEN,
  /** Somebody lends it: it goes back. */
  LENT;

  /** Whether it is here without being the workshop's: it counts for the cap, never in the price. */
  public boolean othersOwn() {
    return this == CLIENT || this == GIVEN || this == LENT;
  }
}
