package emberyard.core.finish.coat;

import emberyard.core.units.Figures;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.RoomClimate;
import java.util.ArrayList;
import java.util.List;

/**
 * How the air changes drying, and whether one may spray in it.
 *
 * @param factor multiplies every time given for 20 °C and 50 %
 * @param dewPointC below this, water settles
 * @param sprayable whether none of the reasons speaks against it
 * @param reasons sentences, empty when sprayable
 */
public record Drying(double factor, double dewPointC, boolean sprayable, List<String> reasons) {
  /** The surface must be this much warmer than the dew point. */
  public static final double DEW_MARGIN_K = 3;

  private static final double MOST_HUMIDITY = 85;
  private static final double LEAST_C = 10;
  private static final double MOST_C = 32;
  // Magnus coefficients over water after Alduchov and Eskridge (1996), good to 0.4 K from −40 to 50
  // °C
  private static final double MAGNUS_B = 17.625;
  private static final double MAGNUS_C = 243.04;

  public Drying {
    reasons = List.copyOf(reasons);
  }

  /** The surface is taken to be as warm as the air. */
  public static Drying in(RoomClimate air, PaintBase base) {
    List<String> reasons = reasons(air);
    return new Drying(factor(air, base), dewPointC(air), reasons.isEmpty(), reasons);
  }

  /**
   * Time × 2^((20 − T)/10) × (1 + h × max(0, RH − 50)/100), h 0.6 for solvent, 1.5 for water-borne.
   *
   * <p>Example: 14 °C and 70 % → 1.70 for solvent, 1.97 for water-borne.
   */
  public static double factor(RoomClimate air, PaintBase base) {
    double warmth = Math.pow(2, (20 - air.temperatureC()) / 10);
    double damp = Math.max(0, air.humidityPercent() - 50) / 100;
    return warmth * (1 + base.humiditySlowdown() * damp);
  }

  /**
   * Magnus formula: γ = ln(RH/100) + 17.625 T/(243.04 + T); dew = 243.04 γ/(17.625 − γ).
   *
   * <p>Example: 18 °C and 70 % → 12.4 °C.
   */
  public static double dewPointC(RoomClimate air) {
    double gamma =
        Math.log(air.humidityPercent() / 100)
            + MAGNUS_B * air.temperatureC() / (MAGNUS_C + air.temperatureC());
    return MAGNUS_C * gamma / (MAGNUS_B - gamma);
  }

  /** Minutes under this air for minutes under the product's reference air, rounded up. */
  public int minutes(double atReference) {
    return (int) Math.ceil(atReference * factor - 1e-9);
  }

  private static List<String> reasons(RoomClimate air) {
    List<String> reasons = new ArrayList<>();
    double spare = air.temperatureC() - dewPointC(air);
    if (spare < DEW_MARGIN_K) {
      reasons.add(
          "The surface is only %s K above the dew point of %s °C; 3 K needed."
              .formatted(round(spare), round(dewPointC(air))));
    }
    if (air.humidityPercent() > MOST_HUMIDITY) {
      reasons.add(
          "Humidity is %s %%; at most 85 %%.".formatted(Figures.plain(air.humidityPercent())));
    }
    if (air.temperatureC() < LEAST_C) {
      reasons.add("It is %s °C; at least 10 °C.".formatted(Figures.plain(air.temperatureC())));
    }
    if (air.temperatureC() > MOST_C) {
      reasons.add("It is %s °C; at most 32 °C.".formatted(Figures.plain(air.temperatureC())));
    }
    return reasons;
  }

  private static String round(double value) {
    return String.format(java.util.Locale.ROOT, "%.1f", value);
  }
}
