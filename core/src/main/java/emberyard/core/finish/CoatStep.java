package emberyard.core.finish;

import emberyard.core.workshop.PaintProduct;

/**
 * One coat of a scheme, with its times in this room.
 *
 * @param key key of its task
 * @param layer "primer", "colour" or "clear"
 * @param number 1 for the first of its layer
 * @param side "front" or "back"
 * @param handsOnMinutes set-up and spraying
 * @param flashMinutes until the solvent has left
 * @param recoatFromMinutes the next coat not before
 * @param recoatUntilMinutes the next coat not after without scuffing, 0 for any time
 * @param handleMinutes until it can be touched
 * @param cureMinutes until it can be mounted
 * @param ml wet paint it takes, all pieces
 */
public record CoatStep(
    String key,
    PaintProduct paint,
    String layer,
    int number,
    String side,
    int handsOnMinutes,
    int flashMinutes,
    int recoatFromMinutes,
    int recoatUntilMinutes,
    int handleMinutes,
    int cureMinutes,
    double ml) {}
