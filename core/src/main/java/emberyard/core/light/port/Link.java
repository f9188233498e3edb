package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Something between a socket and what is fed from it, as it is sold.
 *
 * @param in the plug that goes into the socket before it
 * @param out the plug at its other end (of a lead), or the sockets it offers
 * @param outs sockets it offers, 1 to 16; 1 for a lead
 * @param gbitPerSecond the most picture it passes on, 0 to 100; 0 for none
 * @param usb the data it passes on, 2 or 3; 0 for none
 * @param lengthMm of its lead, 0 to 30,000 mm
 * @param plugMm how far its plug stands out at what is fed, 0 to 200 mm
 * @param ownAmps what its own supply gives to all its sockets, 0 to 20 A; 0 without one
 * @param drawsAmps what it takes itself from the socket before it, 0 to 5 A
 * @param drawsPicture whether it makes its picture itself of data, with a program
 * @param priceMinor of one, 0 to 100,000,000 minor units
 * @param owned how many are there already, 0 to 1,000
 * @param offered whether more can be bought without asking
 */
@RecordBuilder
public record Link(
    String id,
    String name,
    LinkKind kind,
    Plug in,
    Plug out,
    int outs,
    double gbitPerSecond,
    int usb,
    double lengthMm,
    double plugMm,
    double ownAmps,
    double drawsAmps,
    boolean drawsPicture,
    long priceMinor,
    int owned,
    boolean offered)
    implements LinkBuilder.With {
  /** Longest passive leads at their fastest, and what longer ones still carry (handbook). */
  private static final double LONGEST_HDMI_MM = 3_000;

  private static final double LONGEST_DISPLAY_PORT_MM = 2_000;
  private static final double LONGEST_USB_2_MM = 5_000;
  private static final double LONGEST_USB_3_MM = 3_000;

  /** What a hub without a supply of its own has for all its sockets, A. */
  private static final double BUS_AMPS_2 = 0.4;

  private static final double BUS_AMPS_3 = 0.75;

  public Link {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("kind", kind);
    Require.given("in", in);
    Require.given("out", out);
    Require.between("outs", outs, 1, 16, "sockets");
    Require.that(kind != LinkKind.LEAD || outs == 1, "outs", "A lead has one other end.");
    Require.between("gbitPerSecond", gbitPerSecond, 0, 100, "Gbit/s");
    Require.that(usb == 0 || usb == 2 || usb == 3, "usb", "Usb is 0, 2 or 3.");
    Require.between("lengthMm", lengthMm, 0, 30_000, "mm");
    Require.between("plugMm", plugMm, 0, 200, "mm");
    Require.between("ownAmps", ownAmps, 0, 20, "A");
    Require.between("drawsAmps", drawsAmps, 0, 5, "A");
    Require.between("priceMinor", priceMinor, 0, 100_000_000, "minor units");
    Require.between("owned", owned, 0, 1_000, "pieces");
  }

  /**
   * Gbit/s of picture that it passes on at its length: a passive lead that is longer than its kind
   * bears at its fastest drops to the next standard below (default: HDMI past 3 m 8.16, DisplayPort
   * past 2 m 17.28).
   *
   * <p>Example: 14.4 Gbit/s of HDMI at 2 m: 14.4; at 5 m: 8.16.
   */
  public double carries() {
    if (kind != LinkKind.LEAD) {
      return gbitPerSecond;
    }
    boolean hdmi = in == Plug.HDMI || out == Plug.HDMI || out == Plug.MINI_HDMI;
    boolean display = in == Plug.DISPLAY_PORT || out == Plug.DISPLAY_PORT;
    if (hdmi && lengthMm > LONGEST_HDMI_MM) {
      return Math.min(gbitPerSecond, Carrier.HDMI_1_4.gbitPerSecond());
    }
    return display && lengthMm > LONGEST_DISPLAY_PORT_MM
        ? Math.min(gbitPerSecond, Carrier.DISPLAY_PORT_1_2.gbitPerSecond())
        : gbitPerSecond;
  }

  /** Whether a lead has an adapter in one of its plugs: its two ends speak differently. */
  public boolean converts() {
    return kind == LinkKind.LEAD && speech(in) != speech(out);
  }

  /** Plugs of one number carry the same signals. */
  private static int speech(Plug plug) {
    return switch (plug) {
      case HDMI, MINI_HDMI -> 1;
      case DISPLAY_PORT -> 2;
      case TYPE_C -> 3;
      case EMBEDDED -> 4;
      default -> 5;
    };
  }

  /** The data it passes on at its length: USB 3 to 3 m, USB 2 to 5 m. */
  public int data() {
    if (kind == LinkKind.LEAD && lengthMm > LONGEST_USB_2_MM) {
      return 0;
    }
    return kind == LinkKind.LEAD && lengthMm > LONGEST_USB_3_MM ? Math.min(usb, 2) : usb;
  }

  /** Amperes at 5 V for all its sockets together; it may still get less from before it. */
  public double ampsForAll() {
    return ownAmps > 0
        ? ownAmps
        : kind == LinkKind.HUB ? (usb == 3 ? BUS_AMPS_3 : BUS_AMPS_2) : Double.MAX_VALUE;
  }

  /** Whether each of its sockets has the current of a port of its own. */
  boolean portEach() {
    return kind == LinkKind.BREAKOUT;
  }

  /** Whether it has a supply of its own. */
  boolean fed() {
    return ownAmps > 0;
  }
}
