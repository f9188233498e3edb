package emberyard.core.finish;

import emberyard.core.build.ArtShape;
import emberyard.core.build.CutFigure;
import emberyard.core.build.Scheme;
import emberyard.core.build.SchemeBuilder;
import emberyard.core.finding.Finding;
import emberyard.core.finish.art.LayerFindings;
import emberyard.core.finish.coat.FinishStack;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.layer.LayerModel;
import emberyard.core.finish.layer.LayerStack;
import emberyard.core.finish.layer.Region;
import emberyard.core.finish.optic.Coating;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.SvgPath;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The judgements of a finish for a stack that belongs to no build. */
public final class LayerAnswer {
  private LayerAnswer() {}

  /**
   * What the replay of a stack says about itself.
   *
   * @param outlines of the shapes by name, empty where they were only named
   */
  public static List<Finding> findings(
      LayerStack stack, List<Region> regions, LayerModel model, Map<String, Outline> outlines) {
    List<ArtShape> shapes = new ArrayList<>();
    stack
        .shapes()
        .forEach(
            (id, wanted) ->
                shapes.add(
                    ArtShape.of(id, wanted.name(), figure(outlines.get(id)), 0, 0, wanted.hex())));
    Scheme scheme =
        SchemeBuilder.builder()
            .id("layers")
            .name("layers")
            .panelId("part")
            .targetHex(stack.fieldHex())
            .seenFrom(stack.seenFrom())
            .layers(stack.steps())
            .shapes(shapes)
            .build();
    PaintTarget painted =
        new PaintTarget(
            scheme,
            "sheet",
            0,
            0,
            stack.sheet().thicknessMm(),
            1,
            Substrate.ACRYLIC,
            stack.sheet(),
            Outline.NONE,
            outlines,
            Map.of(),
            "");
    return LayerFindings.of(
        new SchemePlan(painted, List.of(), model, stack, regions, null, List.of(), List.of()));
  }

  private static CutFigure figure(Outline outline) {
    return outline == null
        ? CutFigure.rectangle(1, 1)
        : CutFigure.path(SvgPath.of(outline.contours()));
  }

  /** A paint as its latest card shows it. */
  public static Coating coating(PaintProduct paint, WorkshopBook book) {
    return FinishStack.coating(paint, book);
  }
}
