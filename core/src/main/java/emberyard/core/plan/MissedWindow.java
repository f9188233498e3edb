package emberyard.core.plan;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A window that a plan does not keep.
 *
 * @param step key of what is begun too late
 * @param after key of the step that opens the window, null where it was open before the plan begins
 * @param closes the last moment to begin
 * @param begins when it begins
 */
public record MissedWindow(
    String step, @Nullable String after, LocalDateTime closes, LocalDateTime begins) {}
