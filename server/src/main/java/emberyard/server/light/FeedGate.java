package emberyard.server.light;

import emberyard.core.units.InvalidValue;
import emberyard.server.access.ScreenLinkStore;
import emberyard.server.access.ScreenLinkStore.Kind;
import emberyard.server.access.ScreenLinkStore.ScreenLink;
import emberyard.server.refusal.Refused;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Who may post values, how often, and how much at once: looked at before anything is read. */
@Component
class FeedGate {
  static final int MOST_BYTES = 16 * 1024;

  /** So many posts at once, then so many a second. */
  static final int BURST = 30;

  private static final double A_SECOND = 10;
  private static final String BEARER = "Bearer ";

  private final ScreenLinkStore links;
  private final Map<String, Bucket> buckets = new ConcurrentHashMap<>();

  FeedGate(ScreenLinkStore links) {
    this.links = links;
  }

  /** What is left of what one may post. */
  private static final class Bucket {
    private double left = BURST;
    private long sinceNanos = System.nanoTime();

    synchronized boolean take() {
      long now = System.nanoTime();
      left = Math.min(BURST, left + (now - sinceNanos) / 1e9 * A_SECOND);
      sinceNanos = now;
      if (left < 1) {
        return false;
      }
      left--;
      return true;
    }
  }

  /**
   * The feed that a request may post to.
   *
   * @throws Refused 401 without its token, 429 where it comes too often
   */
  ScreenLink feed(HttpServletRequest request) {
    String header = request.getHeader("Authorization");
    if (header == null || !header.startsWith(BEARER)) {
      throw unknown();
    }
    ScreenLink link =
        links.byToken(header.substring(BEARER.length()), Kind.FEED).orElseThrow(FeedGate::unknown);
    if (!buckets.computeIfAbsent(link.id(), id -> new Bucket()).take()) {
      throw new Refused(
          HttpStatus.TOO_MANY_REQUESTS,
          "Ten posts a second at most: send values together, about once a second.");
    }
    return link;
  }

  private static Refused unknown() {
    return new Refused(HttpStatus.UNAUTHORIZED, "Send the feed’s token: Authorization: Bearer ….");
  }

  /**
   * The body, which is small.
   *
   * @throws InvalidValue where it is more than 16 KB
   */
  byte[] body(HttpServletRequest request) throws IOException {
    byte[] bytes = request.getInputStream().readNBytes(MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw new InvalidValue("values", "A post has 16 KB at most.");
    }
    return bytes;
  }
}
