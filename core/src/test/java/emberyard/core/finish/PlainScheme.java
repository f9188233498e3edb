package emberyard.core.finish;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.build.SchemeBuilder;
import emberyard.core.build.Side;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Finishes of primer, colour and clear only. */
public final class PlainScheme {
  private PlainScheme() {}

  /** Coats of one paint on top of each other. */
  public record Coats(String paintId, int count) {}

  /** On a part, the hidden side first where both are painted. */
  public static Scheme of(
      String id,
      String name,
      String panelId,
      boolean bothSides,
      @Nullable Coats primer,
      @Nullable Coats colour,
      @Nullable Coats clear) {
    List<LayerStep> layers = new ArrayList<>();
    if (bothSides) {
      addSide(layers, Side.BACK, "back/", primer, colour, clear);
    }
    addSide(layers, Side.FRONT, "", primer, colour, clear);
    return SchemeBuilder.builder().id(id).name(name).panelId(panelId).layers(layers).build();
  }

  private static void addSide(
      List<LayerStep> layers,
      Side side,
      String prefix,
      @Nullable Coats primer,
      @Nullable Coats colour,
      @Nullable Coats clear) {
    add(layers, prefix + "primer", side, LayerOp.PAINT, primer);
    add(layers, prefix + "colour", side, LayerOp.PAINT, colour);
    add(layers, prefix + "clear", side, LayerOp.CLEAR, clear);
  }

  private static void add(
      List<LayerStep> layers, String id, Side side, LayerOp op, @Nullable Coats coats) {
    if (coats != null) {
      layers.add(LayerStep.coats(id, side, op, coats.paintId(), coats.count()));
    }
  }
}
