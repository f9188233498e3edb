package emberyard.server.finish;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finding.Finding;
import emberyard.core.finish.LayerAnswer;
import emberyard.core.finish.layer.LayerModel;
import emberyard.core.finish.layer.LayerStack;
import emberyard.core.finish.layer.LightOn;
import emberyard.core.finish.layer.OrderSearch;
import emberyard.core.finish.layer.Region;
import emberyard.core.finish.layer.RegionMap;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.finish.optic.Coating;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.make.drafting.OutlineText;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.workshop.WorkshopBook;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Questions about layers, turned into a stack and regions. */
final class LayerQuestion {
  private LayerQuestion() {}

  /** The sheet; its size is needed only where shapes are drawn. */
  record SheetAsked(
      @Schema(description = "#RRGGBB") String colour,
      @Schema(description = "Share of light that passes", minimum = "0", maximum = "1")
          double transmittance,
      @Nullable @Schema(minimum = "0.05", maximum = "100", defaultValue = "3") Double thicknessMm,
      @Nullable Double widthMm,
      @Nullable Double heightMm) {
    SheetOptic optic() {
      return Require.inside(
          "sheet",
          () ->
              new SheetOptic(
                  Colour.hex("colour", colour),
                  transmittance,
                  thicknessMm == null ? 3 : thicknessMm));
    }
  }

  /** A shape by name; with path data (mm, y upwards) its region is drawn and measured. */
  record ShapeAsked(
      String name,
      @Nullable String path,
      @Nullable @Schema(description = "#RRGGBB") String wanted) {
    LayerStack.Wanted want() {
      Require.text("name", name);
      if (wanted != null) {
        Colour.hex("wanted", wanted);
      }
      return new LayerStack.Wanted(name, wanted);
    }
  }

  /** A product by its id in the stock, or by colour and hiding. */
  record LayerProduct(
      @Nullable String id, @Nullable String colour, @Nullable Double contrastRatio) {
    /** A bare word is an id. */
    static LayerProduct of(JsonNode node) {
      if (node.isString()) {
        return new LayerProduct(node.asString(), null, null);
      }
      return new LayerProduct(
          node.path("id").asString(null),
          node.path("colour").asString(null),
          node.has("contrastRatio") ? node.path("contrastRatio").asDouble(0.8) : null);
    }
  }

  /** One step. */
  record LayerAsked(
      @Schema(description = "front or back") String side,
      @Schema(description = "paint, stencil, peel, film, engrave or clear") String op,
      @Nullable
          @Schema(
              description = "Id in the stock, or {colour, contrastRatio}",
              type = "object",
              implementation = LayerProduct.class)
          JsonNode product,
      @Nullable @Schema(minimum = "1", maximum = "20", defaultValue = "1") Integer coats,
      @Nullable @Schema(description = "Name of a shape; all over where it is left out")
          String shape,
      @Nullable @Schema(description = "All but the shape") Boolean outside) {}

  /** Light in or behind the sheet. */
  record LightAsked(
      @Nullable String colour,
      @Nullable @Schema(description = "Beside day on white", minimum = "0", maximum = "5")
          Double strength) {}

  /** Steps to be replayed. */
  record LayersAsked(
      SheetAsked sheet,
      @Nullable List<ShapeAsked> shapes,
      List<LayerAsked> steps,
      @Nullable LightAsked light,
      @Nullable @Schema(description = "front or back", defaultValue = "front") String seenFrom,
      @Nullable @Schema(description = "Colour wanted of the field, #RRGGBB") String field) {}

  /** What both sides show. */
  record LayersAnswer(
      List<LayerModel.RegionModel> regions,
      @Nullable Double worstDeltaE00,
      List<Finding> findings) {}

  /** Colours to find an order for. */
  record OrderAsked(
      SheetAsked sheet,
      List<ShapeAsked> shapes,
      @Nullable @Schema(description = "Colour wanted of the field, #RRGGBB") String field,
      @Nullable @Schema(description = "All paints of the stock where it is left out")
          List<LayerProduct> products,
      @Nullable @Schema(description = "front or back", defaultValue = "front") String seenFrom,
      @Nullable @Schema(minimum = "0.5", maximum = "20", defaultValue = "3") Double tolerance) {}

  static LayersAnswer answer(LayersAsked asked, WorkshopBook book) {
    Require.given("sheet", asked.sheet());
    Map<String, Coating> products = new HashMap<>();
    Require.between("steps", Require.list(asked.steps()).size(), 0, 60, "steps");
    List<LayerStep> steps =
        Require.each(
            "steps",
            asked.steps(),
            (step, index) -> step("step-" + (index + 1), step, products, book));
    List<ShapeAsked> shapes = Require.list(asked.shapes());
    known(steps, shapes);
    LayerStack stack =
        stack(
            asked.sheet(), shapes, asked.field(), asked.seenFrom(), steps, products, light(asked));
    Map<String, Outline> outlines = outlines(asked.sheet(), shapes);
    List<Region> regions = regions(asked.sheet(), shapes, outlines);
    LayerModel model = LayerModel.of(stack, regions);
    return new LayersAnswer(
        model.regions(),
        model.worstDeltaE00(),
        LayerAnswer.findings(stack, regions, model, outlines));
  }

