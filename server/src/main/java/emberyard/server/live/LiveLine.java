package emberyard.server.live;

import java.io.IOException;
import java.util.function.Function;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A stream of events to a browser. */
public final class LiveLine implements LiveReader.Line {
  /** Then the browser asks again, and whoever was signed out is told so. */
  private static final long LONGEST_MS = 5 * 60_000;

  private final SseEmitter emitter;

  private LiveLine(SseEmitter emitter) {
    this.emitter = emitter;
  }

  /** Opens one, for whoever joins by it until it breaks. */
  public static SseEmitter to(LiveFeed feed, Function<LiveReader.Line, LiveReader> join) {
    SseEmitter emitter = new SseEmitter(LONGEST_MS);
    LiveReader reader = join.apply(new LiveLine(emitter));
    emitter.onCompletion(() -> feed.leave(reader));
    emitter.onTimeout(() -> feed.leave(reader));
    emitter.onError(gone -> feed.leave(reader));
    return emitter;
  }

  @Override
  public void send(LiveNews news) throws IOException {
    emitter.send(news, MediaType.APPLICATION_JSON);
  }

  @Override
  public void close() {
    emitter.complete();
  }
}
