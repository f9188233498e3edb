package emberyard.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A place of a step in time.
 *
 * @param worker who does it, null where there is no hands-on time
 * @param pieces the stretches of hands-on time, ascending, apart
 * @param handsOnEnd end of the last piece, the start where there is none
 * @param finish {@code handsOnEnd} plus the wait
 */
public record Placed(
    @Nullable String worker,
    List<PlannedStep.Piece> pieces,
    LocalDateTime start,
    LocalDateTime handsOnEnd,
    LocalDateTime finish) {
  static Placed of(Placement found, @Nullable String worker) {
    return new Placed(
        worker,
        found.pieces().stream()
            .map(
                span ->
                    new PlannedStep.Piece(
                        BenchClock.moment(span.from()), BenchClock.moment(span.to())))
            .toList(),
        BenchClock.moment(found.start()),
        BenchClock.moment(found.handsOnEnd()),
        BenchClock.moment(found.finish()));
  }
}
