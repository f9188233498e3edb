package emberyard.core.light.port;

import emberyard.core.build.Plug;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;

/**
 * A socket of the hardware that gives pictures, data or current.
 *
 * @param id unique among all sockets
 * @param deviceId the card or board it sits on
 * @param gbitPerSecond the most picture it gives, 0 to 100; 0 for none
 * @param usb 2 or 3, 0 where it gives no data
 * @param amps at 5 V of each of its ports, 0 to 20
 * @param atOnce pictures that its device gives at once, 0 to 64
 * @param extraMm a lead from here is longer by this than from elsewhere, 0 to 10,000 mm
 * @param lacking what it lacks to work, empty where it works
 * @param mendMinor what it costs to have it work, −100,000,000 to 100,000,000 minor units; null
 *     where it can't be had
 */
@RecordBuilder
public record Source(
    String id,
    String name,
    String deviceId,
    Plug plug,
    double gbitPerSecond,
    int usb,
    double amps,
    int atOnce,
    double extraMm,
    String lacking,
    @Nullable Long mendMinor)
    implements SourceBuilder.With {
  public Source {
    Require.text("id", id);
    Require.text("name", name);
    Require.text("deviceId", deviceId);
    Require.given("plug", plug);
    Require.between("gbitPerSecond", gbitPerSecond, 0, 100, "Gbit/s");
    Require.that(usb == 0 || usb == 2 || usb == 3, "usb", "Usb is 0, 2 or 3.");
    Require.between("amps", amps, 0, 20, "A");
    Require.between("atOnce", atOnce, 0, 64, "pictures");
    Require.between("extraMm", extraMm, 0, 10_000, "mm");
    lacking = Require.textOrEmpty("lacking", lacking);
    if (mendMinor != null) {
      Require.between("mendMinor", mendMinor, -100_000_000, 100_000_000, "minor units");
    }
  }

  /** Whether it gives anything as it is. */
  public boolean works() {
    return lacking.isEmpty();
  }
}
