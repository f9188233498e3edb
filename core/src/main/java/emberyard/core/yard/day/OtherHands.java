package emberyard.core.yard.day;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * What somebody else has in hand.
 *
 * @param title of the step, empty for none today
 * @param runs whether their clock runs on it; else the plan gives it to them
 * @param from when it begins by the plan
 * @param until when they have it off their hands by the plan; null without one
 * @param station where, empty for anywhere
 * @param next title of what they do then, empty for none today
 */
public record OtherHands(
    String personId,
    String name,
    String title,
    boolean runs,
    @Nullable LocalDateTime from,
    @Nullable LocalDateTime until,
    String station,
    String next) {}
