package emberyard.core.light.port;

import java.util.function.UnaryOperator;

/**
 * Something that might be changed.
 *
 * @param key what it changes: two that change the same are no pair
 * @param words a verb and its object
 * @param priceMinor what it costs besides the wiring; less than nothing where it saves
 * @param leadDays until it is there, 0 where nothing is bought
 * @param risk what it risks, in words; empty for nothing
 * @param apply the change itself
 */
public record PortChange<T>(
    ChangeKind kind,
    String key,
    String words,
    long priceMinor,
    int leadDays,
    String risk,
    UnaryOperator<T> apply) {}
