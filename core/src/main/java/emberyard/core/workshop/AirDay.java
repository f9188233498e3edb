package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.LocalDate;

/**
 * The air of the spray corner on one day, measured or forecast.
 *
 * @param id the date as text: there is one air a day
 * @param temperatureC −10 to 60 °C
 * @param humidityPercent 1 to 100 %
 */
public record AirDay(
    String id, LocalDate date, double temperatureC, double humidityPercent, Source source)
    implements Thing {
  public AirDay {
    Require.given("date", date);
    id = date.toString();
    source = source == null ? Source.TYPED : source;
    new RoomClimate(temperatureC, humidityPercent);
  }

  /** Where it comes from. */
  public enum Source {
    TYPED,
    FILE,
    SENSOR
  }

  public RoomClimate air() {
    return new RoomClimate(temperatureC, humidityPercent);
  }
}
