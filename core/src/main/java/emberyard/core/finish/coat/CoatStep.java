package emberyard.core.finish.coat;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.workshop.PaintProduct;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * One coat, stencil, peel, film or engraving of a finish, with its times in this room.
 *
 * @param key key of its task
 * @param stepId the step of the finish that it belongs to
 * @param paint null for all but coats
 * @param layer what it is called: "primer", "colour", "clear", "stencil", "peel"…
 * @param number 1 for the first coat of its step
 * @param side "front" or "back"
 * @param handsOnMinutes set-up and spraying
 * @param flashMinutes until the solvent has left
 * @param recoatFromMinutes the next coat not before
 * @param recoatUntilMinutes the next coat not after without scuffing, 0 for any time
 * @param handleMinutes until it can be touched
 * @param cureMinutes until it can be mounted
 * @param ml wet paint it takes, all pieces
 * @param areaM2 what it covers, all pieces
 * @param shownHex the colour seen afterwards where it lies, null where nothing is to be seen
 * @param deltaE00 from what is wanted there, null where nothing is
 * @param scuffed whether it is scuffed first by decision
 * @param notBefore not before this moment by decision, null for any
 */
@RecordBuilder
public record CoatStep(
    String key,
    String stepId,
    LayerOp op,
    @Nullable PaintProduct paint,
    String layer,
    int number,
    String side,
    int handsOnMinutes,
    int flashMinutes,
    int recoatFromMinutes,
    int recoatUntilMinutes,
    int handleMinutes,
    int cureMinutes,
    double ml,
    double areaM2,
    @Nullable String shownHex,
    @Nullable Double deltaE00,
    boolean scuffed,
    @Nullable LocalDateTime notBefore)
    implements CoatStepBuilder.With {

  /** A step that is no coat. */
  static CoatStep work(String key, LayerStep step, String layer, int minutes, double areaM2) {
    return CoatStepBuilder.builder()
        .key(key)
        .stepId(step.id())
        .op(step.op())
        .layer(layer)
        .number(1)
        .side(step.side().words())
        .handsOnMinutes(minutes)
        .areaM2(areaM2)
        .notBefore(step.time(1).notBefore())
        .build();
  }

  /** The same with what is seen afterwards. */
  CoatStep showing(@Nullable String hex, @Nullable Double off) {
    return with().shownHex(hex).deltaE00(off).build();
  }

  /** The same coat for more pieces at once. */
  public CoatStep taking(int minutes) {
    return withHandsOnMinutes(minutes);
  }

  public boolean coat() {
    return op.coats();
  }

  public boolean on(Side wanted) {
    return side.equals(wanted.words());
  }
}
