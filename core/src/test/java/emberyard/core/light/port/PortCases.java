package emberyard.core.light.port;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Sockets, links and sinks to try things with. */
final class PortCases {
  private PortCases() {}

  static Source output(String id, String device, Plug plug, double gbit, int atOnce) {
    boolean typeC = plug == Plug.TYPE_C;
    return new Source(
        id, id, device, plug, gbit, typeC ? 3 : 0, typeC ? 3 : 0, atOnce, 0, "", null);
  }

  static Source port(String id, String device, Plug plug, int usb, double amps) {
    return new Source(id, id, device, plug, 0, usb, amps, 0, 0, "", null);
  }

  static Link lead(String id, Plug in, Plug out, double lengthMm, long price) {
    boolean usb = in.name().startsWith("USB") || in == Plug.TYPE_C;
    boolean picture = !in.name().startsWith("USB");
    return new Link(
        id,
        id,
        Link.Kind.LEAD,
        in,
        out,
        1,
        picture ? 25.92 : 0,
        usb ? 3 : 0,
        lengthMm,
        0,
        0,
        false,
        price,
        0,
        true);
  }

  static Link picture(
      String id, Link.Kind kind, Plug in, Plug out, int outs, double gbit, long price) {
    return new Link(id, id, kind, in, out, outs, gbit, 0, 0, 0, 0, false, price, 0, true);
  }

  static Link hub(String id, Plug in, int outs, int usb, double ownAmps, long price) {
    return new Link(
        id,
        id,
        Link.Kind.HUB,
        in,
        Plug.USB_A,
        outs,
        0,
        usb,
        300,
        ownAmps,
        0.05,
        false,
        price,
        0,
        true);
  }

  static Sink screen(String id, Plug plug, double reachMm, double gbit) {
    return new Sink(
        id, id, Sink.Want.PICTURE, plug, false, reachMm, gbit, 0, 0, 0, Set.of(), "", 0);
  }

  static Sink device(String id, Plug plug, int usb, double amps) {
    return new Sink(id, id, Sink.Want.DATA, plug, true, 300, 0, 0, usb, amps, Set.of(), "", 0);
  }

  /** A small problem of everything there is. */
  static PortProblem random(Random random) {
    List<Source> sources = new ArrayList<>();
    List<Source> pool =
        List.of(
            output("card/hdmi", "card", Plug.HDMI, 14.4, 2 + random.nextInt(2)),
            output("card/dp1", "card", Plug.DISPLAY_PORT, 25.92, 3),
            output("card/dp2", "card", Plug.DISPLAY_PORT, 25.92, 3),
            output("board/hdmi", "board", Plug.HDMI, 8.16, 2),
            output("board/c", "board", Plug.TYPE_C, 17.28, 2),
            port("board/usb2", "board", Plug.USB_2_HEADER, 2, 0.5),
            port("board/usb3", "board", Plug.USB_3_HEADER, 3, 0.9),
            port("board/rear", "board", Plug.USB_A, 3, 0.9));
    for (Source source : pool) {
      if (random.nextInt(20) < 11) {
        sources.add(
            source
                .with()
                .extraMm(random.nextInt(3) == 0 ? 400 : 0)
                .lacking(random.nextInt(12) == 0 ? "graphics" : "")
                .build());
      }
    }
    List<Sink> sinks = sinks(random);
    List<Link> links = links(random);
    List<FixedLink> fixed = new ArrayList<>();
    if (random.nextInt(6) == 0 && !sources.isEmpty()) {
      Source to = sources.get(random.nextInt(sources.size()));
      List<String> via =
          random.nextBoolean() ? List.of() : List.of(links.get(random.nextInt(links.size())).id());
      fixed.add(new FixedLink(sinks.get(0).id(), to.id(), via));
    }
    return new PortProblem(sources, links, sinks, fixed);
  }

  private static List<Sink> sinks(Random random) {
    List<Sink> sinks = new ArrayList<>();
    int count = 3 + random.nextInt(2);
    for (int i = 0; i < count; i++) {
      sinks.add(sink("s" + i, random));
    }
    return sinks;
  }

