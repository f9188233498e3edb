package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Refusal;
import emberyard.core.light.port.Sink.Want;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Sockets, links and sinks to try things with. */
public final class PortCases {
  private static final double[] RATES = {1.5, 3.2, 7.3, 12.5};
  private static final Plug[] USB = {Plug.USB_2_HALF, Plug.USB_2_HEADER, Plug.USB_A};

  private PortCases() {}

  public static Source output(String id, String device, Plug plug, double gbit, int atOnce) {
    boolean typeC = plug == Plug.TYPE_C;
    return new Source(
        id, id, device, plug, gbit, typeC ? 3 : 0, typeC ? 3 : 0, atOnce, 0, "", null);
  }

  public static Source port(String id, String device, Plug plug, int usb, double amps) {
    return new Source(id, id, device, plug, 0, usb, amps, 0, 0, "", null);
  }

  static LinkBuilder link(String id, LinkKind kind, Plug in, Plug out, long price) {
    return LinkBuilder.builder()
        .id(id)
        .name(id)
        .kind(kind)
        .in(in)
        .out(out)
        .outs(1)
        .priceMinor(price)
        .offered(true);
  }

  public static Link lead(String id, Plug in, Plug out, double lengthMm, long price) {
    boolean usb = in.name().startsWith("USB") || in == Plug.TYPE_C;
    return link(id, LinkKind.LEAD, in, out, price)
        .gbitPerSecond(in.name().startsWith("USB") ? 0 : 25.92)
        .usb(usb ? 3 : 0)
        .lengthMm(lengthMm)
        .plugMm(35)
        .build();
  }

  public static Link picture(
      String id, LinkKind kind, Plug in, Plug out, int outs, double gbit, long price) {
    return link(id, kind, in, out, price).outs(outs).gbitPerSecond(gbit).build();
  }

  public static Link hub(String id, Plug in, int outs, int usb, double ownAmps, long price) {
    return link(id, LinkKind.HUB, in, Plug.USB_A, price)
        .outs(outs)
        .usb(usb)
        .lengthMm(300)
        .ownAmps(ownAmps)
        .drawsAmps(0.05)
        .build();
  }

  static SinkBuilder sink(String id, Want want, Plug plug) {
    return SinkBuilder.builder()
        .id(id)
        .name(id)
        .want(want)
        .plug(plug)
        .reachMm(300)
        .plugFreeMm(Sink.ROOM_MM)
        .refuses(Set.of())
        .mirror("");
  }

  public static Sink screen(String id, Plug plug, double reachMm, double gbit) {
    return sink(id, Want.PICTURE, plug).reachMm(reachMm).gbitPerSecond(gbit).build();
  }

