package emberyard.core.make.check;

import emberyard.core.build.CutFigure;
import emberyard.core.build.CutMethod;
import emberyard.core.build.FigureKind;
import emberyard.core.build.RecipeStep;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Lettering;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.units.Figures;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Geometry;

/** Strokes of engraving and lettering, and pockets for magnets. */
final class MarkChecks {
  private static final double ENGRAVED_MM = 0.2;
  private static final double CUT_MM = 0.8;
  private static final double FLOOR_MM = 1;
  private static final double MEASURED_AT_MM = 100;

  /** Narrowest stroke of a font in cap heights, found once. */
  private static final Map<Lettering.Face, Double> STROKES = new EnumMap<>(Lettering.Face.class);

  private MarkChecks() {}

  static void add(CheckedPart part, List<Finding> findings) {
    for (RecipeStep step : part.panel().drawing().steps()) {
      CutFigure figure = step.figure();
      if (figure != null && figure.kind() == FigureKind.TEXT) {
        text(part, step, figure, findings);
      }
    }
    if (hasPathEngraving(part)) {
      engraving(part, findings);
    }
    pockets(part, findings);
  }

  private static boolean hasPathEngraving(CheckedPart part) {
    return part.panel().drawing().steps().stream()
        .anyMatch(s -> s.op() == RecipeStep.Op.ENGRAVE && s.figure().kind() != FigureKind.TEXT);
  }

  private static void text(
      CheckedPart part, RecipeStep step, CutFigure text, List<Finding> findings) {
    boolean through = step.op() == RecipeStep.Op.CUT || step.op() == RecipeStep.Op.JOIN;
    boolean foil = part.panel().cutMethod() == CutMethod.BLADE || part.panel().drawing().stencil();
    double needed = through || foil ? CUT_MM : ENGRAVED_MM;
    double stroke = strokeMm(text.face(), text.heightMm());
    if (stroke >= needed - 1e-6) {
      return;
    }
    double height = Math.ceil(text.heightMm() * needed / stroke * 2) / 2;
    findings.add(
        part.finding(
                Severity.RISK,
                "stroke/" + step.id(),
                "Strokes of “%s” are %s thin; %s needed"
                    .formatted(text.text(), Figures.plain(stroke) + " mm", Figures.mm(needed)),
                "Capitals are %s high.".formatted(Figures.mm(text.heightMm())),
                through || foil
                    ? "Thinner strokes tear when film is weeded or paint is pulled."
                    : "A thinner line is not seen at arm's length.")
            .at(step.xMm(), step.yMm(), Math.max(8, text.heightMm()))
            .with(
                Remedy.byHand(
                    "Make it %s high, or take a bold font".formatted(Figures.mm(height)))));
  }

  /** Narrowest stroke of a line of text, mm; proportional to its height. */
  static double strokeMm(Lettering.Face face, double capHeightMm) {
    double share;
    synchronized (STROKES) {
      share = STROKES.computeIfAbsent(face, MarkChecks::measured);
    }
    return share * capHeightMm;
  }

  private static double measured(Lettering.Face face) {
    Geometry letters = Plane.geometry(Lettering.of("HEAo", face, MEASURED_AT_MM));
    double fits = 1;
    double tooWide = 40;
    for (int i = 0; i < 8; i++) {
      double width = (fits + tooWide) / 2;
      Geometry opened = letters.buffer(-width / 2).buffer(width / 2);
      if (opened.getArea() > 0.9 * letters.getArea()) {
        fits = width;
      } else {
        tooWide = width;
      }
    }
    return fits / MEASURED_AT_MM;
  }

  private static void engraving(CheckedPart part, List<Finding> findings) {
    Geometry area = Plane.geometry(part.drawn().engraved());
    double r = ENGRAVED_MM / 2;
    Geometry lost = area.difference(area.buffer(-r).buffer(r * 1.05));
    if (lost.getArea() > 0.1 * area.getArea() && lost.getArea() > 0.05) {
      findings.add(
          part.finding(
                  Severity.RISK,
                  "engraving",
                  "Engraved lines are thinner than 0.2 mm",
                  "%s %% of the engraved area."
                      .formatted(Figures.plain(100 * lost.getArea() / area.getArea())),
                  "A thinner line is not seen at arm's length.")
              .at(lost.getCentroid().getX(), lost.getCentroid().getY(), 10)
              .with(Remedy.byHand("Thicken the lines to 0.2 mm")));
    }
  }

  private static void pockets(CheckedPart part, List<Finding> findings) {
    double most = part.thicknessMm() - FLOOR_MM;
    for (DrawnPart.Pocket pocket : part.drawn().pockets()) {
      Outline area = pocket.area();
      Rect box = area.bounds();
      if (pocket.depthMm() > most + 1e-6) {
        findings.add(
            part.finding(
                    Severity.STOP,
                    "pocket",
                    "A pocket is %s deep; %s at most"
                        .formatted(Figures.mm(pocket.depthMm()), Figures.mm(Math.max(0, most))),
                    "Sheet %s less a floor of 1.0 mm.".formatted(Figures.mm(part.thicknessMm())),
                    "The magnet pulls through a thinner floor.")
                .at(box.centreX(), box.centreY(), Math.max(6, box.widthMm()))
                .with(Remedy.byHand("Take a thinner magnet or a thicker sheet")));
        return;
      }
    }
  }
}