  private static Sink sink(String id, Random random) {
    double reachMm = 200 + 100 * random.nextInt(6);
    Set<Sink.Refusal> refuses =
        random.nextInt(4) == 0 ? Set.of(Sink.Refusal.values()[random.nextInt(4)]) : Set.of();
    double[] rates = {1.5, 3.2, 7.3, 12.5};
    String mirror = random.nextInt(3) == 0 ? "both" : "";
    switch (random.nextInt(7)) {
      case 0, 1:
        return new Sink(
            id,
            id,
            Sink.Want.PICTURE,
            Plug.HDMI,
            false,
            reachMm,
            rates[random.nextInt(4)],
            0,
            0,
            0,
            refuses,
            mirror,
            0);
      case 2:
        return new Sink(
            id,
            id,
            Sink.Want.PICTURE,
            Plug.DISPLAY_PORT,
            false,
            reachMm,
            rates[random.nextInt(4)],
            0,
            0,
            0,
            refuses,
            mirror,
            random.nextBoolean() ? 0 : 17.28);
      case 3:
        return new Sink(
            id,
            id,
            Sink.Want.PICTURE,
            Plug.TYPE_C,
            false,
            reachMm,
            rates[random.nextInt(3)],
            0,
            0,
            random.nextBoolean() ? 0 : 1.2,
            refuses,
            "",
            0);
      case 4:
        return new Sink(
            id,
            id,
            Sink.Want.PICTURE_AS_DATA,
            Plug.USB_A,
            true,
            reachMm,
            0,
            random.nextBoolean() ? 12 : 25,
            2,
            0.3,
            refuses,
            "",
            0);
      case 5:
        return new Sink(
            id,
            id,
            Sink.Want.CURRENT,
            Plug.USB_A,
            true,
            reachMm,
            0,
            0,
            0,
            0.3 + 0.3 * random.nextInt(4),
            refuses,
            "",
            0);
      default:
        Plug[] plugs = {Plug.USB_2_HALF, Plug.USB_2_HEADER, Plug.USB_A};
        return new Sink(
            id,
            id,
            Sink.Want.DATA,
            plugs[random.nextInt(3)],
            true,
            reachMm,
            0,
            0,
            2,
            0.1 + 0.1 * random.nextInt(4),
            refuses,
            "",
            0);
    }
  }

  private static List<Link> links(Random random) {
    List<Link> between =
        new ArrayList<>(
            List.of(
                picture("ad-dp-hdmi", Link.Kind.ADAPTER, Plug.DISPLAY_PORT, Plug.HDMI, 1, 7.2, 900),
                picture(
                    "ad-dp-hdmi-active",
                    Link.Kind.ADAPTER,
                    Plug.DISPLAY_PORT,
                    Plug.HDMI,
                    1,
                    14.4,
                    1900),
                picture(
                    "ad-hdmi-dp", Link.Kind.ADAPTER, Plug.HDMI, Plug.DISPLAY_PORT, 1, 14.4, 2900),
                picture("ad-c-hdmi", Link.Kind.ADAPTER, Plug.TYPE_C, Plug.HDMI, 1, 14.4, 1500),
                picture("split-hdmi", Link.Kind.SPLITTER, Plug.HDMI, Plug.HDMI, 2, 8.16, 1400),
                picture("hub-dp", Link.Kind.HUB, Plug.DISPLAY_PORT, Plug.HDMI, 3, 17.28, 4900),
                picture(
                    "hub-dp2", Link.Kind.HUB, Plug.DISPLAY_PORT, Plug.DISPLAY_PORT, 2, 17.28, 4500),
                hub("hub-usb", Plug.USB_A, 3, 2, 0, 1200),
                hub("hub-usb-fed", Plug.USB_A, 3, 3, 2, 2400),
                hub("hub-pins", Plug.USB_2_HEADER, 3, 2, 2, 2600),
                new Link(
                    "break-usb2",
                    "break-usb2",
                    Link.Kind.BREAKOUT,
                    Plug.USB_2_HEADER,
                    Plug.USB_2_SINGLE,
                    2,
                    0,
                    2,
                    150,
                    0,
                    0,
                    false,
                    700,
                    0,
                    true),
                new Link(
                    "break-usb3",
                    "break-usb3",
                    Link.Kind.BREAKOUT,
                    Plug.USB_3_HEADER,
                    Plug.USB_A,
                    2,
                    0,
                    3,
                    200,
                    0,
                    0,
                    false,
                    800,
                    0,
                    true),
                new Link(
                    "usb-hdmi",
                    "usb-hdmi",
                    Link.Kind.ADAPTER,
                    Plug.USB_A,
                    Plug.HDMI,
                    1,
                    4,
                    3,
                    0,
                    0,
                    0.4,
                    true,
                    3900,
                    0,
                    true)));
    List<Link> some = new ArrayList<>();
    for (Link link : between) {
      if (random.nextInt(10) < 5) {
        some.add(
            random.nextInt(5) == 0
                ? link.with().owned(1).offered(random.nextBoolean()).build()
                : link);
      }
    }
    some.add(lead("lead-hdmi", Plug.HDMI, Plug.HDMI, 500, 600));
    some.add(
        lead("lead-hdmi-slow", Plug.HDMI, Plug.HDMI, 1000, 500).with().gbitPerSecond(8.16).build());
    some.add(lead("lead-dp", Plug.DISPLAY_PORT, Plug.DISPLAY_PORT, 1000, 800));
    some.add(
        lead("lead-dp-short", Plug.DISPLAY_PORT, Plug.DISPLAY_PORT, 500, 500)
            .with()
            .gbitPerSecond(10)
            .build());
    if (random.nextBoolean()) {
      some.add(lead("lead-c", Plug.TYPE_C, Plug.TYPE_C, 1000, 1100));
      some.add(lead("lead-dp-hdmi", Plug.DISPLAY_PORT, Plug.HDMI, 1000, 1700));
    }
    return some;
  }
}
