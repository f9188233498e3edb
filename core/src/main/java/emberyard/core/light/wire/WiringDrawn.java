package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Screen;
import emberyard.core.light.port.Link;
import emberyard.core.light.port.PortAnswer;
import emberyard.core.light.port.PortAnswer.WireFeed;
import emberyard.core.light.port.PortAnswer.WirePiece;
import emberyard.core.light.port.PortReasons;
import emberyard.core.light.port.Sink;
import emberyard.core.light.port.Source;
import emberyard.core.light.wire.WiringModel.Between;
import emberyard.core.light.wire.WiringModel.Giver;
import emberyard.core.light.wire.WiringModel.Rope;
import emberyard.core.light.wire.WiringModel.Socket;
import emberyard.core.light.wire.WiringModel.Taker;
import emberyard.core.light.wire.WiringModel.TakerKind;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The wiring as it is drawn: every end in a place of its own that does not move. */
final class WiringDrawn {
  private final Build build;
  private final Wired wired;
  private final List<PortReasons.DarkSink> dark;

  WiringDrawn(Build build, Wired wired, List<PortReasons.DarkSink> dark) {
    this.build = build;
    this.wired = wired;
    this.dark = dark;
  }

  private PortAnswer answer() {
    return wired.answer();
  }

  /** Cards before boards, pictures before data; of each device what is used and what is free. */
  List<Giver> givers() {
    Map<String, List<Source>> boxes = new LinkedHashMap<>();
    for (boolean picture : new boolean[] {true, false}) {
      wired.problem().sources().stream()
          .filter(source -> picture(source) == picture)
          .forEach(
              source ->
                  boxes
                      .computeIfAbsent(
                          source.deviceId() + (picture ? "" : "/inside"), k -> new ArrayList<>())
                      .add(source));
    }
    List<Giver> givers = new ArrayList<>();
    boxes.forEach((id, sources) -> givers.add(giver(id, sources)));
    return givers;
  }

  private static boolean picture(Source source) {
    return source.gbitPerSecond() > 0;
  }

  private Giver giver(String id, List<Source> sources) {
    String device = sources.get(0).deviceId();
    boolean picture = picture(sources.get(0));
    return new Giver(
        id,
        name(device) + (picture ? "" : ", data"),
        picture ? pictures(device, sources) : "",
        sockets(sources));
  }

  private String pictures(String device, List<Source> sources) {
    String lacking = sources.get(0).lacking();
    return lacking.isEmpty()
        ? "%d at once, %d used"
            .formatted(
                sources.get(0).atOnce(), new PortReasons(wired.problem(), answer()).streams(device))
        : lacking;
  }

  private List<Socket> sockets(List<Source> sources) {
    Set<String> used =
        answer().feeds().stream().map(WireFeed::sourceId).collect(Collectors.toSet());
    List<Socket> sockets = new ArrayList<>();
    Map<Plug, List<Source>> free = new LinkedHashMap<>();
    for (Source source : sources) {
      if (used.contains(source.id())) {
        sockets.add(new Socket(source.id(), source.name(), 1, true, ""));
      } else {
        free.computeIfAbsent(source.plug(), k -> new ArrayList<>()).add(source);
      }
    }
    free.forEach(
        (plug, those) ->
            sockets.add(
                new Socket(
                    those.get(0).id(),
                    those.size() == 1
                        ? those.get(0).name()
                        : "%d × %s".formatted(those.size(), plug.words()),
                    those.size(),
                    false,
                    those.get(0).lacking())));
    return sockets;
  }

  private String name(String device) {
    int copy = device.indexOf('~');
    String id = copy < 0 ? device : device.substring(0, copy);
    return build.component(id).map(Component::name).orElse(id)
        + (copy < 0 ? "" : " " + device.substring(copy + 1));
  }

  /** Hubs, splitters and breakouts, in the order of what hangs on them. */
  List<Between> between() {
    Map<String, Between> boxes = new LinkedHashMap<>();
    for (WireFeed feed : answer().feeds()) {
      for (WirePiece piece : feed.through()) {
        if (box(piece)) {
          boxes.computeIfAbsent(piece.id(), id -> between(piece));
        }
      }
    }
    return List.copyOf(boxes.values());
  }

  private boolean box(WirePiece piece) {
    return wired.link(piece.linkId()).kind() != LinkKind.ADAPTER;
  }

  private Between between(WirePiece piece) {
    Link link = wired.link(piece.linkId());
    String note =
        link.ownAmps() > 0
            ? "own supply %s A".formatted(Figures.plain(link.ownAmps()))
            : link.kind() == LinkKind.HUB && link.usb() > 0
                ? "%s A for all".formatted(Figures.plain(link.ampsForAll()))
                : link.kind() == LinkKind.SPLITTER ? "one picture on all" : "";
    return new Between(piece.id(), link.id(), link.name(), note, piece.bought());
  }

