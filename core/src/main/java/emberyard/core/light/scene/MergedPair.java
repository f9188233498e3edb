package emberyard.core.light.scene;

/**
 * Two colours of a palette that a scene brings together.
 *
 * @param first index in the palette
 * @param second index in the palette
 * @param wasDeltaE00 by day
 * @param deltaE00 in the scene
 */
public record MergedPair(int first, int second, double wasDeltaE00, double deltaE00) {}
