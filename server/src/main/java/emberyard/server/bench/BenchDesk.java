package emberyard.server.bench;

import emberyard.core.build.Brief;
import emberyard.core.finding.Finding;
import emberyard.core.record.Acceptance;
import emberyard.core.record.JobNote;
import emberyard.core.record.OrderLine;
import emberyard.core.record.Photo;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.reveal.RevealWork;
import emberyard.core.supply.Measured;
import emberyard.core.units.Require;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.GateRule;
import emberyard.core.yard.OpenStep;
import emberyard.core.yard.ShelfUse;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.TaskState;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Versioned;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** What happens at the bench: today's cards, the clock, and what people say about their work. */
@Component
class BenchDesk {
  private static final long LONGEST_MINUTES = 24 * 60;

  private final YardReader yard;
  private final ThingStore store;
  private final Clock clock;

  BenchDesk(YardReader yard, ThingStore store, Clock clock) {
    this.yard = yard;
    this.store = store;
    this.clock = clock;
  }

  /** Today's work across builds, in order; parcels come first, they are opened the same day. */
  record BenchView(LocalDateTime now, List<BenchCard> cards) {}

  /**
   * One card.
   *
   * @param orderIds lines of orders that are in the parcel it opens, none for any other work
   */
  record BenchCard(
      String buildId,
      String buildName,
      TaskModel task,
      List<JobNote> notes,
      List<Photo> photos,
      List<TimeEntry> times,
      List<String> orderIds) {}

