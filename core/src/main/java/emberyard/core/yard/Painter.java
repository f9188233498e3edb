package emberyard.core.yard;

import emberyard.core.brief.BriefFindings;
import emberyard.core.brief.Evaluation;
import emberyard.core.brief.Facts;
import emberyard.core.brief.RequirementState;
import emberyard.core.build.Build;
import emberyard.core.build.Stage;
import emberyard.core.build.Task;
import emberyard.core.build.TimeEntry;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.StepTime;
import emberyard.core.finish.WindowChecks;
import emberyard.core.fit.FitWork;
import emberyard.core.money.Budget;
import emberyard.core.money.Labour;
import emberyard.core.plan.PlannedStep;
import emberyard.core.plan.Schedule;
import emberyard.core.plan.WeeklyHours;
import emberyard.core.supply.OrderBook;
import emberyard.core.units.Figures;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Puts one build's derivation, record and place in the schedule together into its picture. */
final class Painter {
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);

  private final BuildRecord record;
  private final Build build;
  private final Schedule schedule;
  private final Map<String, String> titles;
  private final WorkshopBook book;
  private final WeeklyHours hours;
  private final LocalDateTime clock;
  private final Instant now;
  private final Map<String, Long> rates;
  private final long meanRate;
  private final Map<String, StepTime> stepTimes;
  private final Map<String, LocalDateTime> closes;

  Painter(
      BuildRecord record,
      Schedule schedule,
      Map<String, String> titles,
      WorkshopBook book,
      WeeklyHours hours,
      LocalDateTime clock,
      Instant now) {
    this.record = record;
    this.build = record.build();
    this.schedule = schedule;
    this.titles = titles;
    this.book = book;
    this.hours = hours;
    this.clock = clock;
    this.now = now;
    this.rates = book.people().stream().collect(Collectors.toMap(Person::id, Person::rateMinor));
    this.meanRate =
        Math.round(book.people().stream().mapToLong(Person::rateMinor).average().orElse(0));
    this.stepTimes = stepTimes();
    this.closes = closes();
  }

  BuildPicture paint() {
    List<TaskPicture> tasks = tasks();
    Fuse fuse =
        FuseMaker.make(build, record.derived().interview(), tasks, finish(), hours, book, clock);
    Budget budget = Budget.of(build, record.derived().needs(), labour(tasks), book);
    OrderBook orders =
        OrderBook.of(
            build, record.derived().needs(), latestStarts(tasks), book, clock.toLocalDate());
    List<ChainLink> chain = chain();
    Facts facts = BuildFacts.of(record, budget, finish());
    List<RequirementState> coverage =
        Evaluation.of(build.brief(), build.requirements(), facts, book.workshop().currency());
    List<Finding> findings = new ArrayList<>();
    if (build.brief().revealedOn() == null) {
      findings.addAll(record.derived().findings());
      findings.addAll(orders.findings());
      findings.addAll(windows());
      findings.addAll(planFindings(fuse, chain));
      findings.addAll(failures(tasks));
      findings.addAll(BriefFindings.of(coverage, facts, build.concept().frozen() != null));
    }
    UntimedWork.finding(tasks).ifPresent(findings::add);
    findings.addAll(budget.findings(book.workshop().currency()));
    findings.sort(Finding.WORST_FIRST);
    return new BuildPicture(
        build,
        record.derived().interview(),
        coverage,
        record.derived().faces(),
        record.derived().shares(),
        record.derived().parts(),
        record.derived().make(),
        record.derived().schemes(),
        record.derived().treated(),
        record.derived().fit(),
        FitWork.hardwareMassKg(build),
        tasks,
        orders.lines(),
        budget,
        findings,
        chain,
        fuse,
        next(tasks));
  }

  /** Coats and peels where they came to lie, held against their windows and the air. */
  private List<Finding> windows() {
    return record.derived().schemes().stream()
        .flatMap(plan -> WindowChecks.of(plan, stepTimes, book).stream())
        .toList();
  }

  /** When finish steps are planned or were done. */
  private Map<String, StepTime> stepTimes() {
    Map<String, StepTime> times = new HashMap<>();
    for (Task task : record.derived().tasks()) {
      if (task.stage() != Stage.FINISH) {
        continue;
      }
      LocalDateTime doneAt = record.doneAt(task.key());
      PlannedStep planned = doneAt == null ? planned(task.key()) : null;
      if (planned != null) {
        times.put(task.key(), new StepTime(planned.start(), planned.handsOnEnd(), false));
      } else if (doneAt != null) {
        LocalDateTime begun = doneAt.minusMinutes(task.handsOnMinutes());
        times.put(task.key(), new StepTime(begun, doneAt, true));
      }
    }
    return times;
  }

  private Map<String, LocalDateTime> closes() {
    Map<String, LocalDateTime> closes = new HashMap<>();
    record
        .derived()
        .schemes()
        .forEach(plan -> closes.putAll(WindowChecks.closes(plan, stepTimes, book)));
    return closes;
  }

  private List<TaskPicture> tasks() {
    List<TaskPicture> tasks = new ArrayList<>();
    for (Task task : record.derived().tasks()) {
      tasks.add(picture(task));
    }
    tasks.addAll(GoneTasks.of(record));
    tasks.sort(
        Comparator.comparing(Painter::begins, Comparator.nullsFirst(Comparator.naturalOrder()))
            .thenComparing(picture -> picture.task().key()));
    return OpenWork.noted(tasks);
  }

  private static @Nullable LocalDateTime begins(TaskPicture picture) {
    return picture.planned() == null ? picture.doneAt() : picture.planned().start();
  }

  private TaskPicture picture(Task task) {
    LocalDateTime doneAt = record.doneAt(task.key());
    List<String> missing =
        doneAt != null
            ? List.of()
            : task.after().stream().filter(key -> record.stillPlanned(key, clock)).toList();
    return new TaskPicture(
        task,
        state(task, doneAt, missing),
        record.logs().get(task.key()),
        record.remaining(task),
        doneAt != null ? null : planned(task.key()),
        doneAt,
        record.waitsUntil(task),
        missing,
        closes.get(task.key()),
        List.of());
  }

  private TaskState state(Task task, @Nullable LocalDateTime doneAt, List<String> missing) {
    if (doneAt != null) {
      LocalDateTime waitsUntil = record.waitsUntil(task);
      return waitsUntil != null && waitsUntil.isAfter(clock) ? TaskState.WAITING : TaskState.DONE;
    }
    if (record.logs().get(task.key()).running() != null) {
      return TaskState.RUNNING;
    }
    if (record.logs().get(task.key()).failed()) {
      return TaskState.FAILED;
    }
    return missing.isEmpty() ? TaskState.READY : TaskState.BEHIND;
  }

  private @Nullable PlannedStep planned(String key) {
    return schedule.steps().get(build.id() + YardPlanner.SEPARATOR + key);
  }

  private @Nullable LocalDateTime finish() {
    return schedule.finish().get(build.id());
  }

  private Map<String, LocalDateTime> latestStarts(List<TaskPicture> tasks) {
    Map<String, LocalDateTime> latest = new HashMap<>();
    for (TaskPicture picture : tasks) {
      if (picture.planned() != null) {
        latest.put(picture.task().key(), picture.planned().latestStart());
      }
    }
    return latest;
  }

  private Labour labour(List<TaskPicture> tasks) {
    long planned = 0;
    long plannedMinor = 0;
    long remaining = 0;
    long remainingMinor = 0;
    for (TaskPicture picture : tasks) {
      if (picture.state() == TaskState.NO_LONGER_NEEDED) {
        continue;
      }
      String worker = picture.planned() == null ? null : picture.planned().worker();
      long rate = rate(worker);
      planned += picture.task().handsOnMinutes();
      plannedMinor += cost(picture.task().handsOnMinutes(), rate);
      remaining += picture.remainingMinutes();
      remainingMinor += cost(picture.remainingMinutes(), rate);
    }
    boolean over = build.brief().revealedOn() != null;
    long logged = 0;
    long spentMinor = 0;
    for (TimeEntry entry : build.times()) {
      logged += entry.minutes(now);
      spentMinor += cost(entry.minutes(now), rate(entry.personId()));
    }
    return new Labour(
        planned, logged, over ? 0 : remaining, plannedMinor, spentMinor, over ? 0 : remainingMinor);
  }

  private static long cost(long minutes, long rateMinor) {
    return Math.round(minutes * rateMinor / 60.0);
  }

  /** Rate of a person, or the mean of all while it is open who does it. */
  private long rate(@Nullable String personId) {
    return personId == null ? meanRate : rates.getOrDefault(personId, meanRate);
  }

  /** Steps of other builds that keep somebody busy are told as one link, not one by one. */
  private List<ChainLink> chain() {
    List<ChainLink> links = new ArrayList<>();
    List<PlannedStep> others = new ArrayList<>();
    for (String key : schedule.decidingChain().getOrDefault(build.id(), List.of())) {
      PlannedStep step = schedule.steps().get(key);
      if (!step.project().equals(build.id())) {
        others.add(step);
        continue;
      }
      if (!others.isEmpty()) {
        links.add(busyElsewhere(others));
        others.clear();
      }
      links.add(link(step));
    }
    return links;
  }

  private ChainLink link(PlannedStep step) {
    String taskKey = step.key().substring(step.key().indexOf(YardPlanner.SEPARATOR) + 1);
    LocalDateTime arrives = step.decidedBy() == null ? arrival(step, taskKey) : null;
    LocalDateTime from = arrives == null ? step.start() : clock;
    String text = words(step.key(), step);
    return new ChainLink(
        taskKey,
        step.project(),
        arrives == null ? text : "Waiting for the parcel: " + text,
        from,
        step.finish(),
        Duration.between(from, step.finish()).toMinutes());
  }

  private ChainLink busyElsewhere(List<PlannedStep> others) {
    PlannedStep first = others.get(0);
    PlannedStep last = others.get(others.size() - 1);
    String who =
        last.worker() == null
            ? "The station"
            : book.person(last.worker()).map(Person::name).orElse("Somebody");
    return new ChainLink(
        last.key(),
        last.project(),
        "%s is taken by other builds until %s, last by “%s”"
            .formatted(who, MOMENT.format(last.handsOnEnd()), titles.get(last.key())),
        first.start(),
        last.handsOnEnd(),
        Duration.between(first.start(), last.handsOnEnd()).toMinutes());
  }

  /** When what a step of this build opens is expected, null when it is here or not a parcel. */
  private @Nullable LocalDateTime arrival(PlannedStep step, String taskKey) {
    Task task = step.project().equals(build.id()) ? record.byKey().get(taskKey) : null;
    boolean later = task != null && task.earliest() != null && task.earliest().isAfter(clock);
    return later ? task.earliest() : null;
  }

  private String words(String key, PlannedStep step) {
    StringBuilder words = new StringBuilder(titles.get(key));
    if (step.worker() != null) {
      words.append(" · ").append(book.person(step.worker()).map(Person::name).orElse("?"));
    }
    words.append(", ").append(MOMENT.format(step.start()));
    if (step.handsOnEnd().isBefore(step.finish())) {
      words.append(", then waits until ").append(MOMENT.format(step.finish()));
    }
    return words.toString();
  }

  private List<Finding> planFindings(Fuse fuse, List<ChainLink> chain) {
    boolean late = fuse.verdict() == Fuse.Verdict.LATE;
    if (!late && fuse.verdict() != Fuse.Verdict.TIGHT) {
      return List.of();
    }
    String longest =
        chain.stream()
            .max(Comparator.comparingLong(ChainLink::minutes))
            .map(link -> "Longest on the deciding chain: " + link.text() + ".")
            .orElse("");
    return List.of(
        Finding.of(
                late ? Severity.STOP : Severity.RISK,
                "plan",
                "plan/reveal",
                late
                    ? "Reveal missed by %s working days".formatted(Figures.plain(-fuse.spareDays()))
                    : "Only %s working days to spare".formatted(Figures.plain(fuse.spareDays())),
                "Planned finish %s, reveal %s. %s"
                    .formatted(Figures.day(fuse.finish()), Figures.day(fuse.reveal()), longest),
                "One part that comes wrong or one coat to redo takes as much.")
            .with(
                Remedy.byHand("Shorten what decides: see the chain on Plan"),
                Remedy.byHand(
                    build.brief().revealMovable()
                        ? "Move the reveal: it may move"
                        : "Tell the client now")));
  }

  private static List<Finding> failures(List<TaskPicture> tasks) {
    return tasks.stream()
        .filter(picture -> picture.state() == TaskState.FAILED)
        .map(
            picture ->
                Finding.of(
                        Severity.STOP,
                        picture.task().stage().capability(),
                        "task:" + picture.task().key() + "/failed",
                        "Check failed: " + picture.task().title(),
                        picture.log().verdict() == null ? "" : picture.log().verdict().note(),
                        "Nothing behind it may start until it passes.")
                    .about(picture.task().key())
                    .with(Remedy.byHand("Mend it, then check again on its card")))
        .toList();
  }

  private static List<TaskPicture> next(List<TaskPicture> tasks) {
    return tasks.stream()
        .filter(picture -> picture.planned() != null || picture.state() == TaskState.WAITING)
        .filter(
            picture ->
                picture.state() == TaskState.READY
                    || picture.state() == TaskState.RUNNING
                    || picture.state() == TaskState.FAILED
                    || picture.state() == TaskState.WAITING)
        .sorted(
            Comparator.<TaskPicture, Boolean>comparing(p -> p.state() == TaskState.WAITING)
                .thenComparing(p -> p.state() != TaskState.RUNNING)
                .thenComparing(p -> p.planned() == null ? p.waitsUntil() : p.planned().start()))
        .limit(3)
        .toList();
  }
}
