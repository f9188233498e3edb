package emberyard.server.light;

import emberyard.core.build.Canvas;
import emberyard.core.canvas.CanvasPicture;
import emberyard.core.canvas.SimulatedMachine;
import emberyard.core.units.Require;
import emberyard.server.access.ScreenLinkStore;
import emberyard.server.access.ScreenLinkStore.Kind;
import emberyard.server.access.ScreenLinkStore.ScreenLink;
import emberyard.server.yard.YardReader;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Links to screens' own pages and to the feed, and the simulated machine behind it. */
@RestController
@RequestMapping("/api/builds/{buildId}/light")
class ScreenController {
  private final ScreenLinkStore links;
  private final ScreenPictures pictures;
  private final MachineStandIn machine;
  private final FeedDesk feeds;
  private final YardReader yard;

  ScreenController(
      ScreenLinkStore links,
      ScreenPictures pictures,
      MachineStandIn machine,
      FeedDesk feeds,
      YardReader yard) {
    this.links = links;
    this.pictures = pictures;
    this.machine = machine;
    this.feeds = feeds;
    this.yard = yard;
  }

  /**
   * A link as it is listed.
   *
   * @param seenSecondsAgo when its page was last told something, null for not since the start
   */
  record LinkView(ScreenLink link, @Nullable Long seenSecondsAgo) {}

  /**
   * A link to be made.
   *
   * @param canvasId of what a page shows, empty for a feed; so is paneId
   */
  record NewLink(Kind kind, String canvasId, String paneId, String name) {}

  /**
   * What is shown once.
   *
   * @param token of the link
   * @param path that a page opens at, empty for a feed
   */
  record MadeLink(String token, String path) {}

  /**
   * How a build's feed stands.
   *
   * @param running whether anything was said within the last ten seconds
   * @param names of what was said, and of what the simulated machine would say
   */
  record FeedState(boolean running, List<String> names, MachineStandIn.MachineState machine) {}

  @GetMapping("/links")
  List<LinkView> links(@PathVariable String buildId) {
    return links.all(buildId).stream()
        .map(link -> new LinkView(link, pictures.seenSecondsAgo(link.id())))
        .toList();
  }

  @PostMapping("/links")
  MadeLink add(@PathVariable String buildId, @RequestBody NewLink wanted) {
    Require.given("kind", wanted.kind());
    boolean page = wanted.kind() == Kind.SCREEN;
    boolean there =
        yard.read()
            .build(buildId)
            .build()
            .things()
            .find(Canvas.class, Require.textOrEmpty("canvasId", wanted.canvasId()))
            .filter(canvas -> canvas.on(Require.textOrEmpty("paneId", wanted.paneId())))
            .isPresent();
    Require.that(there || !page, "paneId", "Choose a screen of a canvas.");
    String canvasId = page ? wanted.canvasId() : "";
    String paneId = page ? wanted.paneId() : "";
    String token = links.add(buildId, wanted.kind(), canvasId, paneId, wanted.name());
    return new MadeLink(token, page ? "/screens/" + token : "");
  }

  @DeleteMapping("/links/{linkId}")
  void withdraw(@PathVariable String buildId, @PathVariable String linkId) {
    links.revoke(buildId, linkId);
  }

  @GetMapping("/feed")
  FeedState feed(@PathVariable String buildId) {
    return new FeedState(feeds.running(buildId), feeds.names(buildId), machine.state(buildId));
  }

  /** Starts the simulated machine, or has it do something else. */
  @PutMapping("/machine")
  FeedState run(@PathVariable String buildId, @RequestBody SimulatedMachine wanted) {
    yard.read().build(buildId);
    Require.that(machine.room(buildId), "load", "Fifty simulated machines run already: stop one.");
    machine.run(buildId, wanted);
    return feed(buildId);
  }

  /** Stops the simulated machine; its last values stay. */
  @DeleteMapping("/machine")
  FeedState stop(@PathVariable String buildId) {
    machine.run(buildId, null);
    return feed(buildId);
  }

  /** A canvas as it is by the feed, just now. */
  @GetMapping("/canvases/{canvasId}/now")
  CanvasPicture now(@PathVariable String buildId, @PathVariable String canvasId) {
    return pictures.now(buildId, canvasId);
  }
}
