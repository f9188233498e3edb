package emberyard.core.light.wire;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.FixedWay;
import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Rail;
import emberyard.core.build.Refusal;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.build.ScreenFeed.PowerFrom;
import emberyard.core.build.ScreenFeed.Quirk;
import emberyard.core.build.WiringBuilder;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.light.port.Sink;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledIfSystemProperty;

/** What a build asks of its wiring, and what follows from it. */
class WiringWorkTest extends Bench {
  private Sink sink(String id) {
    return wiring().wired().sink(id).orElseThrow();
  }

  @Test
  void aLeadIsBoughtForTheScreenThatItFeeds() {
    components.add(card(1, 0, 2));
    screens.add(screen("a", Screen.Input.HDMI));
    Need lead = need("link:lead-hdmi").orElseThrow();
    assertEquals(1, lead.quantity());
    assertEquals(600, lead.unitPriceMinor());
    assertEquals("quay", lead.supplierId());
    assertEquals(List.of("screen:a/fit"), lead.neededBy());
    assertTrue(task("wire:a/starts").isEmpty(), "a lead straight from socket to socket");
    assertTrue(task("wire:a/plug").isEmpty(), "a screen is plugged in when it is fitted");
  }

  /** One output for the built-in screen and none left for the panel: a second card output is. */
  @Test
  void anOutputOnAPanelTakesOne() {
    components.add(card(1, 0, 2));
    components.add(
        Component.one("panel", "Rear panel", ComponentKind.OTHER)
            .wiring(
                WiringBuilder.builder().brings(Plug.HDMI).leadMm(400.0).refuses(List.of()).build())
            .build());
    Sink output = sink("panel/panel");
    assertEquals(3.2, output.gbitPerSecond(), 0.01);
    assertEquals(List.of(), wiring().wired().answer().dark());
    screens.add(screen("a", Screen.Input.HDMI));
    assertEquals(1, wiring().wired().answer().dark().size());
    components.set(0, card(2, 0, 2));
    assertEquals(List.of(), wiring().wired().answer().dark());
  }

  @Test
  void whatNobodyHasTriedIsProvenBeforeItIsMounted() {
    components.add(card(0, 1, 2));
    screens.add(screen("a", Screen.Input.HDMI));
    Task proof = task("wire:a/starts").orElseThrow();
    assertTrue(proof.gate());
    assertEquals(30, proof.handsOnMinutes());
    assertEquals("Prove on the bench: Screen a behind adapter, 10 cold starts", proof.title());
    assertTrue(need("link:adapter").orElseThrow().neededBy().contains("wire:a/starts"));
    assertEquals(Severity.NOTE, found("wire:a/starts").orElseThrow().severity());
    assertEquals("wire:a/starts", wiring().proofOf("a").orElseThrow());
  }

  /** A screen that wakes only at the second start is proven, however it is fed. */
  @Test
  void aQuirkIsProvenOnTheBench() {
    components.add(card(1, 0, 2));
    screens.add(
        screen("a", Screen.Input.HDMI)
            .withFeed(ScreenFeed.USUAL.withQuirks(List.of(Quirk.SECOND_START))));
    assertEquals(10, wiring().model().coldStarts().get(0).starts());
    screens.set(0, screens.get(0).withFeed(ScreenFeed.USUAL.withQuirks(List.of(Quirk.STILL_ONLY))));
    assertTrue(wiring().model().coldStarts().isEmpty());
  }

  /** Behind a hub three starts do: it only has to be there. */
  @Test
  void devicesBehindAHubTakeThreeStarts() {
    components.add(board(Port.of(PortKind.USB2_HEADER, 1)));
    components.add(device("a"));
    components.add(device("b"));
    library.add(
        product(
            "hub",
            ComponentKind.HUB,
            2_400,
            null,
            WiringBuilder.builder()
                .link(LinkKind.HUB)
                .plugIn(Plug.USB_2_HEADER)
                .plugOut(Plug.USB_2_SINGLE)
                .sockets(3)
                .linkUsb(2)
                .ownAmps(2.0)
                .build()));
    assertEquals(
        List.of(3, 3), wiring().model().coldStarts().stream().map(ColdStart::starts).toList());
    Task plug = task("wire:a/plug").orElseThrow();
    assertEquals("Plug Device a in: USB 2 header", plug.title());
    assertTrue(plug.after().containsAll(List.of("wire:a/starts", "make/dry-fit")));
    assertEquals(1, need("link:hub").orElseThrow().quantity(), "one hub for both");
    components.set(1, device("a", Refusal.HUB));
    assertEquals(1, wiring().wired().answer().dark().size());
  }

