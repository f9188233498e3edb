package emberyard.core.plan;

import java.time.LocalDateTime;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A build as the schedule sees it.
 *
 * @param reveal the moment by which all must be done, null for none
 * @param agreed whether it holds people and stations; one that was only asked about is laid into
 *     the time the others leave, and holds nothing from them nor from another that was only asked
 *     about
 */
public record Project(String id, @Nullable LocalDateTime reveal, boolean agreed) {
  public Project {
    Objects.requireNonNull(id);
  }

  /** A build that is agreed. */
  public Project(String id, @Nullable LocalDateTime reveal) {
    this(id, reveal, true);
  }
}
