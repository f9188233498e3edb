package emberyard.core.plan;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * One stretch of time of a deciding chain: the stretches of a chain lie one behind the other, from
 * the start of the plan to the project's finish, without a hole.
 *
 * @param step key of the project's step that is done, or waited for
 * @param holder key of the step that holds the person or station, of this project or another; null
 *     for the other reasons
 * @param resource who or what is held or closed, or does it; null for none
 * @param workMinutes working time in it: of {@code WORK} the hands-on minutes, of a person who is
 *     held or could have done it that person's working minutes; 0 for waits and what is closed
 * @param spareMinutes working minutes of the workshop by which {@code step} can slip more than the
 *     step of its project that can slip least
 */
public record ChainPart(
    Reason reason,
    String step,
    @Nullable String holder,
    @Nullable String resource,
    LocalDateTime from,
    LocalDateTime to,
    long workMinutes,
    long spareMinutes) {}
