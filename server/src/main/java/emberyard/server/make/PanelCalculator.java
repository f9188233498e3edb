package emberyard.server.make;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Window;
import emberyard.core.finding.Finding;
import emberyard.core.make.panel.PanelChecks;
import emberyard.core.make.panel.PanelCut;
import emberyard.core.make.panel.PanelFigures;
import emberyard.core.make.panel.PanelShape;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.workshop.Material;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The panels of a build, and the panel calculator. */
@Component
class PanelCalculator {
  private static final Map<String, Material> ALSO_CALLED =
      Map.of(
          "cast_acrylic", Material.ACRYLIC,
          "birch_ply", Material.PLY,
          "plywood", Material.PLY,
          "aluminum", Material.ALUMINIUM,
          "sheet_metal", Material.STEEL);

  /** A panel to be measured. */
  record PanelQuestion(
      @Schema(description = "Width, mm", minimum = "5", maximum = "5000") double widthMm,
      @Schema(description = "Height, mm", minimum = "5", maximum = "5000") double heightMm,
      @Schema(description = "Thickness by caliper, mm", minimum = "0.3", maximum = "50")
          double thicknessMm,
      @Schema(description = "acrylic, ply, aluminium, steel, polycarbonate, pvc or abs")
          String material,
      @Schema(description = "Opening, mm from the lower left corner; none when left out")
          @Nullable Window window,
      @Schema(description = "Holes along all four edges; none when left out")
          @Nullable BorderHoles holes,
      @Schema(description = "How it is cut; 12 mm/s and 0.4 s a pierce when left out")
          @Nullable CutQuestion cut) {}

  /** How the cutter works; every field may be left out. */
  record CutQuestion(
      @Schema(description = "laser, saw, score_and_snap or outside; laser when left out")
          @Nullable CutMethod method,
      @Schema(
              description = "Along contours, mm/s",
              minimum = "0.1",
              maximum = "1000",
              defaultValue = "12")
          @Nullable Double speedMmPerSecond,
      @Schema(
              description = "Per contour begun, s",
              minimum = "0",
              maximum = "60",
              defaultValue = "0.4")
          @Nullable Double pierceSeconds,
      @Schema(
              description = "Contours begun; one per contour of the panel when left out",
              minimum = "0")
          @Nullable Integer pierces,
      @Schema(description = "Engraved area, mm²", minimum = "0", defaultValue = "0")
          @Nullable Double engraveAreaMm2,
      @Schema(
              description = "Distance of engraved lines, mm",
              minimum = "0.01",
              maximum = "10",
              defaultValue = "0.1")
          @Nullable Double engraveLineMm,
      @Schema(
              description = "Along engraved lines, mm/s",
              minimum = "1",
              maximum = "5000",
              defaultValue = "400")
          @Nullable Double engraveMmPerSecond) {}

  /** The panel in numbers. */
  record PanelAnswer(
      @Schema(description = "Without window and holes, mm²") double areaMm2,
      @Schema(description = "kg") double massKg,
      @Schema(description = "Pitch along top and bottom, mm; 0 without holes") double holePitchMm,
      @Schema(description = "Pitch along left and right, mm; 0 without holes") double sidePitchMm,
      @Schema(description = "Holes along the top edge, both corners counted") int holesAlongWidth,
      @Schema(description = "Holes along the left edge, both corners counted") int holesAlongHeight,
      @Schema(description = "All holes, corners once") int holeCount,
      @Schema(description = "Outline, window and holes, mm") double contourMm,
      @Schema(description = "Time of the cutter, s") double cutSeconds,
      List<Finding> findings) {}

  PanelAnswer panel(PanelQuestion asked) {
    PanelShape shape =
        new PanelShape(
            asked.widthMm(),
            asked.heightMm(),
            asked.thicknessMm(),
            material(asked.material()),
            asked.window(),
            asked.holes());
    CutQuestion how =
        asked.cut() == null
            ? new CutQuestion(null, null, null, null, null, null, null)
            : asked.cut();
    PanelFigures figures = PanelFigures.of(shape, cut(how));
    CutMethod method = how.method() == null ? CutMethod.LASER : how.method();
    return new PanelAnswer(
        figures.areaMm2(),
        figures.massKg(),
        figures.holePitchMm(),
        figures.sidePitchMm(),
        figures.holesAlongWidth(),
        figures.holesAlongHeight(),
        figures.holeCount(),
        figures.contourMm(),
        figures.cutSeconds(),
        PanelChecks.of("", shape, method));
  }

  private static PanelCut cut(CutQuestion asked) {
    return new PanelCut(
        or(asked.speedMmPerSecond(), 12),
        or(asked.pierceSeconds(), PanelCut.PIERCE_SECONDS),
        asked.pierces(),
        or(asked.engraveAreaMm2(), 0),
        or(asked.engraveLineMm(), 0.1),
        or(asked.engraveMmPerSecond(), 400));
  }

  private static double or(@Nullable Double given, double otherwise) {
    return given == null ? otherwise : given;
  }

  static Material material(@Nullable String name) {
    String word = Require.text("material", name).toLowerCase(Locale.ROOT).replace(' ', '_');
    if (ALSO_CALLED.containsKey(word)) {
      return ALSO_CALLED.get(word);
    }
    try {
      return Material.valueOf(word.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException unknown) {
      throw new InvalidValue(
          "material",
          "“%s” is no known material: acrylic, ply, aluminium, steel, polycarbonate, pvc or abs."
              .formatted(name));
    }
  }
}
