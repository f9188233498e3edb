package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A machine that cuts or prints parts. All its values are starting values until somebody tries them
 * on scrap.
 *
 * @param bedWidthMm 30 to 5,000 mm
 * @param bedHeightMm 30 to 5,000 mm
 * @param bedDepthMm how high a print can be, 0 for flat work; 0 to 3,000 mm
 * @param kerfMm what the cut takes away, 0 to 12 mm; a router's is its bit
 * @param pierceSeconds for each contour begun, 0 to 60 s
 * @param travelMmPerSecond between contours, 1 to 5,000 mm/s
 * @param engraveLineMm distance of engraved lines, 0.01 to 10 mm
 * @param engraveMmPerSecond along engraved lines, 1 to 5,000 mm/s
 * @param hourMinor what an hour of it costs, minor units
 * @param depositMm3PerSecond of a printer, 0 to 200 mm³/s
 * @param settings per material and thickness
 */
public record Machine(
    String id,
    String name,
    Kind kind,
    double bedWidthMm,
    double bedHeightMm,
    double bedDepthMm,
    double kerfMm,
    double pierceSeconds,
    double travelMmPerSecond,
    double engraveLineMm,
    double engraveMmPerSecond,
    long hourMinor,
    double depositMm3PerSecond,
    List<Setting> settings)
    implements Thing {
  /** What it does. */
  public enum Kind {
    LASER,
    ROUTER,
    BLADE,
    PRINTER,
    HAND
  }

  public Machine {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("kind", kind);
    Require.between("bedWidthMm", bedWidthMm, 30, 5_000, "mm");
    Require.between("bedHeightMm", bedHeightMm, 30, 5_000, "mm");
    Require.between("bedDepthMm", bedDepthMm, 0, 3_000, "mm");
    Require.between("kerfMm", kerfMm, 0, 12, "mm");
    Require.between("pierceSeconds", pierceSeconds, 0, 60, "s");
    Require.between("travelMmPerSecond", travelMmPerSecond, 1, 5_000, "mm/s");
    Require.between("engraveLineMm", engraveLineMm, 0.01, 10, "mm");
    Require.between("engraveMmPerSecond", engraveMmPerSecond, 1, 5_000, "mm/s");
    Require.between("hourMinor", hourMinor, 0, 100_000_000, "minor units");
    Require.between("depositMm3PerSecond", depositMm3PerSecond, 0, 200, "mm³/s");
    settings = Require.list(settings);
    Require.between("settings", settings.size(), 0, 300, "settings");
  }

  /**
   * How it cuts a material.
   *
   * @param speedMmPerSecond along contours, 0.1 to 1,000 mm/s
   * @param powerPercent 0 to 100 %
   * @param passes 1 to 40
   * @param confirmedBy who cut a test piece with it, empty for "try on scrap"
   */
  public record Setting(
      Material material,
      double thicknessMm,
      double speedMmPerSecond,
      double powerPercent,
      int passes,
      String confirmedBy) {
    public Setting {
      Require.given("material", material);
      Require.between("thicknessMm", thicknessMm, 0.05, 50, "mm");
      Require.between("speedMmPerSecond", speedMmPerSecond, 0.1, 1_000, "mm/s");
      Require.between("powerPercent", powerPercent, 0, 100, "%");
      Require.between("passes", passes, 1, 40, "passes");
      confirmedBy = Require.textOrEmpty("confirmedBy", confirmedBy);
    }

    /** Whether nobody has tried it. */
    public boolean tryOnScrap() {
      return confirmedBy.isEmpty();
    }
  }

  /** The setting for a sheet: of its material, nearest in thickness and within a millimetre. */
  public Optional<Setting> setting(Material material, double thicknessMm) {
    return settings.stream()
        .filter(s -> s.material() == material && Math.abs(s.thicknessMm() - thicknessMm) <= 1)
        .min(Comparator.comparingDouble(s -> Math.abs(s.thicknessMm() - thicknessMm)));
  }
}
