package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * Heat and air of a component.
 *
 * @param limitC temperature at which a chip slows down, 40 to 130 °C; null for no chip
 * @param resistanceKPerW from chip to coolant (blocks) or to air (air coolers), 0.01 to 5 K/W; null
 *     for no cooler
 * @param sections of a radiator, 0 to 6
 * @param sectionMm 120 or 140 a section: 80 to 240 mm where there are sections, 0 for the usual 120
 * @param thicknessMm of a radiator, 0 to 100 mm, reckoned as 15 at least
 * @param rpm of its fans, 0 to 6,000
 * @param coolantL it holds, 0 to 20 l
 * @param copperKg it warms up, 0 to 20 kg
 * @param airM3PerHour of one fan at that speed, 0 to 2,000 m³/h
 * @param fanMm frame of a fan, 0 to 400 mm
 * @param shows where its light or display looks along the flow, null where nothing shows
 */
public record Thermal(
    @Nullable Double limitC,
    @Nullable Double resistanceKPerW,
    int sections,
    double sectionMm,
    double thicknessMm,
    double rpm,
    double coolantL,
    double copperKg,
    double airM3PerHour,
    double fanMm,
    @Nullable Shows shows) {
  public Thermal {
    if (limitC != null) {
      Require.between("limitC", limitC, 40, 130, "°C");
    }
    if (resistanceKPerW != null) {
      Require.between("resistanceKPerW", resistanceKPerW, 0.01, 5, "K/W");
    }
    Require.between("sections", sections, 0, 6, "sections");
    Require.between("sectionMm", sectionMm, 0, 240, "mm");
    if (sections > 0 && sectionMm > 0) {
      // as its heat is reckoned with; what is no radiator may hold any number, and old ones do
      Require.between("sectionMm", sectionMm, 80, 240, "mm");
    }
    Require.between("thicknessMm", thicknessMm, 0, 100, "mm");
    Require.between("rpm", rpm, 0, 6_000, "rpm");
    Require.between("coolantL", coolantL, 0, 20, "l");
    Require.between("copperKg", copperKg, 0, 20, "kg");
    Require.between("airM3PerHour", airM3PerHour, 0, 2_000, "m³/h");
    Require.between("fanMm", fanMm, 0, 400, "mm");
  }

  /** A chip that slows down at this temperature. */
  public static Thermal chip(double limitC) {
    return new Thermal(limitC, null, 0, 0, 0, 0, 0, 0, 0, 0, null);
  }

  /** The side of a fan or cooler that carries its light or display. */
  public enum Shows {
    INLET_SIDE,
    OUTLET_SIDE
  }
}
