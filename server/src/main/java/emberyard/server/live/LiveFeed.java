package emberyard.server.live;

import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Sends whoever looks what changed, four times a second at most. */
@Component
public class LiveFeed {
  /** A browser holds one, however many windows it has. */
  static final int MOST_OF_AN_ACCOUNT = 24;

  static final int MOST = 300;

  /** Of pages that nobody signed in for, beside those. */
  static final int MOST_PAGES = 200;

  private static final Logger LOG = LoggerFactory.getLogger(LiveFeed.class);
  private static final long EVERY_MS = 250;
  private static final int BEAT_TICKS = 60;

  private final List<LiveTopic> topics;
  private final List<LiveReader> readers = new CopyOnWriteArrayList<>();
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(named("news"));

  /** Each reader has one task at most: there are never more threads than readers. */
  private final ExecutorService senders = Executors.newCachedThreadPool(named("news-sender"));

  private boolean closed;

  LiveFeed(List<LiveTopic> topics) {
    this.topics = List.copyOf(topics);
    clock.scheduleWithFixedDelay(this::tick, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
  }

  private static ThreadFactory named(String name) {
    return task -> {
      Thread thread = new Thread(task, name);
      thread.setDaemon(true);
      return thread;
    };
  }

  /**
   * Somebody looks from now on; with the next tick how everything stands is sent.
   *
   * @throws Refused 503 where too many look already
   */
  synchronized LiveReader join(Account who, LiveReader.Line line) {
    readers.removeIf(LiveReader::gone);
    long own = readers.stream().filter(reader -> reader.of(who)).count();
    long signedIn = readers.stream().filter(reader -> !reader.page()).count();
    if (closed || own >= MOST_OF_AN_ACCOUNT || signedIn >= MOST) {
      throw new Refused(
          HttpStatus.SERVICE_UNAVAILABLE,
          "Too many windows follow what happens here: close some, or reload to see what is new.");
    }
    LiveReader reader = new LiveReader(who, topics, line);
    readers.add(reader);
    return reader;
  }

  /**
   * A page that nobody signed in for follows one topic of its own.
   *
   * @throws Refused 503 where too many do already
   */
  public synchronized LiveReader joinPage(LiveTopic own, LiveReader.Line line) {
    readers.removeIf(LiveReader::gone);
    if (closed || readers.stream().filter(LiveReader::page).count() >= MOST_PAGES) {
      throw new Refused(
          HttpStatus.SERVICE_UNAVAILABLE, "Too many screens are open: close some of them.");
    }
    LiveReader reader = new LiveReader(null, List.of(own), line);
    readers.add(reader);
    return reader;
  }

  public void leave(LiveReader reader) {
    reader.close();
    readers.remove(reader);
  }

  int readers() {
    return readers.size();
  }

  private void tick() {
    readers.removeIf(LiveReader::gone);
    for (LiveReader reader : readers) {
      try {
        reader.tick(BEAT_TICKS, senders);
      } catch (RuntimeException broken) {
        LOG.warn("News could not be told", broken);
      }
    }
  }

  /** Before the server waits for what is under way: these would never end by themselves. */
  @EventListener(ContextClosedEvent.class)
  synchronized void close() {
    closed = true;
    clock.shutdownNow();
    readers.forEach(LiveReader::close);
    senders.shutdownNow();
  }
}
