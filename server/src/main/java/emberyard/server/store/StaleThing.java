package emberyard.server.store;

/** Somebody else changed the thing since it was read; carries the newer version. */
public final class StaleThing extends RuntimeException {
  private static final long serialVersionUID = 1;
  private final transient Kept<?> newer;

  public StaleThing(Kept<?> newer) {
    super("Someone changed this since you opened it. Keep yours or take theirs.");
    this.newer = newer;
  }

  /** The row as it is now. */
  public Kept<?> newer() {
    return newer;
  }
}
