package emberyard.core.plan;

import java.util.Objects;

/** Someone the plan can give work to. */
public record Worker(String id, WeeklyHours hours) {
  public Worker {
    Objects.requireNonNull(id);
    Objects.requireNonNull(hours);
  }
}
