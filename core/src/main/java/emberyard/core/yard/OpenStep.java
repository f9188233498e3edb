package emberyard.core.yard;

/**
 * Work that lies before a check, a coat or the hand-over and is not finished.
 *
 * @param gate whether it is a check itself: it has to pass, nobody can pass over it
 * @param waiting whether its hands-on part is done and only its wait goes on
 */
public record OpenStep(String taskKey, String title, boolean gate, boolean waiting) {}
