package emberyard.server.live;

import emberyard.server.access.Account;
import emberyard.server.store.ThingStore;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Tells that something was changed; what it was, each screen asks itself. */
@Component
class RevisionTopic implements LiveTopic {
  private final ThingStore store;

  RevisionTopic(ThingStore store) {
    this.store = store;
  }

  @Override
  public Map<String, Object> now(Account who) {
    return Map.of("revision", store.revision());
  }
}
