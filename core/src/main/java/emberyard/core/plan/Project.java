package emberyard.core.plan;

import java.time.LocalDateTime;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A build as the schedule sees it.
 *
 * @param reveal the moment by which all must be done, null for none
 */
public record Project(String id, @Nullable LocalDateTime reveal) {
  public Project {
    Objects.requireNonNull(id);
  }
}
