package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import java.time.DateTimeException;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Currency;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The workshop's own settings.
 *
 * @param id always {@code workshop}
 * @param name as printed on sheets
 * @param currency ISO 4217 code; all money of the workshop is in its minor units
 * @param zone IANA time zone of the bench clock
 * @param hours weekly working time; people without hours of their own work these
 * @param breakMinutes break in working time that goes on for more than six hours, 0 to 120; 30
 *     where it was never said
 * @param room air of the spray corner
 * @param markUpPercent added to cost for the quote, 0 to 300 %
 * @param taxPercent added to the marked-up cost, 0 to 50 %
 * @param contingencyPercent set aside on material and outside work, 0 to 50 %
 * @param tightDays a build with fewer spare working days than this reads as tight, 0 to 60
 * @param times how long steps take here
 * @param writing how numbers, times and days are written; the default where it was never said
 * @param address where parcels are brought, as it stands on an order; may have several lines
 */
public record Workshop(
    String id,
    String name,
    String currency,
    String zone,
    List<OpenHours> hours,
    @Nullable Integer breakMinutes,
    RoomClimate room,
    double markUpPercent,
    double taxPercent,
    double contingencyPercent,
    int tightDays,
    StepTimes times,
    @Nullable Writing writing,
    String address)
    implements Thing {

  /** The id of the one settings thing. */
  public static final String ID = "workshop";

  private static final int BREAK_MINUTES = 30;

  public Workshop {
    Require.text("id", id);
    Require.text("name", name);
    checkCurrency(currency);
    checkZone(zone);
    hours = Require.list(hours);
    Require.that(!hours.isEmpty(), "hours", "A workshop needs working hours on at least one day.");
    breakMinutes = breakMinutes == null ? BREAK_MINUTES : breakMinutes;
    Require.between("breakMinutes", breakMinutes, 0, 120, "min");
    Require.given("room", room);
    Require.between("markUpPercent", markUpPercent, 0, 300, "%");
    Require.between("taxPercent", taxPercent, 0, 50, "%");
    Require.between("contingencyPercent", contingencyPercent, 0, 50, "%");
    Require.between("tightDays", tightDays, 0, 60, "days");
    Require.given("times", times);
    writing = writing == null ? Writing.DEFAULT : writing;
    address = Require.textOrEmpty("address", address);
  }

  /** Its hours, or somebody's own, with the breaks in them. */
  public List<OpenHours> worked(List<OpenHours> own) {
    return Breaks.in(own.isEmpty() ? hours : own, breakMinutes);
  }

  /** A workshop with the shipped defaults: Monday to Friday 9 to 17, 20 °C, 50 %. */
  public static Workshop startingWith(String name, String currency, String zone) {
    return new Workshop(
        ID,
        name,
        currency,
        zone,
        OpenHours.weekdays(LocalTime.of(9, 0), LocalTime.of(17, 0)),
        BREAK_MINUTES,
        RoomClimate.reference(),
        15,
        0,
        5,
        3,
        StepTimes.defaults(),
        Writing.DEFAULT,
        "");
  }

  private static void checkCurrency(String currency) {
    Require.text("currency", currency);
    try {
      Currency.getInstance(currency);
    } catch (IllegalArgumentException unknown) {
      throw new InvalidValue(
          "currency", "“" + currency + "” is no currency code; write three letters such as EUR.");
    }
  }

  private static void checkZone(String zone) {
    Require.text("zone", zone);
    try {
      ZoneId.of(zone);
    } catch (DateTimeException unknown) {
      throw new InvalidValue(
          "zone", "“" + zone + "” is no time zone; write one such as Europe/Vienna.");
    }
  }
}
