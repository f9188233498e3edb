package emberyard.server.live;

import emberyard.server.access.Account;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What happens in the workshop, as it happens: the one stream a browser holds. */
@RestController
class LiveController {
  private final LiveFeed feed;

  LiveController(LiveFeed feed) {
    this.feed = feed;
  }

  /** Each event is one thing that changed; first comes how everything stands. */
  @GetMapping(value = "/api/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(
              mediaType = MediaType.TEXT_EVENT_STREAM_VALUE,
              schema = @Schema(implementation = LiveNews.class)))
  SseEmitter follow(@AuthenticationPrincipal Account who) {
    return LiveLine.to(feed, line -> feed.join(who, line));
  }
}
