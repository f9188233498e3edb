package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Refusal;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.Set;

/**
 * Something that is fed: a screen, a device, a charger.
 *
 * @param plug its socket, or the plug of the lead that hangs on it
 * @param ownLead whether a lead hangs on it
 * @param reachMm the lead that it needs, 0 to 30,000 mm; the length of its own where it has one
 * @param plugFreeMm room for a plug straight out of its socket, 0 to 3,000 mm
 * @param gbitPerSecond of its picture, 0 to 100
 * @param megabytesPerSecond of a picture that comes as data, 0 to 1,000
 * @param usb the data it needs, 2 or 3; 0 for none
 * @param amps at 5 V that it takes from where it is plugged in, 0 to 20
 * @param refuses what must not lie before it
 * @param mirror the group that may show one picture together, empty for a picture of its own
 * @param passesOnGbit what it lets through to a screen behind it, 0 to 100 Gbit/s; 0 for none
 */
@RecordBuilder
public record Sink(
    String id,
    String name,
    Want want,
    Plug plug,
    boolean ownLead,
    double reachMm,
    double plugFreeMm,
    double gbitPerSecond,
    double megabytesPerSecond,
    int usb,
    double amps,
    Set<Refusal> refuses,
    String mirror,
    double passesOnGbit)
    implements SinkBuilder.With {
  /** From here on a lead is long, mm (default). */
  public static final double LONG_LEAD_MM = 1_000;

  /** Where they stand: screens first, by name. */
  public static final Comparator<Sink> PLACES =
      Comparator.comparing((Sink sink) -> !sink.shows())
          .thenComparing(Sink::name)
          .thenComparing(Sink::id);

  /** Room for any plug. */
  public static final double ROOM_MM = 3_000;

  /** What it wants. */
  public enum Want {
    /** A picture through a picture lead. */
    PICTURE,
    /** A picture that comes as USB data. */
    PICTURE_AS_DATA,
    /** USB data. */
    DATA,
    /** Nothing but current. */
    CURRENT
  }

  public Sink {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("want", want);
    Require.given("plug", plug);
    Require.between("reachMm", reachMm, 0, 30_000, "mm");
    Require.between("plugFreeMm", plugFreeMm, 0, 3_000, "mm");
    Require.between("gbitPerSecond", gbitPerSecond, 0, 100, "Gbit/s");
    Require.between("megabytesPerSecond", megabytesPerSecond, 0, 1_000, "MB/s");
    Require.that(usb == 0 || usb == 2 || usb == 3, "usb", "Usb is 0, 2 or 3.");
    Require.between("amps", amps, 0, 20, "A");
    refuses = refuses == null ? Set.of() : Set.copyOf(refuses);
    mirror = Require.textOrEmpty("mirror", mirror);
    Require.between("passesOnGbit", passesOnGbit, 0, 100, "Gbit/s");
  }

  /** Whether it shows a picture. */
  public boolean shows() {
    return want == Want.PICTURE || want == Want.PICTURE_AS_DATA;
  }

  boolean refuses(LinkKind kind) {
    return switch (kind) {
      case HUB -> refuses.contains(Refusal.HUB);
      case ADAPTER -> refuses.contains(Refusal.ADAPTER);
      case SPLITTER -> refuses.contains(Refusal.SPLITTER);
      case LEAD, BREAKOUT -> false;
    };
  }
}
