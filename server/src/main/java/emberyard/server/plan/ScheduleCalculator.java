package emberyard.server.plan;

import emberyard.core.plan.ChainPart;
import emberyard.core.plan.MissedWindow;
import emberyard.core.plan.Place;
import emberyard.core.plan.Placed;
import emberyard.core.plan.PlannedStep;
import emberyard.core.plan.Project;
import emberyard.core.plan.Schedule;
import emberyard.core.plan.SchedulingProblem;
import emberyard.core.plan.SerialScheduler;
import emberyard.core.plan.Step;
import emberyard.core.plan.WeeklyHours;
import emberyard.core.plan.Worker;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.work.BeginWindow;
import emberyard.core.work.DayPaces;
import emberyard.core.workshop.OpenHours;
import emberyard.server.api.HeavyWork;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The scheduling calculator: the same function that plans the yard, on posted tasks. */
@Component
class ScheduleCalculator {
  private static final String PROJECT = "posted";
  private static final int MOST_TASKS = 10_000;
  private static final int MOST_PEOPLE = 100;

  private final HeavyWork heavy;

  ScheduleCalculator(HeavyWork heavy) {
    this.heavy = heavy;
  }

  /** Tasks over people and stations. */
  record ScheduleQuestion(
      @Schema(description = "Nothing starts before, bench clock, 2026-03-02T09:00")
          LocalDateTime start,
      @Schema(description = "Day (its end counts) or moment of the reveal; may be left out")
          @Nullable String reveal,
      @Schema(description = "Weekly working time") List<OpenHours> hours,
      @Schema(description = "Who works; at least one when there is hands-on time")
          @Nullable List<PersonQuestion> people,
      @Nullable List<StationQuestion> stations,
      List<TaskQuestion> tasks) {}

  /** Somebody, with hours of their own or the workshop's. */
  record PersonQuestion(String id, @Nullable List<OpenHours> hours) {}

  /** A station. */
  record StationQuestion(
      String id,
      @Schema(description = "Tasks at once", minimum = "1", maximum = "1000", defaultValue = "1")
          @Nullable Integer capacity) {}

  /** A task. */
  record TaskQuestion(
      String key,
      @Schema(description = "In working hours only, minutes", minimum = "0", maximum = "1000000")
          int handsOnMinutes,
      @Schema(
              description = "Runs day and night behind the hands-on time, minutes",
              minimum = "0",
              maximum = "10000000")
          @Nullable Integer waitMinutes,
      @Schema(description = "Keys that must be finished first, waits included")
          @Nullable List<String> after,
      @Schema(description = "Who does it; anybody when left out") @Nullable String person,
      @Schema(description = "What it occupies; nothing when left out") @Nullable String station,
      @Schema(description = "Whether the wait keeps the station", defaultValue = "false")
          @Nullable Boolean holdsStationWhileWaiting,
      @Schema(
              description = "Whether closing time and other work may split it",
              defaultValue = "true")
          @Nullable Boolean interruptible,
      @Schema(description = "Not before, bench clock") @Nullable LocalDateTime earliest,
      @Schema(
              description =
                  "Greatest time lags: what it has to be begun behind, at the latest; kept where it"
                      + " can be")
          @Nullable List<WindowQuestion> windows,
      @Schema(description = "To be begun by then, bench clock; kept where it can be")
          @Nullable LocalDateTime beginBy) {}

  /** A window in which a task has to be begun. */
  record WindowQuestion(
      @Schema(description = "Key of the task that opens it; it is finished first") String after,
      @Schema(
              description = "Minutes from the end of its hands-on time, day and night",
              minimum = "0",
              maximum = "10000000")
          int minutes) {}

  /** The plan. */
  record ScheduleAnswer(
      @Schema(description = "Latest finish; the start when there are no tasks")
          LocalDateTime finish,
      @Schema(
              description =
                  "The same by the plain rule, before it was justified and, where the reveal is"
                      + " missed, 32 other orders were tried: what that gained")
          LocalDateTime plainFinish,
      @Schema(description = "By start, then key") List<TaskAnswer> tasks,
      @Schema(description = "Keys that decide the finish, first one first")
          List<String> decidingChain,
      @Schema(
              description =
                  "Why it is finished no earlier: stretches of time with their reason, without a"
                      + " hole from the start to the finish")
          List<ChainPart> decidingReasons,
      @Schema(description = "Windows for which no place was found: what begins too late")
          List<MissedWindow> missedWindows) {}

