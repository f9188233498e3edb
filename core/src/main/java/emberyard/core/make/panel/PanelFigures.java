package emberyard.core.make.panel;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.Window;
import emberyard.core.geometry.HoleRow;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;

/**
 * The numbers of one panel.
 *
 * @param areaMm2 without window and holes
 * @param massKg area × real thickness × density
 * @param holePitchMm along top and bottom, 0 without holes
 * @param sidePitchMm along left and right, 0 without holes
 * @param holesAlongWidth holes along the top edge, both corners counted
 * @param holesAlongHeight holes along the left edge, both corners counted
 * @param holeCount all holes, corners once
 * @param holes centres from the lower left corner
 * @param vents centres of the holes of a hole field
 * @param contourMm all that is cut: outline, window, holes
 * @param cutSeconds time of the cutter
 * @param openings contours cut inside the outline
 * @param engravedMm2 area burnt line by line
 * @param linesMm lines that are only burnt in
 */
public record PanelFigures(
    double areaMm2,
    double massKg,
    double holePitchMm,
    double sidePitchMm,
    int holesAlongWidth,
    int holesAlongHeight,
    int holeCount,
    List<Centre> holes,
    List<Centre> vents,
    double contourMm,
    double cutSeconds,
    Why massWhy,
    Why cutWhy,
    int openings,
    double engravedMm2,
    double linesMm) {

  /** Centre of a hole, mm from the lower left corner. */
  public record Centre(double xMm, double yMm) {}

  /**
   * Computes all figures.
   *
   * <p>Mass = (w·h − window − n·π d²/4) · t · density. Cut time = contour / speed + pierces ×
   * pierce time + engraved area / (line distance × engrave speed); travel is left out.
   *
   * <p>Example: 412 × 330 with a 300 × 200 window at 12 mm/s, 5 pierces at 0.4 s and an engraving
   * of 120 × 80 at 0.1 mm lines and 400 mm/s: 207 s + 2 s + 240 s = 449 s.
   */
  public static PanelFigures of(PanelShape shape, PanelCut cut) {
    List<Centre> centres = centres(shape);
    BorderHoles holes = shape.holes();
    Window window = shape.window();
    VentHoles vents =
        shape.vent() == null ? new VentHoles(List.of(), 0, 0) : VentHoles.of(shape.vent());
    double diameter = holes == null ? 0 : holes.diameterMm();
    double area =
        shape.widthMm() * shape.heightMm()
            - (window == null ? 0 : window.widthMm() * window.heightMm())
            - centres.size() * Math.PI * diameter * diameter / 4
            - vents.openMm2();
    double mass = area * shape.thicknessMm() * shape.material().densityKgPerM3() / 1e9;
    double contour =
        2 * (shape.widthMm() + shape.heightMm())
            + (window == null ? 0 : 2 * (window.widthMm() + window.heightMm()))
            + centres.size() * Math.PI * diameter
            + vents.contourMm();
    int pierces =
        cut.pierces() != null
            ? cut.pierces()
            : 1 + (window == null ? 0 : 1) + centres.size() + vents.centres().size();
    double seconds =
        contour / cut.speedMmPerSecond()
            + pierces * cut.pierceSeconds()
            + cut.engraveAreaMm2() / (cut.engraveLineMm() * cut.engraveMmPerSecond());
    HoleRow along = holes == null ? null : row(shape.widthMm(), holes);
    HoleRow up = holes == null ? null : row(shape.heightMm(), holes);
    return new PanelFigures(
        area,
        mass,
        along == null ? 0 : along.pitchMm(),
        up == null ? 0 : up.pitchMm(),
        along == null ? 0 : along.count(),
        up == null ? 0 : up.count(),
        centres.size(),
        centres,
        vents.centres(),
        contour,
        seconds,
        massWhy(shape, area),
        cutWhy(cut, contour, pierces),
        pierces - 1,
        cut.engraveAreaMm2(),
        0);
  }

  /** The same panel by its true outline. */
  public PanelFigures drawn(PanelShape shape, DrawnPart drawn, CutTime time) {
    double area = drawn.outline().areaMm2();
    return new PanelFigures(
        area,
        area * shape.thicknessMm() * shape.material().densityKgPerM3() / 1e9,
        holePitchMm,
        sidePitchMm,
        holesAlongWidth,
        holesAlongHeight,
        holeCount,
        holes,
        vents,
        drawn.outline().contourMm(),
        time.totalSeconds(),
        massWhy(shape, area),
        time.why(),
        drawn.outline().holes().size(),
        drawn.engraved().areaMm2(),
        drawn.lineMm());
  }

  /** Border holes: rows along bottom and top, then what lies between them on left and right. */
  private static List<Centre> centres(PanelShape shape) {
    return shape.holes() == null
        ? List.of()
        : borderCentres(shape.widthMm(), shape.heightMm(), shape.holes());
  }

  /** Centres of the holes along all four edges of a rectangle. */
  public static List<Centre> borderCentres(double widthMm, double heightMm, BorderHoles holes) {
    List<Double> across = row(widthMm, holes).centresMm();
    List<Double> up = row(heightMm, holes).centresMm();
    List<Centre> centres = new ArrayList<>();
    double inset = holes.insetMm();
    for (double x : across) {
      centres.add(new Centre(x, inset));
      centres.add(new Centre(x, heightMm - inset));
    }
    for (double y : up.subList(1, up.size() - 1)) {
      centres.add(new Centre(inset, y));
      centres.add(new Centre(widthMm - inset, y));
    }
    return List.copyOf(centres);
  }

  private static HoleRow row(double lengthMm, BorderHoles holes) {
    return HoleRow.along(lengthMm, holes.insetMm(), holes.greatestPitchMm());
  }

  private static Why massWhy(PanelShape shape, double area) {
    return Why.of(
        "area × thickness × density",
        "area %.0f mm²".formatted(area),
        "thickness " + Figures.plain(shape.thicknessMm()) + " mm",
        "%s %.0f kg/m³ (default)"
            .formatted(shape.material().words(), shape.material().densityKgPerM3()));
  }

  private static Why cutWhy(PanelCut cut, double contour, int pierces) {
    return Why.of(
        "contour ÷ speed + pierces × pierce time",
        "contour %.0f mm".formatted(contour),
        "speed %s mm/s (try on scrap)".formatted(Figures.plain(cut.speedMmPerSecond())),
        "%d pierces × %s s (default)".formatted(pierces, Figures.plain(cut.pierceSeconds())));
  }
}
