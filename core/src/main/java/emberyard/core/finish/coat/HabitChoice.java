package emberyard.core.finish.coat;

/**
 * What another way of working would change.
 *
 * @param habit "priming", "sanding", "mounting" or "peeling"
 * @param choice the other way, as the habit is set
 * @param steps more steps, negative for fewer
 * @param handsOnMinutes more hands-on time
 * @param waitMinutes more waiting until the part can be mounted
 * @param risk what it may cost or save
 */
public record HabitChoice(
    String habit, String choice, int steps, int handsOnMinutes, int waitMinutes, String risk) {}
