package emberyard.core.build;

import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How a component joins others: what it passes on where it is a link, what its sockets give where
 * it gives pictures, and what it refuses to hang behind. All of it may be left out; the data sheet
 * comes before the usual figures.
 *
 * @param link what it does between a socket and what is fed from it, null for nothing
 * @param plugIn what goes into the socket before it
 * @param plugOut the plug at a lead's other end, or the sockets that it offers
 * @param sockets how many of them, 1 to 16
 * @param linkGbit Gbit/s of picture that it passes on, 0 to 100; null for none
 * @param linkUsb data that it passes on, 2 or 3; null for none
 * @param leadMm of its lead, 0 to 30,000 mm
 * @param plugMm how far its plug stands out at what is fed, 0 to 200 mm; null for the usual 35
 * @param ownAmps what its own supply gives to its sockets at 5 V, 0 to 20 A; null without one
 * @param drawsAmps what it takes itself, 0 to 5 A
 * @param drawsPicture whether it makes its picture itself of data, with a program
 * @param litAtOnce pictures that it gives at once, 0 to 64; null for the usual 4 of a card and 3 of
 *     a board
 * @param hdmiGbit Gbit/s of each HDMI output, null for the usual 14.4
 * @param displayPortGbit Gbit/s of each DisplayPort output, null for the usual 25.92
 * @param typeCGbit Gbit/s of each type-C output, null for the usual 17.28
 * @param usbPlug the plug of its own USB lead, null for the usual of what it asks for
 * @param refuses what must not lie before it
 * @param folds right angles that a flat lead such as a riser may be bent by, 0 to 8; null where
 *     nobody said
 * @param brings the picture output that it brings to a panel for a screen of the client's: HDMI,
 *     mini HDMI, DisplayPort or type-C; null for none. Each takes one of the machine's own
 */
@RecordBuilder
public record Wiring(
    @Nullable LinkKind link,
    @Nullable Plug plugIn,
    @Nullable Plug plugOut,
    Integer sockets,
    @Nullable Double linkGbit,
    @Nullable Integer linkUsb,
    Double leadMm,
    @Nullable Double plugMm,
    @Nullable Double ownAmps,
    Double drawsAmps,
    Boolean drawsPicture,
    @Nullable Integer litAtOnce,
    @Nullable Double hdmiGbit,
    @Nullable Double displayPortGbit,
    @Nullable Double typeCGbit,
    @Nullable Plug usbPlug,
    List<Refusal> refuses,
    @Nullable Integer folds,
    @Nullable Plug brings)
    implements WiringBuilder.With {
  private static final String GBIT = "Gbit/s";

  private static final Set<Plug> BROUGHT =
      EnumSet.of(Plug.HDMI, Plug.MINI_HDMI, Plug.DISPLAY_PORT, Plug.TYPE_C);

  public Wiring {
    Require.that(
        link == null || plugIn != null && plugOut != null,
        plugIn == null ? "plugIn" : "plugOut",
        "A link has a plug and what it leads to.");
    sockets = sockets == null ? 1 : sockets;
    leadMm = leadMm == null ? 0 : leadMm;
    drawsAmps = drawsAmps == null ? 0 : drawsAmps;
    drawsPicture = drawsPicture != null && drawsPicture;
    Require.between("sockets", sockets, 1, 16, "sockets");
    Require.that(link != LinkKind.LEAD || sockets == 1, "sockets", "A lead has one other end.");
    gbit("linkGbit", linkGbit);
    Require.that(
        linkUsb == null || linkUsb == 2 || linkUsb == 3, "linkUsb", "The data is USB 2 or USB 3.");
    Require.between("leadMm", leadMm, 0, 30_000, "mm");
    if (plugMm != null) {
      Require.between("plugMm", plugMm, 0, 200, "mm");
    }
    if (ownAmps != null) {
      Require.between("ownAmps", ownAmps, 0, 20, "A");
    }
    Require.between("drawsAmps", drawsAmps, 0, 5, "A");
    if (litAtOnce != null) {
      Require.between("litAtOnce", litAtOnce, 0, 64, "pictures");
    }
    gbit("hdmiGbit", hdmiGbit);
    gbit("displayPortGbit", displayPortGbit);
    gbit("typeCGbit", typeCGbit);
    refuses = Require.list(refuses);
    if (folds != null) {
      Require.between("folds", folds, 0, 8, "folds");
    }
    Require.that(
        brings == null || BROUGHT.contains(brings), "brings", "A panel brings a picture output.");
  }

  private static void gbit(String field, @Nullable Double value) {
    if (value != null) {
      Require.between(field, value, 0, 100, GBIT);
    }
  }
}
