package emberyard.server.store;

import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Somebody else changed the same value of a thing since it was read, or took the thing away. */
public final class StaleThing extends RuntimeException {
  private static final long serialVersionUID = 1;
  private final transient Versioned<?> newer;
  private final transient List<String> conflicts;
  private final transient @Nullable Both both;

  /**
   * The two ways on: everything laid together, the values that both changed taken from one side.
   */
  public record Both(JsonNode mine, JsonNode theirs) {}

  /** Nothing is known of what it was when it was read. */
  StaleThing(Versioned<?> newer) {
    super("Someone changed this since you opened it. Keep yours or take theirs.");
    this.newer = newer;
    this.conflicts = List.of();
    this.both = null;
  }

  StaleThing(Versioned<?> newer, List<String> conflicts, JsonNode mine, JsonNode theirs) {
    super("Someone changed the same since you opened it. Keep yours or take theirs.");
    this.newer = newer;
    this.conflicts = List.copyOf(conflicts);
    this.both = new Both(mine, theirs);
  }

  /** The row as it is now. */
  public Versioned<?> newer() {
    return newer;
  }

  /** JSON pointers to what both changed; empty when that is not known. */
  public List<String> conflicts() {
    return conflicts;
  }

  /** Both ways on; null when they are not known. */
  public @Nullable Both both() {
    return both;
  }
}