  /** A hub that was only counted in plugs is read off them, and is nothing to be fed itself. */
  @Test
  void aHubThatWasOnlyCountedInPlugsIsALink() {
    components.add(board(Port.of(PortKind.USB2_HEADER, 1)));
    components.add(
        Component.one("h", "Hub", ComponentKind.HUB)
            .electric(
                electric(
                    false,
                    List.of(Port.of(PortKind.USB2_HEADER, 1), Port.of(PortKind.SATA_POWER, 1)),
                    Port.of(PortKind.USB2_HEADER, 3)))
            .build());
    assertEquals("Nothing hangs on Hub", found("wire:h/unused").orElseThrow().title());
    components.add(device("a"));
    components.add(device("b"));
    assertTrue(wiring().wired().answer().possible());
    assertEquals(0, wiring().model().moneyMinor(), "it is there");
    assertEquals("own supply 2.5 A", wiring().model().between().get(0).note());
    assertTrue(found("wire:h/unused").isEmpty());
    assertTrue(work().needs().isEmpty());
  }

  @Test
  void whatAScreenTakesBecomesWhatIsFed() {
    screens.add(screen("data", Screen.Input.DATA).withFeed(feed(PowerFrom.INPUT)));
    screens.add(
        screen("touch", Screen.Input.HDMI)
            .withFeed(feed(PowerFrom.USB).withTouch(true))
            .withLeadMm(900.0));
    Sink data = sink("data");
    assertEquals(Sink.Want.PICTURE_AS_DATA, data.want());
    assertEquals(Plug.USB_B, data.plug());
    assertEquals(1.6, data.amps(), "8 W at 5 V");
    assertEquals(18.4, data.megabytesPerSecond(), 0.05, "two bytes a pixel, ten times a second");
    assertEquals(900, sink("touch").reachMm());
    assertEquals(Sink.Want.DATA, sink("touch/touch").want());
    assertEquals(Sink.Want.CURRENT, sink("touch/power").want());
    assertEquals(1.6, sink("touch/power").amps());
    assertEquals(0, sink("touch").amps());
  }

  @Test
  void aScreenInAComponentIsFedThroughItsUsbPlug() {
    components.add(board(Port.of(PortKind.USB2_HEADER, 1)));
    components.add(
        Component.one("fan", "Fan", ComponentKind.FAN)
            .electric(electric(false, List.of(new Port(PortKind.USB2_HEADER, 1, null, 0.25))))
            .display(display(Screen.Input.DATA, feed(PowerFrom.INPUT)))
            .build());
    assertEquals(Sink.Want.PICTURE_AS_DATA, sink("fan").want());
    assertEquals(1, wiring().wired().problem().sinks().size(), "its plug is its picture’s");
    assertEquals(1, wiring().model().shownLit());
  }

  @Test
  void aChargerWantsNothingButCurrent() {
    components.add(board(Port.of(PortKind.REAR_USB, 1)));
    components.add(
        Component.one("pad", "Pad", ComponentKind.CHARGER)
            .electric(electric(false, List.of(new Port(PortKind.REAR_USB, 1, null, 0.9))))
            .build());
    assertEquals(Sink.Want.CURRENT, sink("pad").want());
    assertTrue(feed("pad").isPresent());
    components.set(
        1,
        components
            .get(1)
            .withElectric(electric(false, List.of(new Port(PortKind.REAR_USB, 1, null, 1.5)))));
    Finding none = found("wire:pad/dark").orElseThrow();
    assertEquals(Severity.RISK, none.severity());
    assertEquals("Pad has no port", none.title());
    assertTrue(none.detail().contains("gives less than the 1.5 A"), none.detail());
  }

  @Test
  void twoPiecesOfAThingAreTwoThingsToFeed() {
    components.add(board(Port.of(PortKind.USB2_HEADER, 2)));
    components.add(device("a").withQuantity(2));
    assertEquals(
        Set.of("a", "a~2"),
        Set.copyOf(wiring().wired().answer().feeds().stream().map(f -> f.sinkId()).toList()));
    assertEquals("Device a 2", sink("a~2").name());
  }

  @Test
  void screensThatMayShowTheSameAreOneGroup() {
    screens.add(screen("a", Screen.Input.HDMI).withSameAs("b"));
    screens.add(screen("b", Screen.Input.HDMI));
    screens.add(screen("c", Screen.Input.HDMI).withSameAs("a"));
    screens.add(screen("d", Screen.Input.HDMI).withSameAs("nobody"));
    assertEquals(
        List.of("a", "a", "a", ""),
        screens.stream().map(each -> sink(each.id()).mirror()).toList());
  }

  @Test
  void beforeThereIsAnythingToPlugIntoNothingIsDark() {
    screens.add(screen("a", Screen.Input.HDMI));
    screens.add(screen("b", Screen.Input.HDMI));
    Finding none = found("wire/nothing-gives").orElseThrow();
    assertEquals("2 things have no card or board to be fed from yet", none.title());
    assertEquals(Severity.NOTE, none.severity());
    assertTrue(found("wire:a/dark").isEmpty());
  }

