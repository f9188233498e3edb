package emberyard.server.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.canvas.LiveValues;
import emberyard.core.canvas.LiveValues.PastValue;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What one machine said: ages, late messages, silence, and clocks that are set. */
class MachineFeedTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");
  private final MachineFeed feed = new MachineFeed();
  private Instant wall = Instant.parse("2026-03-03T10:00:00Z");
  private long nanos = 5_000_000_000L;

  private void later(Duration time) {
    wall = wall.plus(time);
    nanos += time.toNanos();
  }

  private int says(double celsius) {
    return feed.take(wall, Map.of("coolant.celsius", celsius), nanos, wall);
  }

  private LiveValues live() {
    return feed.live(nanos, wall.atZone(ZONE));
  }

  private double coolant() {
    return live().number("coolant.celsius").orElseThrow();
  }

  @Test
  void whatWasSaidLastStaysAndSaysSinceWhen() {
    assertEquals(1, says(31.5));
    assertEquals("", live().since());
    later(MachineFeed.STOPPED);
    assertEquals("", live().since(), "ten seconds are nothing");
    later(Duration.ofSeconds(1));
    assertEquals("11:00:00", live().since(), "the workshop's time");
    assertEquals(31.5, coolant());
    later(Duration.ofDays(2));
    assertEquals("3 Mar 11:00", live().since());
    assertEquals(-1, feed.beat(nanos));
    assertEquals(1, says(29));
    assertEquals("", live().since());
    assertEquals(2, feed.beat(nanos));
  }

  @Test
  void aClockThatIsSetByADayMovesNothing() {
    for (int i = 0; i < 60; i++) {
      says(30 + i);
      later(Duration.ofSeconds(10));
    }
    for (int days : new int[] {1, -2, 400}) {
      List<PastValue> before = live().past("coolant.celsius");
      wall = wall.plus(Duration.ofDays(days));
      assertEquals(before, live().past("coolant.celsius"), "the curve stands as it was");
      assertEquals("", live().since(), "the feed still runs");
      assertEquals(1, says(89), "and is still taken");
      assertEquals("", live().since());
    }
  }

  @Test
  void whatComesLateIsLeftOut() {
    says(40);
    Instant earlier = wall.minusSeconds(30);
    assertEquals(0, feed.take(earlier, Map.of("coolant.celsius", 1.0), nanos, wall));
    assertEquals(40, coolant());
    assertEquals(1, feed.take(wall, Map.of("coolant.celsius", 41), nanos, wall), "twice at once");
    assertEquals(41, coolant());
  }

  @Test
  void curvesStayBoundedHoweverOftenItSpeaks() {
    for (int i = 0; i < 20_000; i++) {
      says(i % 50);
      later(Duration.ofMillis(500));
    }
    List<PastValue> past = live().past("coolant.celsius");
    assertTrue(past.size() <= 900, past.size() + " points");
    assertEquals(49, past.get(past.size() - 1).number());
    double age = Double.MAX_VALUE;
    for (PastValue each : past) {
      assertTrue(each.minutesAgo() < age);
      age = each.minutesAgo();
    }
    assertTrue(past.get(0).minutesAgo() > 100, "and go back as far as it spoke");
    assertTrue(age < 0.02);
  }

  @Test
  void wordsAndNumbersTakeTurns() {
    says(20);
    feed.take(wall, Map.of("coolant.celsius", "pump off"), nanos, wall);
    assertEquals("pump off", live().words("coolant.celsius"));
    assertTrue(live().number("coolant.celsius").isEmpty());
    says(21);
    assertEquals("", live().words("coolant.celsius"));
    assertEquals(1, live().past("coolant.celsius").size());
  }

  @Test
  void afterARestartItStandsAsItStood() {
    feed.take(wall, Map.of("a", 4.5, "b", "open"), nanos, wall);
    MachineFeed again = MachineFeed.kept(feed.keep());
    later(Duration.ofMinutes(3));
    LiveValues live = again.live(nanos, wall.atZone(ZONE));
    assertEquals(4.5, live.number("a").orElseThrow());
    assertEquals("open", live.words("b"));
    assertEquals("11:00:00", live.since());
    assertFalse(again.running(0), "whatever the new clock counts from");
    assertEquals(List.of("a", "b"), again.names());
  }

  @Test
  void itHasRoomForSoManyNames() {
    Map<String, Object> told = new HashMap<>();
    for (int i = 0; i < MachineFeed.MOST_NAMES; i++) {
      told.put("n" + i, i);
    }
    assertTrue(feed.roomFor(told));
    feed.take(wall, told, nanos, wall);
    assertTrue(feed.roomFor(told), "the same again");
    assertFalse(feed.roomFor(Map.of("one more", 1)));
  }
}