  BenchView today() {
    YardReader.Reading reading = yard.read();
    LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), zone(reading));
    LocalDate day = benchDay(reading, now.toLocalDate());
    List<BenchCard> cards = new ArrayList<>();
    for (BuildModel model : reading.yard().builds().values()) {
      model.tasks().stream()
          .filter(task -> today(task, day) || model.arrived(task.task().key(), day))
          .forEach(task -> cards.add(card(model, task)));
    }
    cards.sort(
        Comparator.<BenchCard, Boolean>comparing(c -> c.task().state() != TaskState.RUNNING)
            .thenComparing(c -> c.orderIds().isEmpty())
            .thenComparing(c -> c.task().state() == TaskState.WAITING)
            .thenComparing(c -> moment(c.task())));
    return new BenchView(now, cards);
  }

  /** Starts this person's clock on a task, and stops the one that ran. */
  void start(Account who, String buildId, String entryId, String taskKey) {
    Require.text("id", entryId);
    YardReader.Reading reading = yard.read();
    refuse(GateRule.clockRefusal(reading.build(buildId), taskKey).orElse(null));
    Instant now = clock.instant();
    List<Write> writes = stops(reading, who.personId(), now);
    TimeEntry entry = new TimeEntry(entryId, taskKey, who.personId(), now, null);
    writes.add(Write.create(buildId, entry));
    store.apply(who.id(), writes);
  }

  /** Stops whatever clock of this person runs. */
  void stop(Account who) {
    List<Write> writes = stops(yard.read(), who.personId(), clock.instant());
    if (!writes.isEmpty()) {
      store.apply(who.id(), writes);
    }
  }

  /** Records a mark, stops the clock on its task, and ends the build at the hand-over. */
  void mark(Account who, String buildId, BenchController.MarkRequest said) {
    Require.given("what", said.what());
    YardReader.Reading reading = yard.read();
    BuildModel model = reading.build(buildId);
    refuse(GateRule.refusal(model, said.taskKey(), said.what()).orElse(null));
    if (said.what() == TaskMark.What.DONE) {
      refuse(model.unread(said.taskKey()).orElse(null));
    }
    Instant now = clock.instant();
    String by = said.by() == null || said.by().isBlank() ? who.name() : said.by();
    String note = Require.textOrEmpty("note", said.note());
    TaskMark mark = new TaskMark(said.id(), said.taskKey(), said.what(), now, by, note);
    List<Write> writes = new ArrayList<>();
    model.kept(mark, reading.book()).forEach(kept -> writes.add(Write.create(buildId, kept)));
    LocalDate today = LocalDate.ofInstant(now, zone(reading));
    ShelfUse taken = ShelfUse.of(model, mark, reading.book(), today);
    taken.uses().forEach(use -> writes.add(Write.create(buildId, use)));
    taken.shelf().forEach(product -> writes.add(Write.overwrite(null, product)));
    for (OrderLine line : model.opened(mark, today)) {
      writes.add(Write.overwrite(buildId, line));
      Measured.sheet(line, reading.book())
          .ifPresent(sheet -> writes.add(Write.overwrite(null, sheet)));
    }
    model.build().times().stream()
        .filter(entry -> entry.taskKey().equals(said.taskKey()) && entry.endedAt() == null)
        .forEach(entry -> writes.add(stopped(buildId, entry, now)));
    typedTime(who, said, now).ifPresent(time -> writes.add(Write.create(buildId, time)));
    revealed(model, mark, zone(reading)).ifPresent(writes::add);
    store.apply(who.id(), writes);
  }

  /** The time a person says it took, where no clock ran; nothing needs a reason. */
  private static Optional<TimeEntry> typedTime(
      Account who, BenchController.MarkRequest said, Instant now) {
    if (said.minutes() == null) {
      return Optional.empty();
    }
    long minutes = Require.between("minutes", (long) said.minutes(), 0, LONGEST_MINUTES, "minutes");
    String why = Require.textOrEmpty("timeWhy", said.timeWhy());
    Require.that(minutes > 0 || !why.isBlank(), "timeWhy", "Say why it took no time.");
    return Optional.of(
        new TimeEntry(
            said.id() + "-time",
            said.taskKey(),
            who.personId(),
            now.minus(Duration.ofMinutes(minutes)),
            now,
            who.name(),
            why));
  }

  /**
   * Counts open steps before a check, coat or hand-over as done, each with its reason and who says
   * so. Checks among them can't be passed over.
   */
  void passOver(Account who, String buildId, BenchController.PassOverRequest said) {
    Require.text("id", said.id());
    YardReader.Reading reading = yard.read();
    BuildModel model = reading.build(buildId);
    TaskModel target = task(model, said.taskKey());
    String by = said.by() == null || said.by().isBlank() ? who.name() : said.by();
    Instant now = clock.instant();
    List<Write> writes = new ArrayList<>();
    for (BenchController.PassedStep step : Require.list(said.steps())) {
      OpenStep open =
          target.openBefore().stream()
              .filter(each -> each.taskKey().equals(step.taskKey()))
              .findFirst()
              .orElse(null);
      if (open == null) {
        continue;
      }
      refuse(open.gate() ? "“%s” has to pass first.".formatted(open.title()) : null);
      String id = said.id() + "-" + writes.size();
      TaskMark mark =
          new TaskMark(
              id, step.taskKey(), TaskMark.What.DONE, now, by, step.reason(), said.taskKey());
      model.kept(mark, reading.book()).forEach(kept -> writes.add(Write.create(buildId, kept)));
    }
    if (!writes.isEmpty()) {
      store.apply(who.id(), writes);
    }
  }

  private static TaskModel task(BuildModel model, String key) {
    return model.tasks().stream()
        .filter(each -> each.task().key().equals(key))
        .findFirst()
        .orElseThrow(
            () ->
                new Refused(HttpStatus.CONFLICT, "There is no such task in this build any more."));
  }

  /**
   * A line of hours as typed or corrected; who typed it is kept, and nobody types the future. What
   * is sent as it is stored was typed by nobody.
   */
  TimeEntry typed(Account who, TimeEntry entry) {
    if (store.find(TimeEntry.class, entry.id()).map(Versioned::value).equals(Optional.of(entry))) {
      return entry;
    }
    Instant now = clock.instant();
    Instant end = entry.endedAt() == null ? entry.startedAt() : entry.endedAt();
    Require.that(!end.isAfter(now), "endedAt", "Hours lie in the past: this ends after now.");
    return new TimeEntry(
        entry.id(),
        entry.taskKey(),
        entry.personId(),
        entry.startedAt(),
        entry.endedAt(),
        who.name(),
        entry.why());
  }

  void note(Account who, String buildId, String id, String taskKey, String text) {
    yard.read().build(buildId);
    JobNote note = new JobNote(id, taskKey, text, who.name(), clock.instant());
    store.apply(who.id(), List.of(Write.create(buildId, note)));
  }

  /** Takes a finding upon somebody; a refusal can't be taken. */
  void accept(Account who, String buildId, BenchController.AcceptRequest said) {
    boolean refusal =
        yard.read().build(buildId).findings().stream()
            .filter(finding -> finding.key().equals(said.findingKey()))
            .anyMatch(Finding::refusal);
    refuse(refusal ? "This can't be accepted by anyone: choose another way." : null);
    Acceptance acceptance =
        new Acceptance(said.id(), said.findingKey(), said.by(), said.reason(), clock.instant());
    store.apply(who.id(), List.of(Write.create(buildId, acceptance)));
  }

  private static ZoneId zone(YardReader.Reading reading) {
    return ZoneId.of(reading.book().workshop().zone());
  }

  /** Handing over ends the build; sending it back opens it again. */
  private static Optional<Write> revealed(BuildModel model, TaskMark said, ZoneId zone) {
    if (!said.taskKey().equals(RevealWork.HAND_OVER)) {
      return Optional.empty();
    }
    Brief b = model.build().brief();
    LocalDate on = said.what() == TaskMark.What.DONE ? LocalDate.ofInstant(said.at(), zone) : null;
    return Optional.of(Write.overwrite(b.id(), b.revealed(on)));
  }

  private static List<Write> stops(YardReader.Reading reading, String personId, Instant now) {
    List<Write> writes = new ArrayList<>();
    for (BuildModel model : reading.yard().builds().values()) {
      for (TimeEntry entry : model.build().times()) {
        if (entry.endedAt() == null && entry.personId().equals(personId)) {
          writes.add(stopped(model.build().id(), entry, now));
        }
      }
    }
    return writes;
  }

  private static Write stopped(String buildId, TimeEntry entry, Instant now) {
    return Write.overwrite(buildId, entry.stopped(now));
  }

  /**
   * Today, or the next day on which work is planned where none is today: after hours, on a Sunday.
   */
  private static LocalDate benchDay(YardReader.Reading reading, LocalDate today) {
    return reading.yard().builds().values().stream()
        .flatMap(model -> model.tasks().stream())
        .filter(task -> task.planned() != null && task.remainingMinutes() > 0)
        .map(task -> task.planned().start().toLocalDate())
        .min(Comparator.naturalOrder())
        .filter(first -> first.isAfter(today))
        .orElse(today);
  }

  private static boolean today(TaskModel task, LocalDate today) {
    if (task.state() == TaskState.RUNNING || task.state() == TaskState.WAITING) {
      return true;
    }
    return task.planned() != null
        && task.remainingMinutes() > 0
        && !task.planned().start().toLocalDate().isAfter(today);
  }

  private static LocalDateTime moment(TaskModel task) {
    return task.planned() != null ? task.planned().start() : task.waitsUntil();
  }

  private static BenchCard card(BuildModel model, TaskModel task) {
    String key = task.task().key();
    return new BenchCard(
        model.build().id(),
        model.build().brief().name(),
        task,
        model.build().notes().stream().filter(note -> note.taskKey().equals(key)).toList(),
        model.build().photos().stream().filter(p -> p.taskKey().equals(key)).toList(),
        model.build().times().stream().filter(t -> t.taskKey().equals(key)).toList(),
        model.ordersIn(key).stream().map(OrderLine::id).toList());
  }

  private static void refuse(@Nullable String sentence) {
    if (sentence != null) {
      throw new Refused(HttpStatus.CONFLICT, sentence);
    }
  }
}
