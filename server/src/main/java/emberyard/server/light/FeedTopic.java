package emberyard.server.light;

import emberyard.server.access.Account;
import emberyard.server.live.LiveTopic;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Tells the application's windows that a machine spoke, or stopped. */
@Component
class FeedTopic implements LiveTopic {
  private final FeedDesk feeds;

  FeedTopic(FeedDesk feeds) {
    this.feeds = feeds;
  }

  @Override
  public Map<String, Object> now(@Nullable Account who) {
    return feeds.beats();
  }
}
