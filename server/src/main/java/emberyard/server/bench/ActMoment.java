package emberyard.server.bench;

import emberyard.core.units.Require;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * When something was done at the bench: a page that could not reach the server says so afterwards.
 */
@Component
class ActMoment {
  /** A page goes on for so long by itself, a night included. */
  private static final Duration LONGEST = Duration.ofHours(16);

  private final Clock clock;

  ActMoment(Clock clock) {
    this.clock = clock;
  }

  Instant now() {
    return clock.instant();
  }

  /**
   * The moment of an act: what its sender says, never after now; now where nothing is said.
   *
   * @throws emberyard.core.units.InvalidValue on {@code at} where that is more than 16 hours ago
   */
  Instant of(@Nullable Instant at) {
    Instant now = clock.instant();
    if (at == null || at.isAfter(now)) {
      return now;
    }
    Require.that(
        !at.isBefore(now.minus(LONGEST)),
        "at",
        "That was more than 16 hours ago: type its hours on its card.");
    return at;
  }
}
