package emberyard.server.light;

import emberyard.server.access.Account;
import emberyard.server.live.LiveTopic;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What the pages of one browser show; drawn anew about twice a second, however often asked. */
final class PageTopic implements LiveTopic {
  private static final long ANEW_NANOS = 450_000_000L;

  private final ScreenPictures pictures;
  private final List<String> tokens;
  private final Set<String> known;
  private Map<String, Object> last = Map.of();
  private long drawnNanos;

  PageTopic(ScreenPictures pictures, List<String> tokens) {
    this.pictures = pictures;
    this.tokens = tokens;
    this.known = pictures.known(tokens);
    this.drawnNanos = System.nanoTime() - ANEW_NANOS;
  }

  /** Whether any of them opened anything when it was asked. */
  boolean opens() {
    return !known.isEmpty();
  }

  @Override
  public synchronized Map<String, Object> now(@Nullable Account who) {
    if (System.nanoTime() - drawnNanos >= ANEW_NANOS) {
      last = pictures.pages(tokens, known);
      drawnNanos = System.nanoTime();
    }
    return last;
  }
}
