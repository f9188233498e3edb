package emberyard.core.yard.day;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.ManualTask;
import emberyard.core.finish.FinishSamples;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.supply.NeedLine;
import emberyard.core.work.Stage;
import emberyard.core.workshop.OwnDay;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import emberyard.core.yard.TaskState;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.YardPlan;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Stream;
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

  /** Accounts are not called as people are: who had the clock did it, however short it ran. */
  @Test
  void whatWasDoneInNoTimeByTheClockIsToldToo() {
    Instant nine = Instant.parse("2026-03-02T09:00:30Z");
    Build build =
        build(
            List.of(time("manual:a", "09:00", "09:00")),
            List.of(new TaskMark("m1", "manual:a", TaskMark.What.DONE, nine, "ines", "")),
            task("a", 30));
    DayEnd end = end(build, EVENING);
    assertEquals(List.of("Task a"), end.done().stream().map(DayEnd.Did::title).toList());
    assertEquals(0, end.minutes());
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

  /** Who goes away at ten is told what slid by that; a day off that was known slides nothing. */
  @Test
  void whatSlidesByGoingAwaySlid() {
    Instant ten = Instant.parse("2026-03-02T10:00:00Z");
    OwnDay away =
        new HoursSaid(HoursSaid.What.AWAY, "ines", null, null, null)
            .on(Samples.book(), LocalDateTime.parse("2026-03-02T10:00"));
    List<Build> builds = List.of(build(List.of(), List.of(), task("a", 120)));
    WorkshopBook today = Samples.book().with(OwnDay.class, List.of(away.said(ten)));
    DayEnd end = DayEnd.of(YardPlan.of(builds, today, ten), builds, today, ten, "ines");
    assertTrue(end.slid().stream().anyMatch(each -> each.title().equals("Task a")));
    Instant sunday = Instant.parse("2026-03-01T10:00:00Z");
    OwnDay off = new OwnDay("", "ines", Samples.MONDAY, List.of(), "", sunday);
    WorkshopBook known = Samples.book().with(OwnDay.class, List.of(off));
    DayEnd quiet = DayEnd.of(YardPlan.of(builds, known, ten), builds, known, ten, "ines");
    assertEquals(List.of(), quiet.slid());
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

  private static Build painted(Instant sprayed) {
    return Samples.build()
        .with(
            TaskMark.class,
            Stream.of("wash", "key", "colour/1")
                .map(step -> "scheme:s1/" + step)
                .map(key -> new TaskMark(key, key, TaskMark.What.DONE, sprayed, "Ines Varga", ""))
                .toList());
  }

  /** Nobody is told to order what was ordered, or what has time until after tomorrow. */
  @Test
  void whatHasToBeOrderedIsSaidUntilTheNextWorkingDayIsOver() {
    DayEnd end = end(build(List.of(), List.of()), EVENING);
    LocalDate tomorrow = LocalDate.parse("2026-03-03");
    List<NeedLine> lines =
        YardModel.of(List.of(build(List.of(), List.of())), Samples.book(), EVENING)
            .builds()
            .get("b1")
            .needs();
    List<String> due =
        lines.stream()
            .filter(line -> line.open() > 0 && line.orderBy() != null)
            .filter(line -> !line.orderBy().isAfter(tomorrow))
            .map(line -> line.need().title())
            .sorted()
            .toList();
    assertEquals(due, end.order().stream().map(DayEnd.ToOrder::title).sorted().toList());
    end.order().forEach(each -> assertFalse(each.supplierName().isEmpty(), each.title()));
  }

  /** On Friday evening the next day with work is Monday, and what must not wait until then too. */
  @Test
  void overTheWeekendItLooksToMonday() {
    Instant friday = Instant.parse("2026-03-06T16:55:00Z");
    DayEnd end = end(build(List.of(), List.of(), task("a", 120)), friday);
    assertEquals(LocalDate.parse("2026-03-09"), end.next());
    assertTrue(end.tomorrow().stream().allMatch(each -> each.at().getDayOfWeek().getValue() == 1));
  }

  /** What dries on a station until before work begins again is taken off it in the evening. */
  @Test
  void whatIsReadyOverNightComesOffTheRack() {
    Instant sprayed = Instant.parse("2026-03-02T16:30:00Z");
    DayEnd end = end(painted(sprayed), EVENING);
    for (StillWaiting each : end.rack()) {
      assertTrue(each.until().isBefore(end.next().atTime(9, 0)), each.title());
    }
    YardModel yard = YardModel.of(List.of(painted(sprayed)), Samples.book(), EVENING);
    long holding =
        yard.builds().get("b1").tasks().stream()
            .filter(model -> model.state() == TaskState.WAITING && model.task().holdsStation())
            .filter(model -> model.waitsUntil().isBefore(end.next().atTime(9, 0)))
            .count();
    assertEquals(holding, end.rack().size());
  }

  /** A window that closes over night and is not planned today is said in the evening. */
  @Test
  void aWindowThatClosesOverNightIsSaid() {
    PaintProduct enamel =
        FinishSamples.paint("green", "#2E4A45", PaintKind.COLOUR, PaintBase.ENAMEL, 600, 0.8);
    WorkshopBook book = Samples.book().with(PaintProduct.class, List.of(enamel));
    Build build = painted(Instant.parse("2026-03-02T15:00:00Z"));
    List<Build> builds = List.of(build);
    Instant late = Instant.parse("2026-03-02T17:30:00Z");
    DayEnd end = DayEnd.of(YardPlan.of(builds, book, late), builds, book, late, "ines");
    List<String> closing = end.closing().stream().map(DayEnd.Ahead::taskKey).toList();
    List<String> open =
        YardModel.of(builds, book, late).builds().get("b1").tasks().stream()
            .filter(model -> model.windowCloses() != null && model.planned() != null)
            .filter(model -> model.windowCloses().isBefore(end.next().atTime(9, 0)))
            .map(model -> model.task().key())
            .toList();
    assertEquals(open, closing);
    assertEquals(List.of("scheme:s1/colour/2"), closing);
  }

  /** Taking today's records away and planning anew is what was planned before any of them. */
  @Test
  void whatIsDoneByTheMorningsPlanNeverSlid() {
    Instant noon = Instant.parse("2026-03-02T12:00:00Z");
    Build build =
        build(
            List.of(time("manual:a", "09:00", "11:00")),
            List.of(new TaskMark("m1", "manual:a", TaskMark.What.DONE, noon, "Ines Varga", "")),
            task("a", 120),
            task("b", 600));
    DayEnd end = end(build, noon);
    assertTrue(end.slid().stream().noneMatch(each -> each.title().equals("Task a")));
    assertTrue(
        end.slid().stream().noneMatch(each -> each.title().equals("Task b")),
        "it was never to be done today");
  }
}
