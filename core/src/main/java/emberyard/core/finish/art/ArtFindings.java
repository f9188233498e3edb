package emberyard.core.finish.art;

import emberyard.core.build.ArtShape;
import emberyard.core.build.CutFigure;
import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.layer.ArtChecks;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.SvgPath;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Art that is too fine for a blade, and stencils with loose islands. */
final class ArtFindings {
  private ArtFindings() {}

  static void add(SchemePlan plan, List<Finding> findings) {
    Set<String> cut = new LinkedHashSet<>();
    Set<String> outsides = new LinkedHashSet<>();
    for (LayerStep step : plan.stack().steps()) {
      if (step.op() == LayerOp.STENCIL || step.op() == LayerOp.FILM) {
        cut.addAll(step.shapes());
        cut.addAll(step.less());
        if (step.outside()) {
          outsides.addAll(step.shapes());
        }
      }
    }
    for (String id : cut) {
      Outline outline = plan.painted().shapes().get(id);
      if (outline != null) {
        thin(plan, id, outline, findings);
      }
    }
    for (String id : outsides) {
      Outline outline = plan.painted().shapes().get(id);
      if (outline != null && !outline.holes().isEmpty()) {
        findings.add(islands(plan, id, outline));
      }
    }
  }

  private static void thin(SchemePlan plan, String id, Outline outline, List<Finding> findings) {
    ArtChecks.thinnest(outline)
        .ifPresent(
            thin ->
                findings.add(
                    Finding.of(
                            Severity.RISK,
                            "finish",
                            "scheme:" + plan.scheme().id() + "/thin/" + id,
                            "“%s” is only %.2f mm wide in places; 0.8 mm needed"
                                .formatted(name(plan, id), thin.widthMm()),
                            "Near %s from the left, %s from below."
                                .formatted(Figures.mm(thin.xMm()), Figures.mm(thin.yMm())),
                            "Finer film tears when it is weeded and lifts when it is peeled.")
                        .about(plan.scheme().id())
                        .at(thin.xMm(), thin.yMm(), 6)
                        .with(Remedy.byHand("Draw it wider, or engrave it"))));
  }

  private static Finding islands(SchemePlan plan, String id, Outline outline) {
    ArtChecks.Bridged bridged = ArtChecks.bridged(outline);
    int islands = outline.holes().size();
    Finding finding =
        Finding.of(
                Severity.RISK,
                "finish",
                "scheme:" + plan.scheme().id() + "/islands/" + id,
                islands == 1
                    ? "“%s” leaves an island in the stencil".formatted(name(plan, id))
                    : "“%s” leaves %d islands in the stencil".formatted(name(plan, id), islands),
                "Smallest %.0f mm²; bridges of 1.2 mm proposed: %d."
                    .formatted(
                        outline.holes().stream().mapToDouble(h -> h.areaMm2()).min().orElse(0),
                        bridged.bridges().size()),
                "Loose pieces have to be laid by hand with transfer tape, or they shift.")
            .about(plan.scheme().id());
    int index = index(plan, id);
    ArtShape shape = plan.scheme().shapes().get(index);
    List<ArtShape> shapes = new ArrayList<>(plan.scheme().shapes());
    shapes.set(
        index,
        new ArtShape(
            shape.id(),
            shape.name(),
            null,
            CutFigure.path(SvgPath.of(bridged.outline().contours())),
            0.0,
            0.0,
            0.0,
            null,
            shape.wantedHex()));
    ArtChecks.Bridge first = bridged.bridges().get(0);
    return finding
        .at(first.fromXMm(), first.fromYMm(), 6)
        .with(
            new Remedy(
                "Cut %d bridges of 1.2 mm".formatted(bridged.bridges().size()),
                Remedy.Change.items("schemes", plan.scheme().id(), "shapes", shapes)),
            Remedy.byHand("Lay the islands with transfer tape"));
  }

  private static int index(SchemePlan plan, String id) {
    List<ArtShape> shapes = plan.scheme().shapes();
    for (int i = 0; i < shapes.size(); i++) {
      if (shapes.get(i).id().equals(id)) {
        return i;
      }
    }
    throw new IllegalStateException(id);
  }

  private static String name(SchemePlan plan, String id) {
    return plan.scheme().shape(id).map(ArtShape::name).orElse(id);
  }
}
