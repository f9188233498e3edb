package emberyard.core.make.panel;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Window;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import emberyard.core.workshop.Material;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Judges a panel before it is cut; each finding carries its place on the drawing. */
public final class PanelChecks {
  private static final String CAPABILITY = "make";
  private static final double LEAST_WEB_MM = 2;

  private PanelChecks() {}

  /**
   * @param thingId id of the panel, empty for a stateless check
   */
  public static List<Finding> of(String thingId, PanelShape shape, CutMethod method) {
    List<Finding> findings = new ArrayList<>();
    add(findings, holeToEdge(thingId, shape));
    add(findings, holeToWindow(thingId, shape));
    add(findings, windowBorder(thingId, shape));
    add(findings, laser(thingId, shape, method));
    return findings.stream().map(f -> thingId.isEmpty() ? f : f.about(thingId)).toList();
  }

  /** Only whether a laser may and can cut it. */
  static List<Finding> laserOnly(String thingId, PanelShape shape, CutMethod method) {
    Finding laser = laser(thingId, shape, method);
    return laser == null ? List.of() : List.of(thingId.isEmpty() ? laser : laser.about(thingId));
  }

  /**
   * What must stay between a hole's rim and the part's edge: max(thickness, factor × diameter),
   * with factor 1.5 in acrylic, 1 in metal, 2 in ply.
   *
   * <p>Example: a 4 mm hole in 3 mm acrylic needs 6.0 mm.
   */
  public static double neededEdgeMm(Material material, double thicknessMm, double diameterMm) {
    return Math.max(thicknessMm, material.holeEdgeFactor() * diameterMm);
  }

  private static @Nullable Finding holeToEdge(String id, PanelShape shape) {
    BorderHoles holes = shape.holes();
    if (holes == null) {
      return null;
    }
    double rim = holes.insetMm() - holes.diameterMm() / 2;
    double needed = neededEdgeMm(shape.material(), shape.thicknessMm(), holes.diameterMm());
    if (rim >= needed - 1e-9) {
      return null;
    }
    double inset = Math.ceil((needed + holes.diameterMm() / 2) * 2) / 2;
    return Finding.of(
            Severity.STOP,
            CAPABILITY,
            "part:" + id + "/hole-edge",
            "Holes leave %s to the edge; %s needed".formatted(Figures.mm(rim), Figures.mm(needed)),
            "Inset %s less half of the %s hole. %s needs max(thickness %s, %s × diameter)."
                .formatted(
                    Figures.mm(holes.insetMm()),
                    Figures.mm(holes.diameterMm()),
                    capital(shape.material().words()),
                    Figures.mm(shape.thicknessMm()),
                    Figures.plain(shape.material().holeEdgeFactor())),
            "The rim breaks out when drilled or when a screw is tightened.")
        .at(holes.insetMm(), shape.heightMm() - holes.insetMm(), holes.insetMm() + needed)
        .with(
            new Remedy(
                "Move the holes in to " + Figures.mm(inset),
                new Remedy.Change("panels", id, "holes.insetMm", inset)),
            Remedy.byHand("Use a smaller hole"));
  }

  private static @Nullable Finding holeToWindow(String id, PanelShape shape) {
    BorderHoles holes = shape.holes();
    Window window = shape.window();
    if (holes == null || window == null) {
      return null;
    }
    double border = leastBorder(shape, window);
    double web = border - holes.insetMm() - holes.diameterMm() / 2;
    double needed = Math.max(LEAST_WEB_MM, shape.thicknessMm());
    if (web >= needed - 1e-9) {
      return null;
    }
    return Finding.of(
            Severity.STOP,
            CAPABILITY,
            "part:" + id + "/hole-window",
            "Only %s between holes and window; %s needed"
                .formatted(Figures.mm(web), Figures.mm(needed)),
            "Border %s less inset %s less half of the %s hole. A web must be as wide as the sheet is"
                    .formatted(
                        Figures.mm(border),
                        Figures.mm(holes.insetMm()),
                        Figures.mm(holes.diameterMm()))
                + " thick, and 2 mm at least.",
            "A thin web cracks from hole to window.")
        .at(holes.insetMm(), shape.heightMm() / 2, border)
        .with(Remedy.byHand("Make the window smaller"), Remedy.byHand("Use a smaller hole"));
  }

  private static @Nullable Finding windowBorder(String id, PanelShape shape) {
    Window window = shape.window();
    if (window == null) {
      return null;
    }
    double border = leastBorder(shape, window);
    double needed = Math.max(LEAST_WEB_MM, shape.thicknessMm());
    if (border >= needed) {
      return null;
    }
    return Finding.of(
            Severity.STOP,
            CAPABILITY,
            "part:" + id + "/window-border",
            "Window border is %s; %s needed".formatted(Figures.mm(border), Figures.mm(needed)),
            "The narrowest side of the frame against the sheet's thickness of %s."
                .formatted(Figures.mm(shape.thicknessMm())),
            "A frame thinner than the sheet breaks when lifted off the bed.")
        .at(border / 2, shape.heightMm() / 2, border + needed)
        .with(Remedy.byHand("Move or narrow the window"));
  }

  private static @Nullable Finding laser(String id, PanelShape shape, CutMethod method) {
    if (method != CutMethod.LASER) {
      return null;
    }
    String danger = shape.material().laserDanger(shape.thicknessMm());
    String limit = shape.material().laserLimit();
    if (danger == null && limit == null) {
      return null;
    }
    String words = shape.material().words();
    Finding finding =
        Finding.of(
                Severity.STOP,
                CAPABILITY,
                "part:" + id + "/laser",
                danger != null
                    ? capital(words) + " must not lie under a laser"
                    : "The laser can't cut " + words,
                capital(danger != null ? danger : String.valueOf(limit)) + ".",
                danger != null
                    ? "It has harmed people and burnt workshops; this can't be planned here."
                    : "The job would mark the sheet and stop.")
            .with(Remedy.byHand("Saw it"), Remedy.byHand("Have it cut outside"));
    return danger != null ? finding.asRefusal() : finding;
  }

  private static double leastBorder(PanelShape shape, Window window) {
    double right = shape.widthMm() - window.xMm() - window.widthMm();
    double top = shape.heightMm() - window.yMm() - window.heightMm();
    return Math.min(Math.min(window.xMm(), right), Math.min(window.yMm(), top));
  }

  private static void add(List<Finding> findings, @Nullable Finding finding) {
    if (finding != null) {
      findings.add(finding);
    }
  }

  private static String capital(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
