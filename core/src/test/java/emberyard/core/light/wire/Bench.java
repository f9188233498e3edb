package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Display;
import emberyard.core.build.Electric;
import emberyard.core.build.FixedWay;
import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Rail;
import emberyard.core.build.Refusal;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.build.Wiring;
import emberyard.core.build.WiringBuilder;
import emberyard.core.finding.Finding;
import emberyard.core.light.port.PortAnswer.WireFeed;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** A build on a bench with a small library: a card, a board, what lies between, screens. */
abstract class Bench {
  final List<Component> components = new ArrayList<>();
  final List<Screen> screens = new ArrayList<>();
  final List<FixedWay> fixed = new ArrayList<>();
  final List<HardwareProduct> library = new ArrayList<>();
  Predicate<List<Component>> goesIn = all -> true;

  Bench() {
    link("lead-hdmi", LinkKind.LEAD, Plug.HDMI, Plug.HDMI, 500, 600, 14.4, null);
    link("lead-usb", LinkKind.LEAD, Plug.USB_A, Plug.USB_B, 500, 300, null, 2);
    link("adapter", LinkKind.ADAPTER, Plug.DISPLAY_PORT, Plug.HDMI, 0, 900, 7.2, null);
  }

  static HardwareProduct product(
      String id, ComponentKind kind, long priceMinor, Electric electric, Wiring wiring) {
    return new HardwareProduct(
        id,
        id,
        kind,
        priceMinor,
        "quay",
        0.1,
        0,
        0,
        0,
        0,
        0,
        0,
        null,
        null,
        "",
        null,
        electric,
        null,
        wiring,
        null,
        null);
  }

  void link(
      String id,
      LinkKind kind,
      Plug in,
      Plug out,
      double leadMm,
      long priceMinor,
      Double gbit,
      Integer usb) {
    Wiring wiring =
        WiringBuilder.builder()
            .link(kind)
            .plugIn(in)
            .plugOut(out)
            .leadMm(leadMm)
            .linkGbit(gbit)
            .linkUsb(usb)
            .build();
    ComponentKind sort = ComponentKind.valueOf(kind.name());
    library.add(product(id, sort, priceMinor, null, wiring));
  }

  static Electric electric(boolean graphics, List<Port> asks, Port... offers) {
    return new Electric(null, null, asks, List.of(offers), List.of(), graphics, null);
  }

  static Component card(int hdmi, int displayPort, int atOnce) {
    return Component.one("card", "Card", ComponentKind.GRAPHICS)
        .hdmiOutputs(hdmi)
        .displayPortOutputs(displayPort)
        .priceMinor(20_000)
        .wiring(WiringBuilder.builder().litAtOnce(atOnce).build())
        .build();
  }

  static Component board(Port... offers) {
    return Component.one("board", "Board", ComponentKind.BOARD)
        .hdmiOutputs(1)
        .electric(electric(false, List.of(), offers))
        .build();
  }

  static Component processor(boolean graphics) {
    return Component.one("processor", "Chip", ComponentKind.PROCESSOR)
        .priceMinor(10_000)
        .electric(electric(graphics, List.of()))
        .build();
  }

  static Component device(String id, Refusal... refuses) {
    return Component.one(id, "Device " + id, ComponentKind.CONTROLLER)
        .electric(electric(false, List.of(Port.of(PortKind.USB2_HEADER, 1))))
        .wiring(WiringBuilder.builder().refuses(List.of(refuses)).build())
        .build();
  }

  static Screen screen(String id, Screen.Input input) {
    return Screen.one(id, "Screen " + id, 260, 70)
        .pixelsHigh(480)
        .input(input)
        .watts(8)
        .priceMinor(11_900)
        .supplierId("quay")
        .build();
  }

  static ScreenFeed feed(ScreenFeed.PowerFrom from) {
    return ScreenFeed.USUAL.withPowerFrom(from);
  }

  static Display display(Screen.Input input, ScreenFeed feed) {
    return new Display(240, 240, input, Rail.V5, feed);
  }

  Build build() {
    return Samples.build()
        .with(Component.class, components)
        .with(Screen.class, screens)
        .with(FixedWay.class, fixed);
  }

  WorkshopBook book() {
    return Samples.book().with(HardwareProduct.class, library);
  }

  WiringWork wiring() {
    return WiringWork.of(build(), book(), goesIn);
  }

  Work work() {
    return wiring().derive(List.of("make/dry-fit"));
  }

  Optional<Finding> found(String key) {
    return work().findings().stream().filter(f -> f.key().equals(key)).findFirst();
  }

  Optional<Need> need(String key) {
    return work().needs().stream().filter(n -> n.key().equals(key)).findFirst();
  }

  Optional<Task> task(String key) {
    return work().tasks().stream().filter(t -> t.key().equals(key)).findFirst();
  }

  Optional<WireFeed> feed(String sinkId) {
    return wiring().wired().answer().feed(sinkId);
  }
}
