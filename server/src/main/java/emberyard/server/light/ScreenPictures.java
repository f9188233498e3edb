package emberyard.server.light;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.build.ReadOut;
import emberyard.core.canvas.CanvasPicture;
import emberyard.core.canvas.LiveValues;
import emberyard.core.canvas.Mark;
import emberyard.core.canvas.PaneOnCanvas;
import emberyard.core.geometry.Rect;
import emberyard.server.access.ScreenLinkStore;
import emberyard.server.access.ScreenLinkStore.Kind;
import emberyard.server.access.ScreenLinkStore.ScreenLink;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.yard.YardReader;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What screens show just now. */
@Component
class ScreenPictures {
  private final YardReader yard;
  private final FeedDesk feeds;
  private final ScreenLinkStore links;

  /** When a link's page was last told something, by its id. */
  private final Map<String, Long> seenNanos = new ConcurrentHashMap<>();

  ScreenPictures(YardReader yard, FeedDesk feeds, ScreenLinkStore links) {
    this.yard = yard;
    this.feeds = feeds;
    this.links = links;
  }

  /**
   * What one page paints.
   *
   * @param open whether its link opens anything; all else is empty where it doesn't
   * @param name of the canvas
   * @param viewXMm left edge of what it shows of the marks; so is viewYMm, downwards
   * @param widthMm of what it shows; so is heightMm
   * @param turnDegrees clockwise, by which all is turned where software can't
   */
  record ScreenPicture(
      boolean open,
      String name,
      double viewXMm,
      double viewYMm,
      double widthMm,
      double heightMm,
      int turnDegrees,
      String groundHex,
      List<Mark> marks) {
    static final ScreenPicture CLOSED =
        new ScreenPicture(false, "", 0, 0, 1, 1, 0, "#000000", List.of());
  }

  /** What the page of a link shows; closed once it was withdrawn, or what it shows is gone. */
  ScreenPicture of(String token) {
    Optional<ScreenLink> link = links.byToken(token, Kind.SCREEN);
    link.ifPresent(each -> seenNanos.put(each.id(), System.nanoTime()));
    try {
      return link.flatMap(this::picture).orElse(ScreenPicture.CLOSED);
    } catch (MissingThing | Refused gone) {
      return ScreenPicture.CLOSED;
    }
  }

  /** How long ago a link's page was told something, seconds; null for never since the start. */
  @Nullable Long seenSecondsAgo(String linkId) {
    Long at = seenNanos.get(linkId);
    return at == null ? null : (Long) ((System.nanoTime() - at) / 1_000_000_000L);
  }

  private Optional<ScreenPicture> picture(ScreenLink link) {
    YardReader.Reading reading = yard.read();
    Build build = reading.build(link.buildId()).build();
    ZoneId zone = ZoneId.of(reading.book().workshop().zone());
    return build
        .things()
        .find(Canvas.class, link.canvasId())
        .flatMap(canvas -> picture(build, canvas, link.paneId(), live(build, canvas, zone)));
  }

  /** A canvas that shows no value knows of no feed that could stop. */
  private LiveValues live(Build build, Canvas canvas, ZoneId zone) {
    LiveValues live = feeds.live(build.id(), zone);
    return CanvasPicture.fed(canvas) ? live : new LiveValues(live.values(), live.clock(), "");
  }

  private static Optional<ScreenPicture> picture(
      Build build, Canvas canvas, String paneId, LiveValues live) {
    CanvasPicture picture = CanvasPicture.of(build, canvas, live);
    return picture.panes().stream()
        .filter(pane -> pane.id().equals(paneId))
        .findFirst()
        .map(pane -> picture(canvas, picture, pane));
  }

  private static ScreenPicture picture(Canvas canvas, CanvasPicture picture, PaneOnCanvas pane) {
    Rect place = pane.place();
    return new ScreenPicture(
        true,
        canvas.name(),
        place.xMm(),
        picture.heightMm() - place.top(),
        place.widthMm(),
        place.heightMm(),
        pane.turnDegrees(),
        picture.groundHex(),
        onIt(canvas, picture, place));
  }

  /** Nothing of read-outs that lie beside the screen, and no letters that do. */
  private static List<Mark> onIt(Canvas canvas, CanvasPicture picture, Rect place) {
    Set<String> there =
        canvas.readOuts().stream()
            .filter(each -> box(each).overlaps(place))
            .map(ReadOut::id)
            .collect(Collectors.toSet());
    Rect down =
        new Rect(place.xMm(), picture.heightMm() - place.top(), place.widthMm(), place.heightMm());
    return picture.marks().stream()
        .filter(mark -> mark.of().isEmpty() || there.contains(mark.of()))
        .filter(mark -> mark.words().isEmpty() || letters(mark).overlaps(down))
        .toList();
  }

  private static Rect box(ReadOut each) {
    return new Rect(each.xMm(), each.yMm(), each.widthMm(), each.heightMm());
  }

  private static Rect letters(Mark mark) {
    return new Rect(
        mark.leftMm(),
        mark.yMm() - mark.capitalMm(),
        Math.max(0.1, mark.lengthMm()),
        Math.max(0.1, mark.capitalMm() + mark.underMm()));
  }

  /** A canvas as it is just now, by its build's feed. */
  CanvasPicture now(String buildId, String canvasId) {
    YardReader.Reading reading = yard.read();
    Build build = reading.build(buildId).build();
    ZoneId zone = ZoneId.of(reading.book().workshop().zone());
    Canvas canvas = canvas(build, canvasId);
    return CanvasPicture.of(build, canvas, live(build, canvas, zone));
  }

  /** A canvas with values made up. */
  CanvasPicture sample(String buildId, String canvasId) {
    Build build = yard.read().build(buildId).build();
    Canvas canvas = canvas(build, canvasId);
    return CanvasPicture.of(build, canvas, LiveValues.sample(canvas));
  }

  private static Canvas canvas(Build build, String canvasId) {
    return build
        .things()
        .find(Canvas.class, canvasId)
        .orElseThrow(() -> new MissingThing("That canvas is gone."));
  }

  /** Those of some tokens that open anything now. */
  Set<String> known(List<String> tokens) {
    return tokens.stream()
        .filter(token -> links.byToken(token, Kind.SCREEN).isPresent())
        .collect(Collectors.toSet());
  }

  /**
   * What several pages of one browser show: by their place in the list.
   *
   * @param known those that are asked for again; all others stay closed, so that nobody can have
   *     many looked up for nothing
   */
  Map<String, Object> pages(List<String> tokens, Set<String> known) {
    Map<String, Object> pages = new LinkedHashMap<>();
    for (int i = 0; i < tokens.size(); i++) {
      String token = tokens.get(i);
      pages.put("page/" + i, known.contains(token) ? of(token) : ScreenPicture.CLOSED);
    }
    return pages;
  }
}
