package emberyard.core.workshop;

import emberyard.core.units.Require;

/**
 * The air of the room where paint dries.
 *
 * @param temperatureC −10 to 60 °C
 * @param humidityPercent relative humidity, 1 to 100 %
 */
public record RoomClimate(double temperatureC, double humidityPercent) {
  public RoomClimate {
    Require.between("temperatureC", temperatureC, -10, 60, "°C");
    Require.between("humidityPercent", humidityPercent, 1, 100, "%");
  }

  /** The air that products' times are given for: 20 °C and 50 %. */
  public static RoomClimate reference() {
    return new RoomClimate(20, 50);
  }
}
