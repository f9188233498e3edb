package emberyard.core.finish.coat;

import java.time.LocalDateTime;

/**
 * When a step is or was worked on.
 *
 * @param done whether it is over: then the moments are facts, else they are planned
 */
public record StepTime(LocalDateTime start, LocalDateTime handsOnEnd, boolean done) {}
