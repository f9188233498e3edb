package emberyard.server.light;

import emberyard.core.units.Require;
import emberyard.server.live.LiveFeed;
import emberyard.server.live.LiveLine;
import emberyard.server.live.LiveNews;
import emberyard.server.store.MissingThing;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What the pages of screens paint, as it changes: one stream a browser, for all its pages. */
@RestController
class ScreenPageController {
  /** Pages that one browser has open. */
  private static final int MOST_PAGES = 40;

  private final LiveFeed feed;
  private final ScreenPictures pictures;

  ScreenPageController(LiveFeed feed, ScreenPictures pictures) {
    this.feed = feed;
    this.pictures = pictures;
  }

  /**
   * “page/0” is what the first token's page shows, and so on; a token that opens nothing shows a
   * picture that is not open, and where none opens anything it is 404 at once.
   *
   * @param tokens of the pages' addresses, with commas between; in a header, so that no log has
   *     them
   */
  @GetMapping(value = "/api/screens/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(
              mediaType = MediaType.TEXT_EVENT_STREAM_VALUE,
              schema = @Schema(implementation = LiveNews.class)))
  SseEmitter follow(@RequestHeader("X-Screen-Tokens") String tokens) {
    List<String> all = List.of(tokens.split(",", -1));
    Require.between("X-Screen-Tokens", all.size(), 1, MOST_PAGES, "pages");
    PageTopic topic = new PageTopic(pictures, all);
    if (!topic.opens()) {
      throw new MissingThing("This link opens nothing: it was withdrawn, or never was one.");
    }
    return LiveLine.to(feed, line -> feed.joinPage(topic, line));
  }
}
