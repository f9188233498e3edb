package emberyard.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.record.TaskMark;
import emberyard.core.record.TaskMark.What;
import emberyard.core.record.TimeEntry;
import emberyard.core.units.InvalidValue;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class TaskLogTest {
  private static final Instant NINE = Instant.parse("2026-03-02T09:00:00Z");

  private static TimeEntry entry(int fromMinute, Integer toMinute) {
    return new TimeEntry(
        "e" + fromMinute, "k", "ines", at(fromMinute), toMinute == null ? null : at(toMinute));
  }

  private static TaskMark mark(int minute, What what) {
    return new TaskMark("m" + minute, "k", what, at(minute), "Ines", "why");
  }

  private static Instant at(int minute) {
    return NINE.plusSeconds(60L * minute);
  }

  @Test
  void aRunningClockCountsUpToNow() {
    TaskLog log = TaskLog.of("k", List.of(entry(0, 20), entry(30, null)), List.of(), at(45));
    assertEquals(35, log.loggedMinutes());
    assertNotNull(log.running());
    assertNull(log.doneAt());
  }

  @Test
  void theLatestMarkCountsAndAnAttemptBeginsAtTheRedo() {
    List<TimeEntry> entries = List.of(entry(0, 20), entry(40, 50));
    List<TaskMark> marks = List.of(mark(20, What.DONE), mark(30, What.AGAIN));
    TaskLog again = TaskLog.of("k", entries, marks, at(60));
    assertNull(again.doneAt());
    assertEquals(30, again.loggedMinutes());
    assertEquals(10, again.attemptMinutes());
    TaskLog done =
        TaskLog.of("k", entries, List.of(mark(30, What.AGAIN), mark(55, What.PASSED)), at(60));
    assertEquals(at(55), done.doneAt());
    assertTrue(TaskLog.of("k", entries, List.of(mark(9, What.FAILED)), at(60)).failed());
  }

  /** Hours of the first attempt say nothing of how long the second took. */
  @Test
  void aRedoIsTimedByItsOwnHours() {
    List<TaskMark> redone = List.of(mark(30, What.AGAIN), mark(55, What.DONE));
    assertFalse(TaskLog.of("k", List.of(entry(0, 20)), redone, at(60)).timed());
    assertTrue(TaskLog.of("k", List.of(entry(0, 20), entry(40, 50)), redone, at(60)).timed());
  }

  @Test
  void aClockCannotStopBeforeItStarted() {
    assertThrows(InvalidValue.class, () -> entry(10, 5));
  }
}
