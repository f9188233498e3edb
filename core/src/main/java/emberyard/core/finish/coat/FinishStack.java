package emberyard.core.finish.coat;

import emberyard.core.build.ArtShape;
import emberyard.core.build.Scheme;
import emberyard.core.colour.Colour;
import emberyard.core.finish.layer.LayerStack;
import emberyard.core.finish.layer.LightOn;
import emberyard.core.finish.layer.Region;
import emberyard.core.finish.layer.RegionMap;
import emberyard.core.finish.optic.Calibration;
import emberyard.core.finish.optic.Coating;
import emberyard.core.units.Remembered;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.TestCard;
import emberyard.core.workshop.WorkshopBook;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A finish as a stack of layers. */
public final class FinishStack {
  private static final Remembered<Listed, Coating> COATINGS = new Remembered<>(2_000);

  private record Listed(PaintProduct paint, @Nullable TestCard card) {}

  private FinishStack() {}

  static LayerStack of(PaintTarget painted, WorkshopBook book) {
    Scheme scheme = painted.scheme();
    Map<String, LayerStack.Wanted> shapes = new LinkedHashMap<>();
    for (ArtShape shape : scheme.shapes()) {
      if (painted.shapes().containsKey(shape.id())) {
        shapes.put(shape.id(), new LayerStack.Wanted(shape.name(), shape.wantedHex()));
      }
    }
    return new LayerStack(
        painted.optic(),
        scheme.layers().stream().filter(step -> known(step.productId(), book)).toList(),
        shapes,
        scheme.targetHex(),
        scheme.seenFrom(),
        products(scheme, book),
        LayerStack.INSIDE,
        LightOn.USUAL);
  }

  private static boolean known(@Nullable String productId, WorkshopBook book) {
    return productId == null
        || book.paint(productId).isPresent()
        || book.film(productId).isPresent();
  }

  /** Only what the finish uses: a search takes all. */
  private static Map<String, Coating> products(Scheme scheme, WorkshopBook book) {
    Map<String, Coating> used = new HashMap<>();
    for (var step : scheme.layers()) {
      String id = step.productId();
      if (id != null) {
        book.paint(id).ifPresent(paint -> used.put(id, coating(paint, book)));
        book.film(id).ifPresent(film -> used.put(id, coating(film)));
      }
    }
    return used;
  }

  public static Coating coating(PaintProduct paint, WorkshopBook book) {
    return COATINGS.get(
        new Listed(paint, book.card(paint.id()).orElse(null)),
        listed -> {
          return Coating.of(listed.paint(), Calibration.hiding(listed.paint(), listed.card()));
        });
  }

  private static Coating coating(FilmProduct film) {
    return Coating.of(film);
  }

  /** Regions of the drawing; of a piece without one a field and each shape by name. */
  static List<Region> regions(PaintTarget painted) {
    if (painted.outline().empty()) {
      return List.of(Region.named(Set.of()));
    }
    return RegionMap.of(painted.outline(), painted.shapes());
  }

  /** What a coat on a side meets at first: the sheet with the dark inside behind a clear one. */
  public static Colour ground(PaintTarget painted) {
    return painted.optic().slab().on(LayerStack.INSIDE);
  }
}
