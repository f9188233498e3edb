package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/** What a product of the library and a thing that is one of it may be: ranges written once. */
public final class UseRanges {
  private UseRanges() {}

  /**
   * @throws emberyard.core.units.InvalidValue at the field that is out of its range
   */
  public static void hardware(
      long priceMinor,
      double massKg,
      double peakWatts,
      double supplyWatts,
      int hdmiOutputs,
      int displayPortOutputs,
      int typeCOutputs,
      int lightHeaders,
      @Nullable Double storageGb,
      @Nullable Double memoryGb) {
    Require.between("priceMinor", priceMinor, 0, 100_000_000, "minor units");
    Require.between("massKg", massKg, 0, 100, "kg");
    Require.between("peakWatts", peakWatts, 0, 3_000, "W");
    Require.between("supplyWatts", supplyWatts, 0, 3_000, "W");
    Require.between("hdmiOutputs", hdmiOutputs, 0, 16, "outputs");
    Require.between("displayPortOutputs", displayPortOutputs, 0, 16, "outputs");
    Require.between("typeCOutputs", typeCOutputs, 0, 16, "outputs");
    Require.between("lightHeaders", lightHeaders, 0, 16, "headers");
    if (storageGb != null) {
      Require.between("storageGb", storageGb, 0, 1e6, "GB");
    }
    if (memoryGb != null) {
      Require.between("memoryGb", memoryGb, 0, 1e5, "GB");
    }
  }

  /**
   * @throws emberyard.core.units.InvalidValue at the field that is out of its range
   */
  public static void strip(
      double ledsPerMetre, Rail rail, double milliampsPerLed, long pricePerMetreMinor) {
    Require.between("ledsPerMetre", ledsPerMetre, 1, 500, "LEDs/m");
    Require.given("rail", rail);
    Require.between("milliampsPerLed", milliampsPerLed, 0.1, 200, "mA");
    Require.between("pricePerMetreMinor", pricePerMetreMinor, 0, 100_000_000, "minor units");
  }

  /**
   * What more a light run may be.
   *
   * @throws emberyard.core.units.InvalidValue at the field that is out of its range
   */
  public static void run(
      @Nullable Integer count,
      @Nullable Long priceMinor,
      @Nullable Double ohmPerMetre,
      @Nullable Double idleMilliamps) {
    if (count != null) {
      Require.between("count", count, 1, 20_000, "LEDs");
    }
    if (priceMinor != null) {
      Require.between("priceMinor", priceMinor, 0, 100_000_000, "minor units");
    }
    if (ohmPerMetre != null) {
      Require.between("ohmPerMetre", ohmPerMetre, 0, 20, "Ω/m");
    }
    if (idleMilliamps != null) {
      Require.between("idleMilliamps", idleMilliamps, 0, 20, "mA");
    }
  }
}
