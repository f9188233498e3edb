package emberyard.core.yard.day;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.ManualTask;
import emberyard.core.finding.Caution;
import emberyard.core.plan.PlannedStep;
import emberyard.core.record.Heeded;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.TaskState;
import emberyard.core.yard.YardModel;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What somebody does now and then is what the plan says, in an order that costs nothing. */
class BenchDayTest {
  private static final Instant NOW = Samples.MONDAY_NINE;
  private static final String CUT = "part:p1/cut";
  private static final String FIRST = "manual:first";

  private static YardModel yard(WorkshopBook book, Instant now, Build... builds) {
    return YardModel.of(List.of(builds), book, now);
  }

  private static BenchDay day(Instant now, Build... builds) {
    WorkshopBook book = Samples.book();
    return BenchDay.of(yard(book, now, builds), book, now, "ines");
  }

  /** The workshop with two people in it. */
  private static WorkshopBook two() {
    return Samples.book()
        .with(
            Person.class,
            List.of(
                new Person("bram", "Bram Okoye", List.of(), List.of(), 2_000),
                new Person("ines", "Ines Varga", List.of(), List.of(), 3_000)));
  }

  private static Build with(Build build, ManualTask... tasks) {
    return build.with(ManualTask.class, List.of(tasks));
  }

  private static ManualTask task(String id, int minutes, StationKind station, String... after) {
    return new ManualTask(
        id, "Task " + id, Stage.MAKE, minutes, 0, List.of(after), List.of(), station);
  }

  private static List<String> keys(BenchDay day) {
    return day.cards().stream().map(card -> card.task().task().key()).toList();
  }

  private static Build running(Build build, String key, Instant since) {
    return build.with(TimeEntry.class, List.of(new TimeEntry("t1", key, "ines", since, null)));
  }

  @Test
  void theFirstCardIsWhatThePlanBeginsWith() {
    BenchDay day = day(NOW, Samples.build());
    assertEquals("ines", day.personId());
    assertFalse(day.running());
    DayCard first = day.cards().get(0);
    assertEquals(LocalDateTime.parse("2026-03-02T09:00"), first.from());
    assertEquals(List.of(), first.waitsFor());
    long minutes = day.cards().stream().mapToInt(DayCard::minutes).sum();
    assertEquals(minutes, day.workMinutes());
    assertTrue(day.behind() > 0, "the coats come another day");
  }

  @Test
  void whatRunsComesFirstWhereverItIsPlanned() {
    Instant later = NOW.plus(Duration.ofMinutes(12));
    Build build = running(Samples.build(), CUT, NOW);
    BenchDay day = day(later, build);
    assertTrue(day.running());
    assertEquals(CUT, keys(day).get(0));
    assertEquals(1, keys(day).stream().filter(CUT::equals).count());
    assertEquals(TaskState.RUNNING, day.cards().get(0).task().state());
    assertEquals(List.of(), day.forgotten());
  }

  /** Whoever has the clock running keeps the step, though somebody else is named before. */
  @Test
  void whatRunsStaysWithWhoeverBeganIt() {
    WorkshopBook book = two();
    Build build = running(with(Samples.build(), task("a", 60, null)), "manual:a", NOW);
    TaskModel model =
        yard(book, NOW, build).builds().get("b1").tasks().stream()
            .filter(each -> each.task().key().equals("manual:a"))
            .findFirst()
            .orElseThrow();
    assertEquals("ines", model.planned().worker());
  }

  @Test
  void aBreakOfTheHoursLiesBetweenTheCards() {
    BenchDay day = day(NOW, with(Samples.build(), task("long", 400, null)));
    assertEquals(
        List.of(
            new BenchDay.DayBreak(
                LocalDateTime.parse("2026-03-02T12:45"), LocalDateTime.parse("2026-03-02T13:15"))),
        day.breaks());
  }

  @Test
  void aTaskInPiecesShowsItsPieceAndTheRest() {
    BenchDay day = day(NOW, with(Samples.build(), task("long", 900, null)));
    List<DayCard> pieces =
        day.cards().stream()
            .filter(card -> card.task().task().key().equals("manual:long"))
            .toList();
    assertFalse(pieces.isEmpty());
    DayCard first = pieces.get(0);
    assertTrue(first.pieces() > 1);
    assertEquals(900, first.minutes() + first.restMinutes() + minutesBefore(first));
  }

  private static long minutesBefore(DayCard card) {
    return card.task().planned().pieces().stream()
        .limit(card.piece() - 1)
        .mapToLong(piece -> Duration.between(piece.from(), piece.to()).toMinutes())
        .sum();
  }

