package emberyard.server.live;

import emberyard.server.access.Account;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Something that changes by itself while people look at it. */
public interface LiveTopic {
  /**
   * How it stands, for one who looks: by address, each a value that tells by {@code equals} whether
   * it changed. Called often: it must cost next to nothing.
   *
   * @param who null on a page that nobody signed in for
   */
  Map<String, Object> now(@Nullable Account who);
}
