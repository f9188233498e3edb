package emberyard.core.fit.space;

import emberyard.core.geometry.Box;

/**
 * A piece of a lit component where it was placed.
 *
 * @param componentId of the component
 * @param box in the enclosure
 */
public record LitPiece(String componentId, Box box) {}
