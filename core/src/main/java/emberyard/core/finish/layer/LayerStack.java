package emberyard.core.finish.layer;

import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.optic.Coating;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What a finish is made of and what is wanted of it: replayed, it says the colour of every region.
 *
 * @param steps in the order in which they are done
 * @param shapes ids of the shapes, later ones lying on those before; with the wanted colour or null
 * @param fieldHex the colour wanted where no shape wants another, null for none in particular
 * @param ground what stands behind the sheet
 */
public record LayerStack(
    SheetOptic sheet,
    List<LayerStep> steps,
    Map<String, Wanted> shapes,
    @Nullable String fieldHex,
    Side seenFrom,
    Map<String, Coating> products,
    Colour ground,
    LightOn light) {
  /** The dark inside of a build by day. */
  public static final Colour INSIDE = Colour.hex("#1E2224");

  public LayerStack {
    steps = List.copyOf(steps);
    shapes = new LinkedHashMap<>(shapes);
    products = Map.copyOf(products);
  }

  /** What a shape is called and which colour it should have. */
  public record Wanted(String name, @Nullable String hex) {}

  public LayerStack with(List<LayerStep> others) {
    return new LayerStack(sheet, others, shapes, fieldHex, seenFrom, products, ground, light);
  }

  Coating coating(LayerStep step) {
    return step.productId() == null
        ? Piles.MASK
        : products.getOrDefault(step.productId(), Piles.MASK);
  }

  Piles piles(Set<String> region) {
    return Piles.after(steps, region, this::coating);
  }

  /** The colour of a region by day without light. */
  public Colour shown(Set<String> region, Side from) {
    return piles(region).slab(from, sheet).on(ground);
  }

  /** The colour wanted of a region: of the last shape over it that wants one, else the field's. */
  public @Nullable String wantedHex(Set<String> region) {
    String wanted = fieldHex;
    for (Map.Entry<String, Wanted> shape : shapes.entrySet()) {
      if (region.contains(shape.getKey()) && shape.getValue().hex() != null) {
        wanted = shape.getValue().hex();
      }
    }
    return wanted;
  }

  /** ΔE00 between what is wanted and what is seen; null where nothing is wanted. */
  public @Nullable Double off(Set<String> region) {
    String wanted = wantedHex(region);
    return wanted == null ? null : shown(region, seenFrom).deltaE00(Colour.hex(wanted));
  }

  /** The worst difference over all regions, 0 where nothing is wanted. */
  public double worst(List<Region> regions) {
    double worst = 0;
    for (Region region : regions) {
      Double off = off(region.shapes());
      worst = off == null ? worst : Math.max(worst, off);
    }
    return worst;
  }

  /** What a region is called: its uppermost shape's name, or the field. */
  public String name(Set<String> region) {
    String name = "field";
    for (Map.Entry<String, Wanted> shape : shapes.entrySet()) {
      name = region.contains(shape.getKey()) ? shape.getValue().name() : name;
    }
    return name;
  }

  Function<LayerStep, Coating> coatings() {
    return this::coating;
  }
}
