package emberyard.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a step came to lie.
 *
 * @param worker who does it, null where there is no hands-on time
 * @param pieces the stretches of hands-on time, ascending, apart
 * @param handsOnEnd end of the last piece, the start where there is none
 * @param finish {@code handsOnEnd} plus the wait
 * @param latestStart how late it could start with the reveal kept (without a reveal: the finish);
 *     before {@code start} when the reveal is already missed
 * @param slackMinutes working minutes of the workshop it can slip before the reveal is missed;
 *     negative when the reveal is already missed. Without a reveal: before the project's finish
 *     moves.
 */
public record PlannedStep(
    String key,
    String project,
    @Nullable String worker,
    List<Piece> pieces,
    LocalDateTime start,
    LocalDateTime handsOnEnd,
    LocalDateTime finish,
    LocalDateTime latestStart,
    long slackMinutes) {

  /** One stretch of hands-on time. */
  public record Piece(LocalDateTime from, LocalDateTime to) {}
}