  /** The laser is gone to once: the example of {@link SameStand}. */
  @Test
  void stepsAtOnePlaceComeTogetherWhereItCostsNothing() {
    Build build =
        with(
            Build.begun(Samples.brief(null), Samples.build().concept()),
            task("a-file", 20, StationKind.BENCH),
            task("b-cut", 20, StationKind.LASER),
            task("c-drill", 20, StationKind.BENCH));
    WorkshopBook book = Samples.book();
    YardModel yard = yard(book, NOW, build);
    List<Slot> planned = new YardDay(yard, Samples.MONDAY).of("ines");
    BenchDay day = BenchDay.of(yard, book, NOW, "ines");
    List<String> mine = keys(day).stream().filter(key -> key.startsWith("manual:")).toList();
    assertEquals(planned.size(), day.cards().size());
    assertEquals(List.of("manual:a-file", "manual:c-drill", "manual:b-cut"), mine);
    new DayCheck(yard, book, day).holds();
  }

  @Test
  void whatWaitsForAStepIsNotMovedBeforeIt() {
    Build build =
        with(
            Build.begun(Samples.brief(null), Samples.build().concept()),
            task("a-file", 20, StationKind.BENCH),
            task("b-cut", 30, StationKind.LASER),
            task("c-drill", 10, StationKind.BENCH, "manual:b-cut"));
    BenchDay day = day(NOW, build);
    List<String> mine = keys(day).stream().filter(key -> key.startsWith("manual:")).toList();
    assertTrue(mine.indexOf("manual:c-drill") > mine.indexOf("manual:b-cut"));
  }

  /** Any yard: the day has what the plan gives, the plan holds with it, and nobody walks more. */
  @Test
  void aRegroupedDayKeepsThePlan() {
    int fewer = 0;
    for (int seed = 0; seed < 120; seed++) {
      Random random = new Random(seed);
      WorkshopBook book = two();
      Build[] builds = {busy(random, "b1"), busy(random, "b2")};
      YardModel yard = yard(book, NOW, builds);
      for (String person : List.of("ines", "bram")) {
        BenchDay day = BenchDay.of(yard, book, NOW, person);
        List<Slot> planned = new YardDay(yard, day.day()).of(person);
        assertEquals(pieces(planned), pieces(day), "seed " + seed);
        new DayCheck(yard, book, day).holds();
        apart(day);
        int before = SameStand.changes(planned);
        int after = changes(day);
        assertTrue(after <= before, "seed %d: %d after %d".formatted(seed, after, before));
        fewer += after < before ? 1 : 0;
      }
    }
    assertTrue(fewer > 20, "regrouped only " + fewer);
  }

  private static Build busy(Random random, String id) {
    Build like = Samples.build();
    List<ManualTask> tasks = new ArrayList<>();
    StationKind[] places = {StationKind.BENCH, StationKind.LASER, StationKind.SPRAY_CORNER, null};
    for (int i = 0; i < 9; i++) {
      List<String> after =
          i > 0 && random.nextInt(3) == 0
              ? List.of("manual:%s-%d".formatted(id, random.nextInt(i)))
              : List.of();
      tasks.add(
          new ManualTask(
              "%s-%d".formatted(id, i),
              "Task " + i,
              Stage.MAKE,
              5 + random.nextInt(50),
              random.nextInt(4) == 0 ? 30 + random.nextInt(200) : 0,
              after,
              List.of(),
              places[random.nextInt(places.length)]));
    }
    return new Build(like.brief().with().id(id).build(), like.concept(), like.things())
        .with(ManualTask.class, tasks);
  }

  private static List<String> pieces(List<Slot> slots) {
    return slots.stream()
        .map(slot -> slot.build().build().id() + slot.key() + slot.piece())
        .sorted()
        .toList();
  }

  private static List<String> pieces(BenchDay day) {
    return day.cards().stream()
        .map(card -> card.buildId() + card.task().task().key() + card.piece())
        .sorted()
        .toList();
  }

  private static void apart(BenchDay day) {
    for (int i = 1; i < day.cards().size(); i++) {
      assertFalse(day.cards().get(i).from().isBefore(day.cards().get(i - 1).to()));
    }
  }

  private static int changes(BenchDay day) {
    int changes = 0;
    for (int i = 1; i < day.cards().size(); i++) {
      changes += day.cards().get(i).station() == day.cards().get(i - 1).station() ? 0 : 1;
    }
    return changes;
  }

