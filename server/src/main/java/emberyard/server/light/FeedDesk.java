package emberyard.server.light;

import emberyard.core.canvas.LiveValues;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/** What machines say: taken in, kept over a restart, and handed to whoever shows it. */
@Component
class FeedDesk {
  private static final Logger LOG = LoggerFactory.getLogger(FeedDesk.class);
  private static final Pattern NAME = Pattern.compile("[A-Za-z0-9_.-]{1,60}");
  private static final int LONGEST_WORDS = 100;
  private static final int MOST_AT_ONCE = 100;
  private static final long KEPT_EVERY_SECONDS = 5;

  private final FeedStore store;
  private final Clock clock;
  private final LongSupplier nanos;
  private final Map<String, MachineFeed> feeds = new ConcurrentHashMap<>();
  private final Set<String> unkept = ConcurrentHashMap.newKeySet();
  private final ScheduledExecutorService keeper =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "feed keeper");
            thread.setDaemon(true);
            return thread;
          });

  @Autowired
  FeedDesk(FeedStore store, Clock clock) {
    this(store, clock, System::nanoTime);
    keeper.scheduleWithFixedDelay(
        this::keep, KEPT_EVERY_SECONDS, KEPT_EVERY_SECONDS, TimeUnit.SECONDS);
  }

  /** With a clock that only runs forwards. */
  FeedDesk(FeedStore store, Clock clock, LongSupplier nanos) {
    this.store = store;
    this.clock = clock;
    this.nanos = nanos;
  }

  /**
   * Takes what a machine says.
   *
   * @param said when it was measured, null for now
   * @param values numbers and words by name, 1 to 100
   * @return how many were taken: none where later ones are here already
   * @throws InvalidValue where one is neither a number nor words, or there are too many
   */
  int take(String buildId, @Nullable Instant said, Map<String, Object> values) {
    Require.between("values", values.size(), 1, MOST_AT_ONCE, "values");
    values.forEach(FeedDesk::check);
    MachineFeed feed = feed(buildId);
    Require.that(
        feed.roomFor(values),
        "values",
        "A feed has %d names at most.".formatted(MachineFeed.MOST_NAMES));
    Instant now = clock.instant();
    int taken = feed.take(said == null ? now : said, values, nanos.getAsLong(), now);
    if (taken > 0) {
      unkept.add(buildId);
    }
    return taken;
  }

  private static void check(String name, Object value) {
    String field = "values/" + name;
    if (!NAME.matcher(name).matches()) {
      throw new InvalidValue(
          "values", "A name has letters, digits, dots and dashes, 60 at most: coolant.celsius.");
    }
    boolean number = value instanceof Number each && Double.isFinite(each.doubleValue());
    boolean words = value instanceof String text && printable(text);
    if (!number && !words) {
      throw new InvalidValue(field, "“%s” is a number, or up to 100 letters.".formatted(name));
    }
  }

  private static boolean printable(String text) {
    return text.length() <= LONGEST_WORDS && text.codePoints().noneMatch(Character::isISOControl);
  }

  /** All that a build's machine said. */
  LiveValues live(String buildId, ZoneId zone) {
    return feed(buildId).live(nanos.getAsLong(), clock.instant().atZone(zone));
  }

  /** By “feed/” and the build, how often each machine spoke; another value once it stopped. */
  Map<String, Object> beats() {
    Map<String, Object> beats = new HashMap<>();
    long now = nanos.getAsLong();
    feeds.forEach((buildId, feed) -> beats.put("feed/" + buildId, feed.beat(now)));
    return beats;
  }

  /** Whether it says something just now. */
  boolean running(String buildId) {
    return feed(buildId).running(nanos.getAsLong());
  }

  /** Names of what it said. */
  List<String> names(String buildId) {
    return feed(buildId).names();
  }

  private MachineFeed feed(String buildId) {
    return feeds.computeIfAbsent(buildId, id -> MachineFeed.kept(store.of(id)));
  }

  /** What could not be kept, as on a full disk, is still shown, and tried again. */
  void keep() {
    for (String buildId : Set.copyOf(unkept)) {
      unkept.remove(buildId);
      try {
        store.keep(buildId, feed(buildId).keep());
      } catch (DataAccessException notNow) {
        unkept.add(buildId);
        LOG.debug("Kept with the next ones", notNow);
      }
    }
  }

  @EventListener(ContextClosedEvent.class)
  void close() {
    keeper.shutdownNow();
    keep();
  }
}
