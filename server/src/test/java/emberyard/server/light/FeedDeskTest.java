package emberyard.server.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import emberyard.core.canvas.LiveValues;
import emberyard.core.units.InvalidValue;
import emberyard.server.store.TestStore;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DataAccessResourceFailureException;

/** What machines say is taken in, and is still there after a restart and on a full disk. */
class FeedDeskTest {
  private static final ZoneId ZONE = ZoneOffset.UTC;
  private final Clock clock = Clock.fixed(Instant.parse("2026-03-03T09:42:00Z"), ZONE);
  private long nanos;

  private FeedDesk desk(FeedStore store) {
    return new FeedDesk(store, clock, () -> nanos);
  }

  @Test
  void afterARestartTheLastValuesStandThereAndSaySinceWhen(@TempDir Path folder) {
    try (TestStore store = new TestStore(folder, clock)) {
      FeedStore kept = new FeedStore(store.sql);
      FeedDesk before = desk(kept);
      before.take("b", null, Map.of("coolant.celsius", 31.5, "pump", "on"));
      before.take("b", null, Map.of("coolant.celsius", 32));
      before.take("other", null, Map.of("coolant.celsius", 1));
      before.close();
      LiveValues after = desk(kept).live("b", ZONE);
      assertEquals(32, after.number("coolant.celsius").orElseThrow());
      assertEquals("on", after.words("pump"));
      assertEquals("09:42:00", after.since());
      assertEquals(1, desk(kept).live("other", ZONE).number("coolant.celsius").orElseThrow());
      assertEquals(List.of(), desk(kept).names("none"));
    }
  }

  @Test
  void onAFullDiskItIsStillShownAndKeptLater() {
    FeedStore full = mock(FeedStore.class);
    when(full.of("b")).thenReturn(List.of());
    doThrow(new DataAccessResourceFailureException("full"))
        .doNothing()
        .when(full)
        .keep(any(), any());
    FeedDesk desk = desk(full);
    desk.take("b", null, Map.of("a", 5));
    desk.keep();
    assertEquals(5, desk.live("b", ZONE).number("a").orElseThrow());
    desk.keep();
    desk.keep();
    verify(full, times(2)).keep(any(), any());
  }

  @Test
  void itTellsThatAMachineSpokeAndThatItStopped() {
    FeedStore store = mock(FeedStore.class);
    when(store.of(any())).thenReturn(List.of());
    FeedDesk desk = desk(store);
    assertEquals(Map.of(), desk.beats());
    desk.take("b", null, Map.of("a", 5));
    assertEquals(Map.of("feed/b", 1L), desk.beats());
    desk.take("b", null, Map.of("a", 5));
    assertEquals(Map.of("feed/b", 2L), desk.beats(), "also where it says the same");
    nanos += MachineFeed.STOPPED.toNanos() + 1;
    assertEquals(Map.of("feed/b", -1L), desk.beats());
    assertFalse(desk.running("b"));
  }

  @Test
  void nothingIsHalfTaken() {
    FeedStore store = mock(FeedStore.class);
    when(store.of(any())).thenReturn(List.of());
    FeedDesk desk = desk(store);
    assertThrows(
        InvalidValue.class, () -> desk.take("b", null, Map.of("good", 1, "odd", List.of(1))));
    assertEquals(List.of(), desk.names("b"));
    assertThrows(InvalidValue.class, () -> desk.take("b", null, Map.of("a", Double.NaN)));
    assertThrows(InvalidValue.class, () -> desk.take("b", null, Map.of()));
  }
}
