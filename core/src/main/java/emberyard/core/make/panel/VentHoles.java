package emberyard.core.make.panel;

import emberyard.core.build.HoleField;
import emberyard.core.build.VentCut;
import java.util.ArrayList;
import java.util.List;

/**
 * The holes of a field as they are cut.
 *
 * @param centres from the panel's lower left corner
 * @param openMm2 what all of them open
 * @param contourMm what all of them take to cut
 */
public record VentHoles(List<PanelFigures.Centre> centres, double openMm2, double contourMm) {
  private static final int MOST_HOLES = 5_000;

  /**
   * Whole holes only, centred in the area; in staggered rows every second row holds one less.
   *
   * <p>Example: 20 × 20 mm with holes of 4 at a pitch of 6, square: 3 × 3.
   *
   * @throws emberyard.core.units.InvalidValue above 5,000 holes
   */
  public static VentHoles of(VentCut vent) {
    HoleField field = vent.field();
    boolean slots = field.pattern() == HoleField.Pattern.SLOTS;
    boolean staggered = field.pattern() == HoleField.Pattern.STAGGERED;
    double across = slots ? field.slotMm() : field.holeMm();
    double step = slots ? field.slotMm() + field.pitchMm() - field.holeMm() : field.pitchMm();
    double row = staggered ? field.pitchMm() * Math.sqrt(3) / 2 : field.pitchMm();
    int columns = fitting(vent.area().widthMm(), across, step);
    int rows = fitting(vent.area().heightMm(), field.holeMm(), row);
    emberyard.core.units.Require.that(
        (long) columns * rows <= MOST_HOLES,
        "vent.field.pitchMm",
        "That is more than 5,000 holes: a larger pitch, or slots.");
    List<PanelFigures.Centre> centres = new ArrayList<>();
    double bottom = vent.area().yMm() + (vent.area().heightMm() - (rows - 1) * row) / 2;
    for (int r = 0; r < rows; r++) {
      int inRow = staggered && r % 2 == 1 ? columns - 1 : columns;
      double left = vent.area().xMm() + (vent.area().widthMm() - (inRow - 1) * step) / 2;
      for (int c = 0; c < inRow; c++) {
        centres.add(new PanelFigures.Centre(left + c * step, bottom + r * row));
      }
    }
    double round = Math.PI * field.holeMm() * field.holeMm() / 4;
    double area = slots ? field.holeMm() * field.slotMm() : round;
    double contour = slots ? 2 * (field.holeMm() + field.slotMm()) : Math.PI * field.holeMm();
    return new VentHoles(List.copyOf(centres), centres.size() * area, centres.size() * contour);
  }

  private static int fitting(double length, double hole, double step) {
    return length < hole ? 0 : 1 + (int) Math.floor((length - hole) / step + 1e-9);
  }
}
