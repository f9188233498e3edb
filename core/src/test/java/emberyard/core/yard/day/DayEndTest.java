package emberyard.core.yard.day;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.ManualTask;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.work.Stage;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import emberyard.core.yard.YardPlan;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What was done today, what slid, what comes tomorrow, and what must not wait until then. */
class DayEndTest {
  private static final Instant EVENING = Instant.parse("2026-03-02T16:55:00Z");

  private static Build build(List<TimeEntry> times, List<TaskMark> marks, ManualTask... tasks) {
    return Samples.build()
        .with(ManualTask.class, List.of(tasks))
        .with(TimeEntry.class, times)
        .with(TaskMark.class, marks);
  }

  private static ManualTask task(String id, int minutes) {
    return new ManualTask(id, "Task " + id, Stage.MAKE, minutes, 0, List.of(), List.of(), null);
  }

  private static DayEnd end(Build build, Instant now) {
    WorkshopBook book = Samples.book();
    List<Build> builds = List.of(build);
    return DayEnd.of(YardPlan.of(builds, book, now), builds, book, now, "ines");
  }

  private static TimeEntry time(String key, String from, String to) {
    return new TimeEntry(
        key + from,
        key,
        "ines",
        Instant.parse("2026-03-02T" + from + ":00Z"),
        Instant.parse("2026-03-02T" + to + ":00Z"));
  }

  @Test
  void whatWasDoneIsToldWithItsMinutes() {
    Instant nine = Instant.parse("2026-03-02T09:40:00Z");
    Build build =
        build(
            List.of(time("manual:a", "09:00", "09:40"), time("manual:b", "10:00", "10:20")),
            List.of(new TaskMark("m1", "manual:a", TaskMark.What.DONE, nine, "Ines Varga", "")),
            task("a", 30),
            task("b", 60));
    DayEnd end = end(build, EVENING);
    assertEquals(60, end.minutes());
    assertEquals(
        List.of("Task a true", "Task b false"),
        end.done().stream().map(did -> did.title() + " " + did.ended()).sorted().toList());
  }

  /** In the morning it was planned for today, in the evening it can't be done any more. */
  @Test
  void whatWasPlannedAndNotDoneSlid() {
    DayEnd end = end(build(List.of(), List.of(), task("a", 120)), EVENING);
    DayEnd.Slid slid =
        end.slid().stream().filter(each -> each.title().equals("Task a")).findFirst().orElseThrow();
    assertEquals(LocalDate.parse("2026-03-03"), slid.is().toLocalDate());
    assertEquals(LocalDate.parse("2026-03-03"), end.next());
    assertTrue(end.tomorrow().stream().anyMatch(each -> each.title().equals("Task a")));
  }

  /** Before work begins nothing has slid, and nothing was done. */
  @Test
  void inTheMorningNothingHasSlid() {
    Instant morning = Instant.parse("2026-03-02T08:55:00Z");
    DayEnd end = end(build(List.of(), List.of(), task("a", 120), task("b", 300)), morning);
    assertEquals(List.of(), end.slid());
    assertEquals(List.of(), end.done());
    assertEquals(0, end.minutes());
  }
}
