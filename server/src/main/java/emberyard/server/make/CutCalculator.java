package emberyard.server.make;

import emberyard.core.build.Bent;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.finding.Finding;
import emberyard.core.make.PartAnswer;
import emberyard.core.make.drawn.FlatPattern;
import emberyard.core.make.file.ImportedDrawing;
import emberyard.core.make.panel.CutTime;
import emberyard.core.make.photo.PhotoMeasure;
import emberyard.core.make.photo.PhotoPoint;
import emberyard.core.make.photo.PhotoReference;
import emberyard.core.units.Require;
import emberyard.core.work.FoamTape;
import emberyard.core.workshop.Material;
import emberyard.core.workshop.SheetProduct;
import emberyard.server.api.HeavyWork;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Calculators for parts: outline, cutting time, bending, tape, and measuring in a photo. */
@Component
class CutCalculator {
  private final HeavyWork heavy;

  CutCalculator(HeavyWork heavy) {
    this.heavy = heavy;
  }

  /** A part by its recipe, or by a drawing. */
  record PartAsked(
      @Schema(description = "Width of the rectangle, mm", minimum = "5", maximum = "5000")
          @Nullable Double widthMm,
      @Schema(description = "Height of the rectangle, mm", minimum = "5", maximum = "5000")
          @Nullable Double heightMm,
      @Schema(description = "By caliper, mm", minimum = "0.3", maximum = "50") double thicknessMm,
      @Schema(description = "acrylic, ply, mdf, card, aluminium, steel, polycarbonate, pvc or abs")
          String material,
      @Schema(description = "LASER when left out") @Nullable CutMethod cutMethod,
      @Schema(description = "Recipe; a plain rectangle when left out")
          @Nullable PartDrawing drawing,
      @Schema(description = "SVG or DXF text instead of a recipe") @Nullable String file,
      @Schema(description = "Ends nearer than this are joined, mm", minimum = "0", maximum = "5")
          @Nullable Double joinMm,
      @Schema(description = "Along contours, mm/s", minimum = "0.1", maximum = "500")
          @Nullable Double speedMmPerSecond) {}

  /** The part in numbers, and drawn. */
  record PartNumbers(
      @Schema(description = "mm²") double areaMm2,
      @Schema(description = "kg") double massKg,
      @Schema(description = "All that is cut, mm") double contourMm,
      @Schema(description = "Contours inside the outline") int openings,
      double widthMm,
      double heightMm,
      @Schema(description = "s") double cutSeconds,
      List<Finding> findings,
      @Schema(description = "The part as SVG in mm") String svg,
      List<ImportedDrawing.Fault> faults) {
    static PartNumbers of(PartAnswer answer, @Nullable ImportedDrawing drawn) {
      return new PartNumbers(
          answer.figures().areaMm2(),
          answer.figures().massKg(),
          answer.figures().contourMm(),
          answer.figures().openings(),
          answer.model().widthMm(),
          answer.model().heightMm(),
          answer.figures().cutSeconds(),
          answer.findings(),
          answer.svg(),
          drawn == null ? List.of() : drawn.faults());
    }
  }

  /** What is cut, and how. */
  record CutAsked(
      @Schema(description = "mm", minimum = "0") double contourMm,
      @Schema(description = "mm/s", minimum = "0.1", maximum = "1000") double speedMmPerSecond,
      @Nullable @Schema(minimum = "0") Integer pierces,
      @Nullable @Schema(description = "s", defaultValue = "0.4") Double pierceSeconds,
      @Nullable @Schema(description = "mm", minimum = "0") Double travelMm,
      @Nullable @Schema(description = "mm/s", defaultValue = "200") Double travelMmPerSecond,
      @Nullable @Schema(description = "mm²", minimum = "0") Double engraveAreaMm2,
      @Nullable @Schema(description = "mm", defaultValue = "0.1") Double engraveLineMm,
      @Nullable @Schema(description = "mm/s", defaultValue = "400") Double engraveMmPerSecond,
      @Nullable @Schema(minimum = "1", maximum = "40", defaultValue = "1") Integer passes) {}

