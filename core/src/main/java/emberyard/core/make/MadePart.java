package emberyard.core.make;

import emberyard.core.build.Panel;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.SheetProduct;
import org.jspecify.annotations.Nullable;

/**
 * A panel with its sheet and its figures, or the sentence that says why it has none.
 *
 * @param figures null when the panel's numbers contradict each other
 * @param problem what contradicts, empty when nothing does
 */
public record MadePart(
    Panel panel, SheetProduct sheet, @Nullable PanelFigures figures, String problem) {

  /** Computes the figures for the thickness by caliper where there is one. */
  public static MadePart of(Panel panel, SheetProduct sheet) {
    try {
      PanelFigures figures =
          PanelFigures.of(shape(panel, sheet), PanelCut.at(sheet.laserMmPerSecond()));
      return new MadePart(panel, sheet, figures, "");
    } catch (InvalidValue contradiction) {
      return new MadePart(panel, sheet, null, contradiction.getMessage());
    }
  }

  /** The panel as geometry. */
  public static PanelShape shape(Panel panel, SheetProduct sheet) {
    return new PanelShape(
        panel.widthMm(),
        panel.heightMm(),
        sheet.realThicknessMm(),
        sheet.material(),
        panel.window(),
        panel.holes());
  }
}