  /** Where a task lies. */
  record TaskAnswer(
      String key,
      LocalDateTime start,
      LocalDateTime handsOnEnd,
      @Schema(description = "End of hands-on time plus the wait") LocalDateTime finish,
      @Schema(description = "Working minutes it can slip before the reveal (or the finish) moves")
          long slackMinutes,
      @Schema(description = "On the deciding chain") boolean deciding,
      @Schema(description = "Who does it") @Nullable String person,
      @Schema(description = "Stretches of hands-on time") List<PlannedStep.Piece> pieces,
      @Schema(
              description =
                  "Where it lies when all is as late as the reveal (or the finish) allows; moved"
                      + " there with what follows it, the rest stays a plan")
          Placed late) {}

  ScheduleAnswer schedule(ScheduleQuestion asked) {
    Schedule plan = heavy.run(() -> SerialScheduler.schedule(problem(asked)));
    List<ChainPart> reasons = plan.decidingChain().getOrDefault(PROJECT, List.of());
    List<String> deciding = reasons.stream().map(ChainPart::step).distinct().toList();
    return new ScheduleAnswer(
        plan.finish().getOrDefault(PROJECT, asked.start()),
        plan.plainFinish().getOrDefault(PROJECT, asked.start()),
        plan.steps().values().stream()
            .map(step -> answer(step, deciding.contains(step.key()), plan.late().get(step.key())))
            .toList(),
        deciding,
        reasons,
        plan.missedWindows());
  }

  private static SchedulingProblem problem(ScheduleQuestion asked) {
    Require.given("start", asked.start());
    WeeklyHours hours = WeeklyHours.of(Require.list(asked.hours()));
    List<TaskQuestion> tasks = Require.list(asked.tasks());
    Require.that(
        tasks.size() <= MOST_TASKS, "tasks", "At most %,d tasks at once.".formatted(MOST_TASKS));
    return new SchedulingProblem(
        asked.start(),
        hours,
        List.of(new Project(PROJECT, reveal(asked.reveal()))),
        Require.each("people", few("people", asked.people()), (one, index) -> worker(one, hours)),
        Require.each("stations", few("stations", asked.stations()), (one, index) -> place(one)),
        Require.each("tasks", tasks, (task, index) -> step(task)));
  }

  private static <T> List<T> few(String field, @Nullable List<T> asked) {
    List<T> given = Require.list(asked);
    Require.between(field, given.size(), 0, MOST_PEOPLE, field);
    return given;
  }

  private static Worker worker(PersonQuestion person, WeeklyHours hours) {
    Require.text("id", person.id());
    List<OpenHours> own = Require.list(person.hours());
    return new Worker(
        person.id(), own.isEmpty() ? hours : Require.inside("hours", () -> WeeklyHours.of(own)));
  }

  private static Place place(StationQuestion station) {
    return new Place(station.id(), station.capacity() == null ? 1 : station.capacity());
  }

  private static Step step(TaskQuestion task) {
    List<WindowQuestion> windows = Require.list(task.windows());
    return new Step(
            task.key(),
            PROJECT,
            task.handsOnMinutes(),
            task.waitMinutes() == null ? 0 : task.waitMinutes(),
            Require.list(task.after()),
            task.person() == null ? List.of() : List.of(task.person()),
            task.station(),
            Boolean.TRUE.equals(task.holdsStationWhileWaiting()),
            !Boolean.FALSE.equals(task.interruptible()),
            task.earliest())
        .with()
        .windows(Require.each("windows", windows, (one, index) -> window(one)))
        .beginBy(task.beginBy())
        .build();
  }

  private static BeginWindow window(WindowQuestion asked) {
    return new BeginWindow(asked.after(), asked.minutes(), DayPaces.USUAL);
  }

  private static @Nullable LocalDateTime reveal(@Nullable String text) {
    if (text == null || text.isBlank()) {
      return null;
    }
    try {
      return text.contains("T")
          ? LocalDateTime.parse(text)
          : LocalDate.parse(text).plusDays(1).atStartOfDay();
    } catch (DateTimeException unreadable) {
      throw new InvalidValue(
          "reveal", "“%s” is no day; write 2026-03-27 or 2026-03-27T16:00.".formatted(text));
    }
  }

  private static TaskAnswer answer(PlannedStep step, boolean deciding, Placed late) {
    return new TaskAnswer(
        step.key(),
        step.start(),
        step.handsOnEnd(),
        step.finish(),
        step.slackMinutes(),
        deciding,
        step.worker(),
        step.pieces(),
        late);
  }
}
