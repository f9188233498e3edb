package emberyard.core.make.part;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.drawn.FlatPattern;
import java.util.ArrayList;
import java.util.List;

/**
 * A drawn part for screens: SVG path data in mm, y upwards.
 *
 * @param xMm left end of what is drawn; negative where a joint or figure reaches out
 * @param cut outline and openings
 * @param bends bend lines with their heated band
 */
public record PartModel(
    double xMm,
    double yMm,
    double widthMm,
    double heightMm,
    String cut,
    String engraved,
    String lines,
    String pockets,
    List<DrawnPart.BendLine> bends,
    double heatedBandMm,
    List<DrawnPart.Feature> features) {

  static PartModel of(DrawnPart part, double thicknessMm) {
    Rect box = part.outline().bounds();
    List<Contour> pockets = new ArrayList<>();
    part.pockets().forEach(pocket -> pockets.addAll(pocket.area().contours()));
    return new PartModel(
        box.xMm(),
        box.yMm(),
        box.widthMm(),
        box.heightMm(),
        SvgPath.of(part.outline().contours()),
        SvgPath.of(part.engraved().contours()),
        SvgPath.of(part.lines()),
        SvgPath.of(pockets),
        part.bends(),
        part.bends().isEmpty() ? 0 : FlatPattern.heatedBandMm(thicknessMm),
        part.features());
  }
}
