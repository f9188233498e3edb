package emberyard.server.workshop;

import emberyard.core.workshop.RoomClimate;
import java.time.LocalDateTime;

/**
 * A stand-in for a sensor of temperature and humidity: the room's usual air with a day's swing,
 * warmest and driest at three in the afternoon, and a slow change from day to day. The same moment
 * always reads the same.
 */
final class SimulatedSensor {
  private static final double SWING_K = 2;
  private static final double SWING_POINTS = 6;
  private static final double CHANGE_POINTS = 7;

  private SimulatedSensor() {}

  static AirController.SensorReading read(LocalDateTime now, RoomClimate usual) {
    double hour = now.getHour() + now.getMinute() / 60.0;
    double warmth = Math.cos((hour - 15) / 24 * 2 * Math.PI);
    double days = Math.sin(now.toLocalDate().toEpochDay() * 0.9);
    double temperature = usual.temperatureC() + SWING_K * warmth;
    double humidity = usual.humidityPercent() - SWING_POINTS * warmth + CHANGE_POINTS * days;
    return new AirController.SensorReading(
        now,
        Math.round(10 * Math.max(-10, Math.min(60, temperature))) / 10.0,
        Math.round(Math.max(1, Math.min(100, humidity))));
  }
}
