package emberyard.core.light.wire;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Body;
import emberyard.core.build.Build;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Display;
import emberyard.core.build.FixedWay;
import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Rail;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.build.Seat;
import emberyard.core.build.Turn;
import emberyard.core.build.WiringBuilder;
import emberyard.core.light.port.ChangeKind;
import emberyard.core.workshop.HardwareProduct;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What would have everything lit: tried with the build before it is offered. */
class WiringChangesTest extends Bench {
  @BeforeEach
  void oneScreenTooMany() {
    components.add(card(1, 1, 1));
    components.add(board());
    components.add(processor(false));
    screens.add(screen("a", Screen.Input.HDMI));
    screens.add(screen("b", Screen.Input.HDMI));
  }

  private Optional<WiringModel.WiringChange> change(ChangeKind kind) {
    return wiring().model().changes().stream()
        .filter(each -> each.kinds().equals(List.of(kind)))
        .findFirst();
  }

  /** Each, made with the build, lights everything and costs what it said. */
  private void holds() {
    WiringWork before = wiring();
    for (WiringModel.WiringChange each : before.model().changes()) {
      Build then = before.changed(each.words()).orElseThrow();
      Wired wired = Wired.of(then, book());
      assertTrue(wired.answer().possible(), each.words());
    }
  }

  private static HardwareProduct card(String id, long priceMinor, int atOnce) {
    return new HardwareProduct(
        id,
        id,
        ComponentKind.GRAPHICS,
        priceMinor,
        "quay",
        1,
        0,
        0,
        2,
        1,
        0,
        0,
        null,
        null,
        "",
        null,
        null,
        null,
        WiringBuilder.builder().litAtOnce(atOnce).build(),
        null,
        null);
  }

  private static HardwareProduct usbScreen(double widthMm) {
    return new HardwareProduct(
        "usb-screen",
        "USB screen",
        ComponentKind.SCREEN,
        11_000,
        "quay",
        0.2,
        4,
        0,
        0,
        0,
        0,
        0,
        null,
        null,
        "",
        Body.box(widthMm, 9, 68, List.of(Seat.FREE), List.of(Turn.UPRIGHT)),
        null,
        null,
        new Display(1_920, 480, Screen.Input.DATA, Rail.V5, ScreenFeed.USUAL.withOwnProgram(true)));
  }

  @Test
  void whereNothingHelpsOneIsLeftOut() {
    WiringModel model = wiring().model();
    assertEquals(1, model.shownLit());
    assertEquals(
        List.of(List.of(ChangeKind.LEFT_OUT)),
        model.changes().stream().map(WiringModel.WiringChange::kinds).toList());
    assertTrue(model.changes().get(0).costMinor() < 0);
    holds();
  }

  @Test
  void aProcessorWithGraphicsWakesTheBoard() {
    library.add(
        product("graphics", ComponentKind.PROCESSOR, 12_000, electric(true, List.of()), null));
    library.add(product("weaker", ComponentKind.PROCESSOR, 6_000, electric(true, List.of()), null));
    WiringModel.WiringChange processor = change(ChangeKind.PROCESSOR).orElseThrow();
    assertEquals("Take graphics instead of Chip", processor.words());
    assertEquals(2_000 + 600, processor.costMinor(), "the difference and a lead");
    assertEquals("look up whether the board takes it", processor.risk());
    holds();
  }

  @Test
  void aCardWithMoreIsOfferedOnlyWhereItGoesIn() {
    library.add(card("large", 30_000, 3));
    library.add(card("cheap", 15_000, 3));
    library.add(card("same", 21_000, 1));
    assertEquals("Take large instead of Card", change(ChangeKind.CARD).orElseThrow().words());
    holds();
    goesIn = all -> all.stream().noneMatch(each -> each.productId().equals("large"));
    screens.add(screen("c", Screen.Input.HDMI));
    assertTrue(change(ChangeKind.CARD).isEmpty());
  }

  @Test
  void anotherScreenSitsWhereTheFirstOneSat() {
    components.set(
        1, board(emberyard.core.build.Port.of(emberyard.core.build.PortKind.REAR_USB, 1)));
    library.add(usbScreen(262));
    WiringModel.WiringChange other = change(ChangeKind.SCREEN).orElseThrow();
    assertTrue(other.words().startsWith("Take USB screen for Screen"), other.words());
    assertEquals("a program of its own has to run", other.risk());
    assertEquals(11_000 - 11_900 + 300, other.costMinor());
    holds();
    library.set(library.size() - 1, usbScreen(300));
    assertTrue(change(ChangeKind.SCREEN).isEmpty(), "too wide for its place");
  }

  @Test
  void twoShowOnePictureThroughASplitter() {
    assertTrue(change(ChangeKind.MIRRORED).isEmpty(), "nobody sells one");
    library.add(
        product(
            "splitter",
            ComponentKind.SPLITTER,
            1_400,
            null,
            WiringBuilder.builder()
                .link(LinkKind.SPLITTER)
                .plugIn(Plug.HDMI)
                .plugOut(Plug.HDMI)
                .sockets(2)
                .linkGbit(8.16)
                .build()));
    WiringModel.WiringChange mirrored = change(ChangeKind.MIRRORED).orElseThrow();
    assertEquals(1_400 + 600, mirrored.costMinor());
    holds();
  }

  @Test
  void anAdapterThatDrawsIsAddedToTheHardware() {
    components.set(
        1, board(emberyard.core.build.Port.of(emberyard.core.build.PortKind.REAR_USB, 1)));
    library.add(
        product(
            "draws",
            ComponentKind.ADAPTER,
            4_400,
            null,
            WiringBuilder.builder()
                .link(LinkKind.ADAPTER)
                .plugIn(Plug.USB_A)
                .plugOut(Plug.HDMI)
                .linkGbit(4.0)
                .linkUsb(3)
                .drawsPicture(true)
                .build()));
    WiringModel.WiringChange adapter = change(ChangeKind.ADAPTER).orElseThrow();
    assertEquals(4_400 + 600, adapter.costMinor());
    Build then = wiring().changed(adapter.words()).orElseThrow();
    assertEquals(components.size() + 1, then.components().size());
    holds();
  }

  @Test
  void aWayThatWasFixedIsLetGo() {
    components.set(0, card(1, 1, 2));
    assertTrue(wiring().wired().answer().possible());
    fixed.add(new FixedWay("w", "By hand", "a", "board/hdmi-1", null));
    WiringModel.WiringChange release = change(ChangeKind.RELEASE).orElseThrow();
    assertEquals("Let the way to Screen a go that was fixed", release.words());
    assertTrue(wiring().changed(release.words()).orElseThrow().fixedWays().isEmpty());
    holds();
  }

  @Test
  void whatIsOfferedNoMoreIsNotMade() {
    assertTrue(wiring().changed("Paint it green").isEmpty());
    String leave = wiring().model().changes().get(0).words();
    screens.remove(1);
    assertTrue(wiring().changed(leave).isEmpty());
    assertTrue(wiring().model().changes().isEmpty());
    assertFalse(found("wire:a/dark").isPresent());
  }
}
