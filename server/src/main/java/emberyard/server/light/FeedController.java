package emberyard.server.light;

import emberyard.server.access.ScreenLinkStore.ScreenLink;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Instant;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Takes in what a machine says: anybody who has its token may post, and nothing else. */
@RestController
class FeedController {
  private final FeedGate gate;
  private final FeedDesk desk;
  private final JsonMapper json;

  FeedController(FeedGate gate, FeedDesk desk, JsonMapper json) {
    this.gate = gate;
    this.desk = desk;
    this.json = json;
  }

  /**
   * What a machine says.
   *
   * @param at when it was measured; what is older than what came before is left out, unless by more
   *     than a minute; null for now
   * @param values numbers and words by name: {@code coolant.celsius}; 1 to 100
   */
  record FeedPost(@Nullable Instant at, Map<String, Object> values) {}

  /** How many values were taken. */
  record FeedTaken(int taken) {}

  /** About once a second; ten posts a second at most. */
  @Operation(
      requestBody =
          @RequestBody(
              required = true,
              content =
                  @Content(
                      mediaType = "application/json",
                      schema = @Schema(implementation = FeedPost.class))))
  @PostMapping("/api/feed")
  FeedTaken post(HttpServletRequest request) throws IOException {
    ScreenLink link = gate.feed(request);
    FeedPost post = json.readValue(gate.body(request), FeedPost.class);
    Map<String, Object> values = post.values() == null ? Map.of() : post.values();
    return new FeedTaken(desk.take(link.buildId(), post.at(), values));
  }
}
