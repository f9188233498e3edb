package emberyard.core.yard;

import java.time.LocalDateTime;

/**
 * One link of the deciding chain, for people.
 *
 * @param buildId build of the task; another build's task can decide by keeping a person busy
 * @param text what happens, in words
 * @param minutes from its start to its finish, waits and nights included
 */
public record ChainLink(
    String key,
    String buildId,
    String text,
    LocalDateTime start,
    LocalDateTime finish,
    long minutes) {}
