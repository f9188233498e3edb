package emberyard.core.finish.art;

import emberyard.core.finish.coat.FinishStack;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.layer.LayerStack;
import emberyard.core.finish.layer.OrderSearch;
import emberyard.core.finish.optic.Coating;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.HashMap;
import java.util.Map;

/** An order of steps for a finish, found with all paints of the stock. */
public final class OrderOffer {
  private OrderOffer() {}

  /**
   * @param tolerance ΔE00 that a region may be off, 0.5 to 20
   */
  public static OrderSearch.FoundOrder of(SchemePlan plan, WorkshopBook book, double tolerance) {
    Map<String, Coating> all = new HashMap<>();
    for (PaintProduct paint : book.paints()) {
      if (!paint.kind().glazes()) {
        all.put(paint.id(), FinishStack.coating(paint, book));
      }
    }
    LayerStack s = plan.stack();
    LayerStack asked =
        new LayerStack(
            s.sheet(),
            s.steps(),
            s.shapes(),
            s.fieldHex(),
            s.seenFrom(),
            all,
            s.ground(),
            s.light());
    return OrderSearch.of(asked, plan.regions(), tolerance);
  }
}