  List<Taker> takers() {
    List<Taker> takers = new ArrayList<>();
    List<Sink> places = wired.problem().sinks().stream().sorted(Sink.PLACES).toList();
    for (Sink sink : places) {
      Screen screen = build.things().find(Screen.class, sink.id()).orElse(null);
      String why =
          dark.stream()
              .filter(each -> each.sinkId().equals(sink.id()))
              .map(PortReasons.DarkSink::words)
              .findFirst()
              .orElse("");
      takers.add(
          new Taker(
              sink.id(),
              sink.name(),
              sink.shows() ? TakerKind.SCREEN : TakerKind.DEVICE,
              note(sink, screen),
              answer().feed(sink.id()).isPresent(),
              why,
              wired.problem().fixed().stream().anyMatch(way -> way.sinkId().equals(sink.id())),
              screen == null ? 0 : screen.widthMm(),
              screen == null ? 0 : screen.heightMm()));
    }
    return takers;
  }

  private static String note(Sink sink, @Nullable Screen screen) {
    List<String> notes = new ArrayList<>();
    if (screen != null) {
      notes.add("%d × %d".formatted(screen.pixelsWide(), screen.pixelsHigh()));
    }
    if (sink.want() == Sink.Want.PICTURE) {
      notes.add("%.1f Gbit/s".formatted(sink.gbitPerSecond()));
    }
    if (sink.want() == Sink.Want.PICTURE_AS_DATA) {
      notes.add("%s MB/s".formatted(Figures.plain(sink.megabytesPerSecond())));
    }
    if (sink.amps() > 0) {
      notes.add("%s A".formatted(Figures.plain(Math.round(sink.amps() * 100) / 100.0)));
    }
    if (!sink.refuses().isEmpty()) {
      notes.add(
          "refuses "
              + sink.refuses().stream()
                  .sorted()
                  .map(each -> each.words())
                  .collect(Collectors.joining(", ")));
    }
    if (!sink.mirror().isEmpty()) {
      notes.add("may share a picture");
    }
    return String.join(" · ", notes);
  }

  List<Rope> ropes() {
    Set<Rope> ropes = new LinkedHashSet<>();
    for (WireFeed feed : answer().feeds()) {
      way(feed, ropes);
    }
    dark.forEach(each -> missing(each).ifPresent(ropes::add));
    return List.copyOf(ropes);
  }

  /** Where it would have to come from: a socket that is free before one that feeds another. */
  private Optional<Rope> missing(PortReasons.DarkSink each) {
    Comparator<PortReasons.SocketReason> order =
        Comparator.comparing(reason -> !reason.alone() || used(reason.sourceId()));
    return each.reasons().stream()
        .min(order)
        .map(
            reason ->
                new Rope(shownAs(reason.sourceId()), each.sinkId(), reason.words(), "", 0, false));
  }

  private boolean used(String sourceId) {
    return answer().feeds().stream().anyMatch(feed -> feed.sourceId().equals(sourceId));
  }

  /** The socket that stands for it in the drawing: of several free ones the first. */
  private String shownAs(String sourceId) {
    Source source = wired.source(sourceId);
    return used(sourceId)
        ? sourceId
        : wired.problem().sources().stream()
            .filter(each -> each.deviceId().equals(source.deviceId()))
            .filter(each -> each.plug() == source.plug() && picture(each) == picture(source))
            .filter(
                each -> answer().feeds().stream().noneMatch(f -> f.sourceId().equals(each.id())))
            .findFirst()
            .orElse(source)
            .id();
  }

  /** From socket to box, from box to box, and to what is fed; adapters hang in the lead. */
  private void way(WireFeed feed, Set<Rope> ropes) {
    String from = feed.behindSinkId().isEmpty() ? feed.sourceId() : feed.behindSinkId();
    Plug plug = wired.source(feed.sourceId()).plug();
    List<Link> hanging = new ArrayList<>();
    int before =
        feed.behindSinkId().isEmpty()
            ? 0
            : answer().feed(feed.behindSinkId()).orElseThrow().through().size();
    for (WirePiece piece : feed.through().subList(before, feed.through().size())) {
      Link link = wired.link(piece.linkId());
      hanging.add(link);
      if (box(piece)) {
        ropes.add(rope(from, piece.id(), hanging, plug, link.in()));
        from = piece.id();
        plug = link.out();
        hanging.clear();
      }
    }
    Sink sink = wired.sink(feed.sinkId()).orElseThrow();
    if (feed.lead() != null) {
      hanging.add(wired.link(feed.lead().linkId()));
    }
    ropes.add(rope(from, sink.id(), hanging, plug, sink.plug()));
  }

  private static Rope rope(String from, String to, List<Link> links, Plug start, Plug end) {
    double lengthMm = links.stream().mapToDouble(Link::lengthMm).sum();
    String words =
        links.stream()
            .filter(link -> link.kind() == LinkKind.ADAPTER || link.kind() == LinkKind.LEAD)
            .map(Link::name)
            .collect(Collectors.joining(" + "));
    return new Rope(
        from,
        to,
        words.isEmpty() ? "its own lead" : words,
        start == end ? start.words() : start.words() + " to " + end.words(),
        lengthMm,
        true);
  }
}
