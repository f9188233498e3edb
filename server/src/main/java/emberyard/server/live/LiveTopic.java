package emberyard.server.live;

import emberyard.server.access.Account;
import java.util.Map;

/** Something that changes by itself while people look at it. */
public interface LiveTopic {
  /**
   * How it stands, for one who looks: by address, each a value that tells by {@code equals} whether
   * it changed. Called often: it must cost next to nothing.
   */
  Map<String, Object> now(Account who);
}
