package emberyard.core.make.panel;

import emberyard.core.workshop.Machine;
import emberyard.core.workshop.SheetProduct;
import org.jspecify.annotations.Nullable;

/** How fast a sheet is cut. */
public final class Paces {
  private static final double TRAVEL_MM_PER_SECOND = 200;
  private static final double LINE_MM = 0.1;
  private static final double ENGRAVE_MM_PER_SECOND = 400;

  private Paces() {}

  /** The machine's setting for the sheet; else the sheet's own speed and the shipped defaults. */
  public static CutTime.Pace of(@Nullable Machine machine, SheetProduct sheet) {
    if (machine == null) {
      return new CutTime.Pace(
          sheet.laserMmPerSecond(),
          1,
          PanelCut.PIERCE_SECONDS,
          TRAVEL_MM_PER_SECOND,
          LINE_MM,
          ENGRAVE_MM_PER_SECOND);
    }
    Machine.Setting setting =
        machine.setting(sheet.material(), sheet.realThicknessMm()).orElse(null);
    return new CutTime.Pace(
        setting == null ? sheet.laserMmPerSecond() : setting.speedMmPerSecond(),
        setting == null ? 1 : setting.passes(),
        machine.pierceSeconds(),
        machine.travelMmPerSecond(),
        machine.engraveLineMm(),
        machine.engraveMmPerSecond());
  }
}