  static OrderSearch.FoundOrder order(OrderAsked asked, WorkshopBook book) {
    Require.given("sheet", asked.sheet());
    Map<String, Coating> products = new HashMap<>();
    Require.each("products", asked.products(), (product, index) -> coating(product, book))
        .forEach(coating -> products.put(coating.id(), coating));
    if (products.isEmpty()) {
      book.paints().stream()
          .filter(paint -> !paint.kind().glazes())
          .forEach(paint -> products.put(paint.id(), LayerAnswer.coating(paint, book)));
    }
    List<ShapeAsked> shapes = Require.list(asked.shapes());
    LayerStack stack =
        stack(
            asked.sheet(),
            shapes,
            asked.field(),
            asked.seenFrom(),
            List.of(),
            products,
            LightOn.USUAL);
    double tolerance = asked.tolerance() == null ? 3 : asked.tolerance();
    Map<String, Outline> outlines = outlines(asked.sheet(), shapes);
    return OrderSearch.of(stack, regions(asked.sheet(), shapes, outlines), tolerance);
  }

  private static LightOn light(LayersAsked asked) {
    LightAsked light = asked.light();
    return light == null
        ? LightOn.USUAL
        : Require.inside(
            "light",
            () ->
                new LightOn(
                    light.colour() == null ? Colour.WHITE : Colour.hex("colour", light.colour()),
                    light.strength() == null ? 1 : light.strength()));
  }

  private static LayerStack stack(
      SheetAsked sheet,
      List<ShapeAsked> shapes,
      @Nullable String field,
      @Nullable String seenFrom,
      List<LayerStep> steps,
      Map<String, Coating> products,
      LightOn light) {
    Map<String, LayerStack.Wanted> wanted = new LinkedHashMap<>();
    Require.each("shapes", shapes, (shape, index) -> shape.want())
        .forEach(want -> wanted.put(want.name(), want));
    if (field != null) {
      Colour.hex("field", field);
    }
    return new LayerStack(
        sheet.optic(),
        steps,
        wanted,
        field,
        seenFrom == null ? Side.FRONT : one(Side.class, "seenFrom", seenFrom),
        products,
        LayerStack.INSIDE,
        light);
  }

  private static void known(List<LayerStep> steps, List<ShapeAsked> shapes) {
    Set<String> names =
        shapes.stream().map(ShapeAsked::name).collect(java.util.stream.Collectors.toSet());
    for (int i = 0; i < steps.size(); i++) {
      for (String shape : steps.get(i).shapes()) {
        Require.that(
            names.contains(shape),
            "steps." + i + ".shape",
            "There is no shape “%s”.".formatted(shape));
      }
    }
  }

  /** Outlines where the sheet has a size and all shapes a path; else none. */
  private static Map<String, Outline> outlines(SheetAsked sheet, List<ShapeAsked> shapes) {
    Require.between("shapes", shapes.size(), 0, 300, "shapes");
    boolean drawn =
        sheet.widthMm() != null
            && sheet.heightMm() != null
            && shapes.stream().allMatch(shape -> shape.path() != null);
    Map<String, Outline> outlines = new LinkedHashMap<>();
    if (drawn) {
      Require.each("shapes", shapes, (shape, index) -> OutlineText.read(shape.path()))
          .forEach(outline -> outlines.put(shapes.get(outlines.size()).name(), outline));
    }
    return outlines;
  }

  /** Drawn where there are outlines; else the field and every shape for itself. */
  private static List<Region> regions(
      SheetAsked sheet, List<ShapeAsked> shapes, Map<String, Outline> outlines) {
    if (outlines.size() == shapes.size() && !shapes.isEmpty()) {
      Require.between("sheet.widthMm", sheet.widthMm(), 1, 5_000, "mm");
      Require.between("sheet.heightMm", sheet.heightMm(), 1, 5_000, "mm");
      return RegionMap.of(
          Outline.of(Contour.rectangle(0, 0, sheet.widthMm(), sheet.heightMm(), 0)), outlines);
    }
    List<Region> regions = new ArrayList<>(List.of(Region.named(Set.of())));
    shapes.forEach(shape -> regions.add(Region.named(Set.of(shape.name()))));
    return regions;
  }

  private static LayerStep step(
      String id, LayerAsked asked, Map<String, Coating> products, WorkshopBook book) {
    Side side = one(Side.class, "side", asked.side());
    LayerOp op = one(LayerOp.class, "op", asked.op());
    String product = null;
    if (asked.product() != null) {
      Coating coating =
          Require.inside("product", () -> coating(LayerProduct.of(asked.product()), book));
      products.put(coating.id(), coating);
      product = coating.id();
    }
    return new LayerStep(
        id,
        side,
        op,
        product,
        asked.coats(),
        asked.shape() == null ? List.of() : List.of(asked.shape()),
        asked.outside(),
        List.of(),
        List.of(),
        List.of());
  }

  private static Coating coating(LayerProduct product, WorkshopBook book) {
    if (product.id() != null) {
      return book.paint(product.id())
          .map(paint -> LayerAnswer.coating(paint, book))
          .or(() -> book.film(product.id()).map(Coating::of))
          .orElseThrow(
              () ->
                  new InvalidValue("id", "There is no “%s” in the stock.".formatted(product.id())));
    }
    Colour colour = Colour.hex("colour", product.colour());
    double ratio = product.contrastRatio() == null ? 0.8 : product.contrastRatio();
    return Coating.paint(colour.hex() + " " + ratio, colour, ratio);
  }

  private static <E extends Enum<E>> E one(Class<E> type, String field, @Nullable String word) {
    try {
      return Enum.valueOf(type, Require.text(field, word).toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException unknown) {
      throw new InvalidValue(
          field,
          "“%s” is not known here: %s."
              .formatted(
                  word,
                  String.join(
                      ", ", List.of(type.getEnumConstants()).toString().toLowerCase(Locale.ROOT))));
    }
  }
}
