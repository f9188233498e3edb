package emberyard.server.api;

import emberyard.server.refusal.AtOnce;
import emberyard.server.refusal.Refused;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.stereotype.Component;

/**
 * Calculations that may take seconds: as many at once as there are processors, so that screens of
 * others are answered beside them.
 */
@Component
public class HeavyWork {
  private static final int WAITING = 20;

  private final AtOnce door =
      new AtOnce(
          Math.max(2, Runtime.getRuntime().availableProcessors()),
          WAITING,
          "Several large calculations are under way. Try again in a moment.");

  /**
   * Does it when its turn comes.
   *
   * @throws Refused 503 where too many wait already
   */
  public <T> T run(AtOnce.Work<T> work) {
    try {
      return door.run(work);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
