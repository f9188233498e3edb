package emberyard.core.finish.coat;

import emberyard.core.work.DayPaces;
import emberyard.core.workshop.AirDay;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.RoomClimate;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;

/**
 * The air of the spray corner from day to day: each day's drying beside the room's usual one, and
 * whether one may spray. A day without a value is as usual.
 */
public final class Weather {
  private final RoomClimate room;
  private final Map<LocalDate, RoomClimate> days = new HashMap<>();

  private Weather(RoomClimate room) {
    this.room = room;
  }

  public static Weather of(WorkshopBook book) {
    Weather weather = new Weather(book.workshop().room());
    for (AirDay day : book.airs()) {
      weather.days.put(day.date(), day.air());
    }
    return weather;
  }

  /** The air on a day. */
  public RoomClimate on(LocalDate date) {
    return days.getOrDefault(date, room);
  }

  /** Whether a day's air is known rather than the usual one. */
  public boolean known(LocalDate date) {
    return days.containsKey(date);
  }

  /**
   * How waits of this base run: a day's factor ÷ the room's; closed where one may not spray.
   *
   * <p>Example: room 14 °C and 70 % (× 1.70), a day of 20 °C and 50 % (× 1): that day runs at 0.59.
   */
  public DayPaces paces(PaintBase base) {
    Map<LocalDate, DayPaces.Day> paces = new HashMap<>();
    double usual = Drying.factor(room, base);
    days.forEach(
        (date, air) -> {
          Drying drying = Drying.in(air, base);
          paces.put(
              date,
              new DayPaces.Day(
                  Math.min(50, Math.max(0.05, drying.factor() / usual)), drying.sprayable()));
        });
    return new DayPaces(paces);
  }
}