  @Test
  void aPlugThatWouldHitIsSaid() {
    components.add(card(1, 0, 2));
    screens.add(screen("a", Screen.Input.HDMI).withPlugFreeMm(22.0));
    assertTrue(found("wire:a/dark").orElseThrow().detail().contains("goes into 22.0 mm"));
    library.add(
        product(
            "angled",
            ComponentKind.LEAD,
            1_200,
            null,
            WiringBuilder.builder()
                .link(LinkKind.LEAD)
                .plugIn(Plug.HDMI)
                .plugOut(Plug.HDMI)
                .linkGbit(14.4)
                .leadMm(500.0)
                .plugMm(14.0)
                .build()));
    assertEquals(
        "A straight plug of Screen a would hit: angled is taken",
        found("wire:a/plug").orElseThrow().title());
    screens.set(0, screens.get(0).withPlugFreeMm(60.0));
    assertTrue(found("wire:a/plug").isEmpty());
  }

  @Test
  void aWayThatLeadsNowhereIsSaidAndNotObeyed() {
    components.add(card(1, 0, 2));
    screens.add(screen("a", Screen.Input.HDMI));
    fixed.add(new FixedWay("w", "By hand", "a", "old-card/hdmi-1", null));
    assertTrue(feed("a").isPresent());
    Finding nowhere = found("wire:w/nowhere").orElseThrow();
    assertEquals("Its socket is gone.", nowhere.detail());
    assertEquals("fixed-ways", nowhere.remedies().get(0).change().kind());
    fixed.set(0, new FixedWay("w", "By hand", "gone", "card/hdmi-1", List.of()));
    assertEquals("What it fed is gone.", found("wire:w/nowhere").orElseThrow().detail());
  }

  @Test
  void whatIsFixedByHandIsDrawnSo() {
    components.add(card(1, 1, 2));
    screens.add(screen("a", Screen.Input.HDMI));
    fixed.add(new FixedWay("w", "By hand", "a", "card/display_port-1", null));
    assertEquals("card/display_port-1", feed("a").orElseThrow().sourceId());
    assertTrue(wiring().model().takers().get(0).fixed());
    Joins joins = wiring().joins("a").orElseThrow();
    assertEquals(2, joins.joins().size());
    Joins.Join hdmi =
        joins.joins().stream().filter(j -> j.sourceId().endsWith("hdmi-1")).findFirst().get();
    assertTrue(hdmi.may());
    assertEquals(-900, hdmi.costMinor(), "without the adapter");
    assertEquals(1, wiring().joins("card/hdmi-1").orElseThrow().joins().size());
    assertTrue(wiring().joins("nothing").isEmpty());
  }

  @Test
  @DisabledIfSystemProperty(named = "ember.forget", matches = "true")
  void theSameQuestionIsAnsweredOnce() {
    components.add(card(1, 0, 2));
    screens.add(screen("a", Screen.Input.HDMI));
    assertSame(wiring(), wiring());
    assertSame(wiring().model(), wiring().model());
    WiringWork before = wiring();
    screens.set(0, screens.get(0).withName("Another"));
    assertFalse(before == wiring());
  }

  /** Never two 5 V sources joined. */
  @Test
  void twoSourcesOfFiveVoltsAreNotJoined() {
    screens.add(screen("board", Screen.Input.HDMI));
    ScreenFeed lead = feed(ScreenFeed.PowerFrom.SUPPLY_LEAD);
    assertFalse(fedTwice(Screen.Input.HDMI, lead));
    assertTrue(fedTwice(Screen.Input.HDMI, lead.withTouch(true)));
    assertTrue(fedTwice(Screen.Input.TYPE_C, lead));
    assertTrue(fedTwice(Screen.Input.DATA, lead));
    assertTrue(fedTwice(Screen.Input.HDMI, ScreenFeed.USUAL.withTouch(true)), "as its rail says");
    assertFalse(fedTwice(Screen.Input.HDMI, feed(ScreenFeed.PowerFrom.USB).withTouch(true)));
    assertFalse(fedTwice(Screen.Input.TYPE_C, feed(ScreenFeed.PowerFrom.INPUT)));
    screens.set(0, screens.get(0).withRail(Rail.V12));
    assertFalse(fedTwice(Screen.Input.TYPE_C, lead), "12 V are none of the board’s");
  }

  private boolean fedTwice(Screen.Input input, ScreenFeed feed) {
    screens.set(0, screens.get(0).withInput(input).withFeed(feed));
    return found("wire:board/two-feeds").isPresent();
  }
}
