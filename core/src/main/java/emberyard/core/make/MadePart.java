package emberyard.core.make;

import emberyard.core.build.Panel;
import emberyard.core.build.Why;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.SheetProduct;
import org.jspecify.annotations.Nullable;

/**
 * A panel with its sheet and its figures, or the sentence that says why it has none.
 *
 * @param figures null when the panel's numbers contradict each other
 * @param problem what contradicts, empty when nothing does
 * @param materialMinor its share of the sheets it is cut from, all pieces, minor units; what is
 *     bought is whole sheets
 */
public record MadePart(
    Panel panel,
    SheetProduct sheet,
    @Nullable PanelFigures figures,
    String problem,
    long materialMinor,
    Why materialWhy) {

  /** Computes the figures for the thickness by caliper where there is one. */
  public static MadePart of(Panel panel, SheetProduct sheet) {
    try {
      PanelFigures figures =
          PanelFigures.of(shape(panel, sheet), PanelCut.at(sheet.laserMmPerSecond()));
      return with(panel, sheet, figures, "");
    } catch (InvalidValue contradiction) {
      return with(panel, sheet, null, contradiction.getMessage());
    }
  }

  /**
   * Outline area ÷ (sheet area × usable share) × price of a sheet.
   *
   * <p>Example: 412 × 388 mm from sheets of 600 × 400 mm at 24.00, 85 % usable: 0.7836 sheets,
   * 18.81.
   */
  private static MadePart with(
      Panel panel, SheetProduct sheet, @Nullable PanelFigures figures, String problem) {
    double sheets =
        panel.widthMm()
            * panel.heightMm()
            * panel.quantity()
            / (sheet.widthMm() * sheet.heightMm() * MakeWork.USABLE_SHARE);
    return new MadePart(
        panel,
        sheet,
        figures,
        problem,
        Math.round(sheets * sheet.priceMinor()),
        Why.of(
            "outline area ÷ (sheet × usable share) × price of a sheet",
            "%.2f of “%s”".formatted(sheets, sheet.name()),
            "usable %.0f %% (default, until sheets are laid out)"
                .formatted(MakeWork.USABLE_SHARE * 100)));
  }

  /** The panel as geometry. */
  public static PanelShape shape(Panel panel, SheetProduct sheet) {
    return new PanelShape(
        panel.widthMm(),
        panel.heightMm(),
        sheet.realThicknessMm(),
        sheet.material(),
        panel.window(),
        panel.holes(),
        panel.vent());
  }
}