  @Test
  void whatCantBeginSaysWhatItWaitsFor() {
    BenchDay day =
        day(NOW, with(Samples.build(), task("first", 20, null), task("then", 10, null, FIRST)));
    DayCard then =
        day.cards().stream()
            .filter(card -> card.task().task().key().equals("manual:then"))
            .findFirst()
            .orElseThrow();
    WaitsFor waits = then.waitsFor().get(0);
    assertEquals(WaitsFor.Why.WORK, waits.why());
    assertEquals("Task first", waits.title());
    assertEquals("ines", waits.personId());
  }

  @Test
  void aCautionIsReadOnceADayAndPerson() {
    Build build =
        Samples.build()
            .with(
                Heeded.class,
                List.of(
                    new Heeded("h1", "ines", Caution.LASER, NOW),
                    new Heeded("h2", "bram", Caution.ELECTRONICS, NOW)));
    WorkshopBook book = Samples.book();
    DayCard today = card(build, book, NOW);
    assertEquals(List.of(Caution.LASER), today.heeded());
    Instant tomorrow = NOW.plus(Duration.ofDays(1));
    assertEquals(List.of(), card(build, book, tomorrow).heeded());
  }

  private static DayCard card(Build build, WorkshopBook book, Instant now) {
    YardModel yard = yard(book, now, build);
    BuildModel model = yard.builds().get(build.id());
    return BenchDay.card(yard, book, now, "ines", model, CUT).orElseThrow();
  }

  /** 90 min planned at 16:10 run into the night: the day ended at 17:00. */
  @Test
  void aForgottenClockIsGuessedToHaveEndedWithTheDayOrTheWork() {
    Build build = with(Samples.build(), task("long", 90, null));
    Instant next = NOW.plus(Duration.ofDays(1));
    Instant late = Instant.parse("2026-03-02T16:10:00Z");
    ForgottenClock night = day(next, running(build, "manual:long", late)).forgotten().get(0);
    assertEquals(LocalDateTime.parse("2026-03-02T17:00"), night.guessedEnd());
    assertEquals(ForgottenClock.Guess.DAY_ENDED, night.guess());
    assertEquals(0, night.entry().minutes(next), "the night is no work");
    Instant early = Instant.parse("2026-03-02T14:10:00Z");
    ForgottenClock done = day(next, running(build, "manual:long", early)).forgotten().get(0);
    assertEquals(LocalDateTime.parse("2026-03-02T15:40"), done.guessedEnd());
    assertEquals(ForgottenClock.Guess.AS_PLANNED, done.guess());
    assertEquals(List.of(), day(NOW, running(build, "manual:long", NOW)).forgotten());
  }

  @Test
  void whatOthersHaveAndWhatDriesIsSaid() {
    WorkshopBook book = two();
    ManualTask glue =
        new ManualTask("glue", "Glue", Stage.MAKE, 10, 120, List.of(), List.of(), null);
    Build build =
        running(with(Samples.build(), glue), CUT, NOW)
            .with(
                TaskMark.class,
                List.of(new TaskMark("m1", "manual:glue", TaskMark.What.DONE, NOW, "Ines", "")));
    BenchDay day = BenchDay.of(yard(book, NOW, build), book, NOW, "bram");
    OtherHands ines = day.others().get(0);
    assertTrue(ines.runs());
    assertEquals("Cut Left window", ines.title());
    StillWaiting dries = day.waiting().get(0);
    assertEquals("Glue", dries.title());
    assertEquals(LocalDateTime.parse("2026-03-02T11:00"), dries.until());
    assertTrue(Stream.of(keys(day)).noneMatch(keys -> keys.contains(CUT)), "Ines has it");
  }

  @Test
  void afterTheHoursTheNextDayIsShown() {
    Instant evening = Instant.parse("2026-03-02T18:00:00Z");
    BenchDay day = day(evening, Samples.build());
    assertEquals(Samples.MONDAY.plusDays(1), day.day());
    assertEquals(LocalDateTime.parse("2026-03-03T09:00"), day.cards().get(0).from());
  }

  @Test
  void workDoneInPartLeavesWhatIsSaid() {
    TaskMark partly = TaskMark.partly("m1", "manual:long", NOW, "Ines", "the hard half", 25);
    Build build =
        with(Samples.build(), task("long", 90, null)).with(TaskMark.class, List.of(partly));
    TaskModel left =
        yard(Samples.book(), NOW, build).builds().get("b1").tasks().stream()
            .filter(model -> model.task().key().equals("manual:long"))
            .findFirst()
            .orElseThrow();
    assertEquals(25, left.remainingMinutes());
    assertEquals(TaskState.READY, left.state());
    List<PlannedStep.Piece> pieces = left.planned().pieces();
    assertEquals(
        25, pieces.stream().mapToLong(p -> Duration.between(p.from(), p.to()).toMinutes()).sum());
  }
}
