package emberyard.core.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How things join others, as it is typed: what is left out is the usual, what can’t be is said. */
class WiringTest {
  private static String refused(Runnable made) {
    return assertThrows(InvalidValue.class, made::run).field();
  }

  @Test
  void whatIsLeftOutIsTheUsual() {
    Wiring nothing = WiringBuilder.builder().build();
    assertEquals(1, nothing.sockets());
    assertEquals(0, nothing.leadMm());
    assertEquals(List.of(), nothing.refuses());
    assertFalse(nothing.drawsPicture());
    ScreenFeed feed = ScreenFeedBuilder.builder().build();
    assertEquals(ScreenFeed.USUAL, feed);
    assertFalse(feed.touch());
    assertEquals(0, feed.standbyWatts());
  }

  @Test
  void aLinkHasTwoEnds() {
    WiringBuilder lead = WiringBuilder.builder().link(LinkKind.LEAD).plugIn(Plug.HDMI);
    assertEquals("plugOut", refused(lead::build));
    lead.plugOut(Plug.HDMI).sockets(2);
    assertEquals("sockets", refused(lead::build));
    assertEquals("linkUsb", refused(() -> lead.sockets(1).linkUsb(4).build()));
    assertEquals("plugMm", refused(() -> lead.linkUsb(2).plugMm(201.0).build()));
    assertEquals("linkGbit", refused(() -> lead.plugMm(14.0).linkGbit(101.0).build()));
  }

  @Test
  void ninePinsCoverAHeaderAndFiveLeaveAPort() {
    assertTrue(Plug.USB_2_HEADER.fits(Plug.USB_2_HEADER));
    assertFalse(Plug.USB_2_HALF.fits(Plug.USB_2_HEADER));
    assertTrue(Plug.USB_2_HEADER.fits(Plug.USB_2_SINGLE));
    assertTrue(Plug.USB_2_HALF.fits(Plug.USB_2_SINGLE));
    assertFalse(Plug.USB_2_SINGLE.fits(Plug.USB_2_HEADER));
    assertFalse(Plug.USB_A.fits(Plug.USB_B));
  }

  @Test
  void aWayHasAtMostTwoLinksAndAProgramAShare() {
    assertEquals("via", refused(() -> new FixedWay("w", "W", "s", "p", List.of("a", "b", "c"))));
    assertEquals(
        "processorPercent",
        refused(() -> new Program("p", "P", 101, 0, 0, true, false, "", List.of(), "")));
  }
}
