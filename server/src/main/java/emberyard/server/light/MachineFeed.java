package emberyard.server.light;

import emberyard.core.canvas.LiveValues;
import emberyard.core.canvas.LiveValues.LiveValue;
import emberyard.core.canvas.LiveValues.PastValue;
import emberyard.server.light.FeedStore.KeptValue;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What one machine said. Ages are counted by a clock that only runs forwards, so that setting a
 * clock moves no curve and stops no feed.
 */
final class MachineFeed {
  /** Without anything for so long the feed has stopped; it is sent about every second. */
  static final Duration STOPPED = Duration.ofSeconds(10);

  /** As many values as anybody shows. */
  static final int MOST_NAMES = 200;

  private static final int MOST_PAST = 900;
  private static final long CLOSE_NANOS = Duration.ofSeconds(2).toNanos();
  private static final double NANOS_A_MINUTE = 60e9;

  /** What comes so much earlier than what came before is no late message: a clock was set. */
  private static final Duration LATE = Duration.ofMinutes(1);

  private static final DateTimeFormatter TODAY = DateTimeFormatter.ofPattern("HH:mm:ss");
  private static final DateTimeFormatter BEFORE =
      DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH);

  private final Map<String, Latest> values = new HashMap<>();
  private boolean running;
  private long spoken;
  private long heardNanos;
  private @Nullable Instant heardAt;
  private @Nullable Instant saidAt;

  private record Past(long nanos, double number) {}

  /** A value as it was said last. */
  private static final class Latest {
    private double number = Double.NaN;
    private String words = "";
    private final List<Past> past = new ArrayList<>();

    void take(Object value, long nanos) {
      if (value instanceof Number said) {
        words = "";
        number = said.doubleValue();
        int size = past.size();
        if (size >= 2 && past.get(size - 1).nanos() - past.get(size - 2).nanos() < CLOSE_NANOS) {
          past.remove(size - 1);
        }
        past.add(new Past(nanos, number));
        thin();
      } else {
        number = Double.NaN;
        words = String.valueOf(value);
        past.clear();
      }
    }

    /** Of what is long ago, every second one is enough. */
    private void thin() {
      if (past.size() > MOST_PAST) {
        for (int i = MOST_PAST / 2; i > 0; i -= 2) {
          past.remove(i);
        }
      }
    }

    LiveValue live(long nanos) {
      return words.isEmpty()
          ? LiveValue.of(
              number,
              past.stream()
                  .map(
                      each -> new PastValue((nanos - each.nanos()) / NANOS_A_MINUTE, each.number()))
                  .toList())
          : LiveValue.of(words);
    }
  }

  /** As it was when the application was closed. */
  static MachineFeed kept(List<KeptValue> kept) {
    MachineFeed feed = new MachineFeed();
    for (KeptValue value : kept) {
      Latest latest = new Latest();
      latest.number = value.number() == null ? Double.NaN : value.number();
      latest.words = value.words();
      feed.values.put(value.name(), latest);
      if (feed.heardAt == null || value.at().isAfter(feed.heardAt)) {
        feed.heardAt = value.at();
      }
    }
    return feed;
  }

  /**
   * Takes what was said.
   *
   * @param said when it was measured, by the clock of who says it
   * @param nanos now, on a clock that only runs forwards
   * @param now by the clock of the wall
   * @return how many were taken: none where later ones are here already
   */
  synchronized int take(Instant said, Map<String, Object> told, long nanos, Instant now) {
    boolean late = saidAt != null && said.isBefore(saidAt);
    if (late && Duration.between(said, saidAt).compareTo(LATE) < 0) {
      return 0;
    }
    told.forEach(
        (name, value) -> values.computeIfAbsent(name, k -> new Latest()).take(value, nanos));
    saidAt = said;
    heardNanos = nanos;
    heardAt = now;
    running = true;
    spoken++;
    return told.size();
  }

  /** How often it spoke; −1 while it is silent. */
  synchronized long beat(long nanos) {
    return running(nanos) ? spoken : -1;
  }

  /** Whether so many names more can be taken. */
  synchronized boolean roomFor(Map<String, Object> told) {
    return values.size() + told.keySet().stream().filter(name -> !values.containsKey(name)).count()
        <= MOST_NAMES;
  }

  /** Whether something was said within the last seconds. */
  synchronized boolean running(long nanos) {
    return running && nanos - heardNanos <= STOPPED.toNanos();
  }

  /** All as it stands. */
  synchronized LiveValues live(long nanos, ZonedDateTime now) {
    Map<String, LiveValue> live = new HashMap<>();
    values.forEach((name, latest) -> live.put(name, latest.live(nanos)));
    String since = running(nanos) || heardAt == null ? "" : written(heardAt, now);
    return new LiveValues(live, now.toLocalTime(), since);
  }

  private static String written(Instant at, ZonedDateTime now) {
    ZoneId zone = now.getZone();
    ZonedDateTime there = at.atZone(zone);
    boolean today = there.toLocalDate().equals(now.toLocalDate());
    return (today ? TODAY : BEFORE).format(there);
  }

  /** What is to be kept over a restart. */
  synchronized List<KeptValue> keep() {
    List<KeptValue> all = new ArrayList<>();
    if (heardAt == null) {
      return all;
    }
    Instant at = heardAt;
    values.forEach(
        (name, latest) ->
            all.add(
                new KeptValue(
                    name,
                    Double.isNaN(latest.number) ? null : (Double) latest.number,
                    latest.words,
                    at)));
    return all;
  }

  /** Names of what was said, in order. */
  synchronized List<String> names() {
    return values.keySet().stream().sorted().toList();
  }
}