  /** A strip to be bent. */
  record BendAsked(
      @Schema(description = "mm", minimum = "0.3", maximum = "50") double thicknessMm,
      @Schema(description = "Straight length before the first bend, mm") double firstLegMm,
      List<Bent.Bend> bends) {}

  /** A panel held by foam tape. */
  record TapeAsked(
      @Schema(description = "kg", minimum = "0", maximum = "100") double massKg,
      @Nullable @Schema(description = "mm", minimum = "3", maximum = "100", defaultValue = "12")
          Double tapeWidthMm,
      @Nullable @Schema(description = "Above 45 °C") Boolean hot,
      @Nullable @Schema(description = "Rough or painted ground") Boolean rough,
      @Nullable Boolean glass,
      @Nullable Boolean overhead) {}

  /** Clicked points and what is known in the photo. */
  record PhotoAsked(
      PhotoReference reference,
      @Schema(description = "2 to 200 points, pixels from the upper left") List<PhotoPoint> points,
      @Nullable
          @Schema(
              description = "Standard deviation of a click, px",
              minimum = "0",
              maximum = "50",
              defaultValue = "1.5")
          Double clickErrorPx) {}

  PartNumbers part(PartAsked asked) {
    return heavy.run(() -> numbers(asked));
  }

  private static PartNumbers numbers(PartAsked asked) {
    ImportedDrawing drawn =
        asked.file() == null
            ? null
            : ImportedDrawing.of(DrawingController.lines(asked.file()), or(asked.joinMm(), 0.1));
    PartDrawing drawing =
        drawn != null
            ? PartAnswer.drawing(drawn)
            : asked.drawing() == null ? PartDrawing.PLAIN : asked.drawing();
    boolean bare = drawing.bare();
    Panel panel =
        Panel.loose(
            or(asked.widthMm(), bare ? 100 : Double.NaN),
            or(asked.heightMm(), bare ? 100 : Double.NaN),
            asked.cutMethod() == null ? CutMethod.LASER : asked.cutMethod(),
            drawing);
    return PartNumbers.of(PartAnswer.of(panel, sheet(asked)), drawn);
  }

  private static SheetProduct sheet(PartAsked asked) {
    Material material = PanelCalculator.material(asked.material());
    double speed = or(asked.speedMmPerSecond(), 12);
    Require.between("speedMmPerSecond", speed, 0.1, 500, "mm/s");
    return SheetProduct.loose(material, asked.thicknessMm(), speed);
  }

  CutTime cutTime(CutAsked asked) {
    return CutTime.of(
        new CutTime.Job(
            asked.contourMm(),
            asked.pierces() == null ? 0 : asked.pierces(),
            or(asked.travelMm(), 0),
            or(asked.engraveAreaMm2(), 0),
            0),
        new CutTime.Pace(
            asked.speedMmPerSecond(),
            asked.passes() == null ? 1 : asked.passes(),
            or(asked.pierceSeconds(), 0.4),
            or(asked.travelMmPerSecond(), 200),
            or(asked.engraveLineMm(), 0.1),
            or(asked.engraveMmPerSecond(), 400)));
  }

  FlatPattern bend(BendAsked asked) {
    Require.given("bends", asked.bends());
    return FlatPattern.of(new Bent(asked.firstLegMm(), asked.bends()), asked.thicknessMm());
  }

  FoamTape tape(TapeAsked asked) {
    return FoamTape.of(
        asked.massKg(),
        or(asked.tapeWidthMm(), 12),
        yes(asked.hot()),
        yes(asked.rough()),
        yes(asked.glass()),
        yes(asked.overhead()));
  }

  PhotoMeasure photo(PhotoAsked asked) {
    return PhotoMeasure.of(
        Require.given("reference", asked.reference()),
        Require.list(asked.points()),
        or(asked.clickErrorPx(), PhotoMeasure.CLICK_PX));
  }

  private static boolean yes(@Nullable Boolean given) {
    return given != null && given;
  }

  private static double or(@Nullable Double given, double otherwise) {
    return given == null ? otherwise : given;
  }
}