  public static Sink device(String id, Plug plug, int usb, double amps) {
    return sink(id, Want.DATA, plug).ownLead(true).usb(usb).amps(amps).build();
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
      if (random.nextInt(20) < 13) {
        sources.add(
            source
                .with()
                .extraMm(random.nextInt(3) == 0 ? 400 : 0)
                .lacking(random.nextInt(12) == 0 ? "graphics" : "")
                .build());
      }
    }
    List<Sink> sinks = new ArrayList<>();
    int count = 4;
    for (int i = 0; i < count; i++) {
      sinks.add(sink("s" + i, random));
    }
    List<Link> links = links(random);
    List<FixedLink> fixed = new ArrayList<>();
    if (random.nextInt(6) == 0 && !sources.isEmpty()) {
      Source to = sources.get(random.nextInt(sources.size()));
      List<String> via =
          random.nextBoolean() ? List.of() : List.of(links.get(random.nextInt(links.size())).id());
      fixed.add(new FixedLink(sinks.get(0).id(), to.id(), random.nextInt(3) == 0 ? null : via));
    }
    return new PortProblem(sources, links, sinks, fixed);
  }

  private static Sink sink(String id, Random random) {
    double rate = RATES[random.nextInt(RATES.length)];
    String mirror = random.nextInt(4) == 0 ? "both" : "";
    SinkBuilder some =
        switch (random.nextInt(8)) {
          case 0, 1, 7 ->
              sink(id, Want.PICTURE, Plug.HDMI)
                  .gbitPerSecond(rate)
                  .mirror(mirror)
                  .plugFreeMm(random.nextInt(9) == 0 ? 20 : Sink.ROOM_MM);
          case 2 ->
              sink(id, Want.PICTURE, Plug.DISPLAY_PORT)
                  .gbitPerSecond(rate)
                  .mirror(mirror)
                  .passesOnGbit(random.nextBoolean() ? 0 : 17.28);
          case 3 ->
              sink(id, Want.PICTURE, Plug.TYPE_C)
                  .gbitPerSecond(Math.min(rate, 7.3))
                  .amps(random.nextBoolean() ? 0 : 1.2);
          case 4 ->
              sink(id, Want.PICTURE_AS_DATA, Plug.USB_A)
                  .ownLead(true)
                  .megabytesPerSecond(random.nextBoolean() ? 12 : 25)
                  .usb(2)
                  .amps(0.3);
          case 5 ->
              sink(id, Want.CURRENT, Plug.USB_A).ownLead(true).amps(0.3 + 0.3 * random.nextInt(4));
          default ->
              sink(id, Want.DATA, USB[random.nextInt(USB.length)])
                  .ownLead(true)
                  .usb(2)
                  .amps(0.1 + 0.1 * random.nextInt(4));
        };
    return some.reachMm(200 + 100 * random.nextInt(6))
        .refuses(
            random.nextInt(4) == 0
                ? Set.of(Refusal.values()[random.nextInt(Refusal.values().length)])
                : Set.of())
        .build();
  }

  private static List<Link> links(Random random) {
    List<Link> some = new ArrayList<>();
    for (Link link : between()) {
      if (random.nextInt(5) < 2) {
        some.add(
            random.nextInt(5) == 0
                ? link.with().owned(1).offered(random.nextBoolean()).build()
                : link);
      }
    }
    some.add(lead("lead-hdmi", Plug.HDMI, Plug.HDMI, 500, 600));
    some.add(lead("lead-hdmi-slow", Plug.HDMI, Plug.HDMI, 1000, 500).withGbitPerSecond(8.16));
    if (random.nextInt(4) == 0) {
      some.add(lead("lead-hdmi-angled", Plug.HDMI, Plug.HDMI, 600, 1200).withPlugMm(14));
    }
    some.add(lead("lead-dp", Plug.DISPLAY_PORT, Plug.DISPLAY_PORT, 1000, 800));
    some.add(
        lead("lead-dp-short", Plug.DISPLAY_PORT, Plug.DISPLAY_PORT, 500, 500)
            .withGbitPerSecond(10));
    if (random.nextBoolean()) {
      some.add(lead("lead-c", Plug.TYPE_C, Plug.TYPE_C, 1000, 1100));
      some.add(lead("lead-dp-hdmi", Plug.DISPLAY_PORT, Plug.HDMI, 1000, 1700));
    }
    return some;
  }

  /** Adapters, splitters, hubs and breakouts. */
  static List<Link> between() {
    LinkKind adapter = LinkKind.ADAPTER;
    return List.of(
        picture("ad-dp-hdmi", adapter, Plug.DISPLAY_PORT, Plug.HDMI, 1, 7.2, 900),
        picture("ad-dp-hdmi-active", adapter, Plug.DISPLAY_PORT, Plug.HDMI, 1, 14.4, 1900),
        picture("ad-hdmi-dp", adapter, Plug.HDMI, Plug.DISPLAY_PORT, 1, 14.4, 2900),
        picture("ad-c-hdmi", adapter, Plug.TYPE_C, Plug.HDMI, 1, 14.4, 1500),
        picture("split-hdmi", LinkKind.SPLITTER, Plug.HDMI, Plug.HDMI, 2, 8.16, 1400),
        picture("hub-dp", LinkKind.HUB, Plug.DISPLAY_PORT, Plug.HDMI, 3, 17.28, 4900),
        picture("hub-dp2", LinkKind.HUB, Plug.DISPLAY_PORT, Plug.DISPLAY_PORT, 2, 17.28, 4500),
        hub("hub-usb", Plug.USB_A, 3, 2, 0, 1200),
        hub("hub-usb-fed", Plug.USB_A, 3, 3, 2, 2400),
        hub("hub-pins", Plug.USB_2_HEADER, 3, 2, 2, 2600),
        link("break-usb2", LinkKind.BREAKOUT, Plug.USB_2_HEADER, Plug.USB_2_SINGLE, 700)
            .outs(2)
            .usb(2)
            .lengthMm(150)
            .build(),
        link("break-usb3", LinkKind.BREAKOUT, Plug.USB_3_HEADER, Plug.USB_A, 800)
            .outs(2)
            .usb(3)
            .lengthMm(200)
            .build(),
        link("usb-hdmi", adapter, Plug.USB_A, Plug.HDMI, 3900)
            .gbitPerSecond(4)
            .usb(3)
            .drawsAmps(0.4)
            .drawsPicture(true)
            .build());
  }

  /** 16 screens of five sorts and 12 devices of four, on a card, a board and all links. */
  public static PortProblem large() {
    List<Source> sources = new ArrayList<>();
    sources.add(output("card/hdmi", "card", Plug.HDMI, 14.4, 4));
    for (int i = 1; i <= 3; i++) {
      sources.add(output("card/dp" + i, "card", Plug.DISPLAY_PORT, 25.92, 4));
      sources.add(port("board/rear" + i, "board", Plug.USB_A, 3, 0.9));
    }
    sources.add(output("board/hdmi", "board", Plug.HDMI, 14.4, 3));
    sources.add(output("board/dp", "board", Plug.DISPLAY_PORT, 17.28, 3));
    sources.add(output("board/c", "board", Plug.TYPE_C, 17.28, 3));
    sources.add(port("board/usb2-1", "board", Plug.USB_2_HEADER, 2, 0.5));
    sources.add(port("board/usb2-2", "board", Plug.USB_2_HEADER, 2, 0.5));
    sources.add(port("board/usb3", "board", Plug.USB_3_HEADER, 3, 0.9));
    List<Sink> sinks = new ArrayList<>();
    for (int i = 1; i <= 16; i++) {
      String id = "screen" + i;
      sinks.add(
          switch (i % 8) {
            case 0 -> screen(id, Plug.DISPLAY_PORT, 400, 7.3);
            case 1, 2 -> screen(id, Plug.HDMI, 300, 3.2).withMirror("wall");
            case 3, 4, 5 ->
                sink(id, Want.PICTURE_AS_DATA, Plug.USB_A)
                    .ownLead(true)
                    .megabytesPerSecond(5)
                    .usb(2)
                    .amps(0.3)
                    .build();
            case 6 -> screen(id, Plug.HDMI, 400, 1.4).withRefuses(Set.of(Refusal.ADAPTER));
            default -> screen(id, Plug.HDMI, 500, 1.4);
          });
    }
    for (int i = 1; i <= 12; i++) {
      String id = "device" + i;
      sinks.add(
          switch (i % 4) {
            case 0 -> device(id, Plug.USB_2_HALF, 2, 0.1);
            case 1 -> device(id, Plug.USB_2_HEADER, 2, 0.2);
            case 2 -> device(id, Plug.USB_A, 2, 0.1).withRefuses(Set.of(Refusal.HUB));
            default -> device(id, Plug.USB_A, 2, 0.4);
          });
    }
    List<Link> links = new ArrayList<>(between());
    links.removeIf(Link::drawsPicture);
    for (int mm : new int[] {300, 500, 1_000}) {
      links.add(lead("lead-hdmi-" + mm, Plug.HDMI, Plug.HDMI, mm, 400 + mm / 2));
      links.add(lead("lead-dp-" + mm, Plug.DISPLAY_PORT, Plug.DISPLAY_PORT, mm, 700 + mm / 2));
    }
    return new PortProblem(sources, links, sinks, List.of());
  }
}
