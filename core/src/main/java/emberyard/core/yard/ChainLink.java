package emberyard.core.yard;

import emberyard.core.plan.Reason;
import java.time.LocalDateTime;

/**
 * One link of the deciding chain, for people.
 *
 * @param key task it tells of; of another build where that holds a person or station
 * @param buildId build of that task
 * @param text what happens, in words
 * @param workMinutes working time in it, 0 for what only waits or is closed
 * @param spareMinutes working minutes by which this build's task can slip more than the one that
 *     can slip least: what comes behind it is a gap
 */
public record ChainLink(
    Reason reason,
    String key,
    String buildId,
    String text,
    LocalDateTime start,
    LocalDateTime finish,
    long workMinutes,
    long spareMinutes) {}
