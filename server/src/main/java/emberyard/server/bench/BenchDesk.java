package emberyard.server.bench;

import emberyard.core.build.Brief;
import emberyard.core.finding.Caution;
import emberyard.core.finding.Finding;
import emberyard.core.record.Acceptance;
import emberyard.core.record.Heeded;
import emberyard.core.record.JobNote;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.reveal.RevealWork;
import emberyard.core.supply.Measured;
import emberyard.core.units.Require;
import emberyard.core.work.Stage;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.GateRule;
import emberyard.core.yard.OpenStep;
import emberyard.core.yard.ShelfUse;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.day.BenchDay;
import emberyard.core.yard.day.CardDrawing;
import emberyard.core.yard.day.DayCard;
import emberyard.core.yard.day.DayEnd;
import emberyard.core.yard.diary.Diary;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** What happens at the bench: somebody's day, and what people say about their work. */
@Component
class BenchDesk {
  private static final long LONGEST_MINUTES = 24 * 60;
  private static final int LEAST_LETTERS = 2;
  private static final int MOST_FOUND = 12;

  private final YardReader yard;
  private final ThingStore store;
  private final ActMoment moments;
  private final ClockDesk clocks;

  BenchDesk(YardReader yard, ThingStore store, ActMoment moments, ClockDesk clocks) {
    this.yard = yard;
    this.store = store;
    this.moments = moments;
    this.clocks = clocks;
  }

  /**
   * What somebody does now and then.
   *
   * @param personId whose day; null or unknown for the one who asks, the first of the workshop
   *     where that is nobody who works here
   */
  BenchDay day(Account who, @Nullable String personId) {
    YardReader.Reading reading = yard.read();
    String person = person(reading, who, personId);
    return BenchDay.of(reading.yard(), reading.book(), moments.now(), person);
  }

  /** One card of a build. */
  DayCard card(Account who, String buildId, String taskKey) {
    YardReader.Reading reading = yard.read();
    BuildModel build = reading.build(buildId);
    String person = person(reading, who, null);
    return BenchDay.card(reading.yard(), reading.book(), moments.now(), person, build, taskKey)
        .orElseThrow(() -> new MissingThing("There is no such task in this build any more."));
  }

  /**
   * The card with which work on a thing goes on: its first open one, its last where all is done. Of
   * hardware that no step is about by itself, the next step of putting the build together.
   */
  DayCard cardOf(Account who, String buildId, String thingId) {
    BuildModel build = yard.read().build(buildId);
    List<TaskModel> about =
        build.tasks().stream().filter(model -> thingId.equals(model.task().thingId())).toList();
    boolean hardware =
        build.build().components().stream().anyMatch(each -> each.id().equals(thingId));
    List<TaskModel> tasks =
        about.isEmpty() && hardware
            ? build.tasks().stream()
                .filter(model -> model.task().stage() == Stage.ASSEMBLE)
                .toList()
            : about;
    TaskModel next =
        tasks.stream()
            .filter(model -> !model.handsDone())
            .findFirst()
            .or(() -> tasks.stream().reduce((one, other) -> other))
            .orElseThrow(() -> new MissingThing("Nothing is done with this in this build."));
    return card(who, buildId, next.task().key());
  }

  /** Where something can be found wrong on a build, drawn. */
  List<CardDrawing> places(String buildId) {
    return CardDrawing.places(yard.read().build(buildId));
  }

  /** How somebody's day ended. */
  DayEnd end(Account who, @Nullable String personId) {
    YardReader.Reading reading = yard.read();
    String person = person(reading, who, personId);
    return DayEnd.of(reading.plan(), reading.builds(), reading.book(), moments.now(), person);
  }

  /** The diary of a build. */
  Diary diary(String buildId) {
    YardReader.Reading reading = yard.read();
    return Diary.of(reading.build(buildId), reading.book());
  }

  /** A card that was looked for. */
  record FoundCard(String buildId, String buildName, String taskKey, String title, boolean open) {}

  List<FoundCard> find(String words) {
    String wanted = words.strip().toLowerCase(Locale.ROOT);
    if (wanted.length() < LEAST_LETTERS) {
      return List.of();
    }
    return yard.read().yard().builds().values().stream()
        .flatMap(build -> build.tasks().stream().map(model -> found(build, model)))
        .filter(card -> card.title().toLowerCase(Locale.ROOT).contains(wanted))
        .sorted(Comparator.comparing(card -> !card.open()))
        .limit(MOST_FOUND)
        .toList();
  }

  private static FoundCard found(BuildModel build, TaskModel model) {
    return new FoundCard(
        build.build().id(),
        build.build().brief().name(),
        model.task().key(),
        model.task().title(),
        !model.handsDone());
  }

  private static String person(YardReader.Reading reading, Account who, @Nullable String personId) {
    List<Person> workers = reading.book().workers();
    return Stream.of(Optional.ofNullable(personId), Optional.of(who.personId()))
        .flatMap(Optional::stream)
        .filter(id -> workers.stream().anyMatch(worker -> worker.id().equals(id)))
        .findFirst()
        .orElse(workers.get(0).id());
  }

  /** Records a mark, stops the clock on its task, and ends the build at the hand-over. */
  synchronized void mark(Account who, String buildId, BenchController.MarkRequest said) {
    Require.given("what", said.what());
    Require.text("id", said.id());
    if (store.find(TaskMark.class, said.id()).isPresent()) {
      return;
    }
    YardReader.Reading reading = yard.read();
    BuildModel model = reading.build(buildId);
    Refused.when(GateRule.refusal(model, said.taskKey(), said.what()));
    if (said.what() == TaskMark.What.DONE) {
      Refused.when(model.unread(said.taskKey()));
    }
    Instant now = moments.of(said.at());
    TaskMark mark = mark(who, reading.book(), said, now);
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
        .map(entry -> clocks.stopped(reading, entry, now))
        .forEach(entry -> writes.add(Write.overwrite(buildId, entry)));
    typedTime(who, said, now).ifPresent(time -> writes.add(Write.create(buildId, time)));
    revealed(model, mark, zone(reading)).ifPresent(writes::add);
    store.apply(who.id(), writes);
  }

  private static TaskMark mark(
      Account who, WorkshopBook book, BenchController.MarkRequest said, Instant at) {
    String doer = doer(who, said);
    String other =
        doer.equals(who.personId()) ? "" : book.person(doer).map(Person::name).orElse("");
    String by =
        Stream.of(said.by(), other)
            .filter(name -> name != null && !name.isBlank())
            .findFirst()
            .orElse(who.name());
    String note = Require.textOrEmpty("note", said.note());
    if (said.what() != TaskMark.What.PARTLY) {
      return new TaskMark(said.id(), said.taskKey(), said.what(), at, by, note);
    }
    Require.given("leftMinutes", said.leftMinutes());
    return TaskMark.partly(said.id(), said.taskKey(), at, by, note, said.leftMinutes());
  }

  /** Who did it: whoever says so, or somebody else. */
  private static String doer(Account who, BenchController.MarkRequest said) {
    return said.doneBy() == null || said.doneBy().isBlank() ? who.personId() : said.doneBy();
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
            doer(who, said),
            now.minus(Duration.ofMinutes(minutes)),
            now,
            who.name(),
            why));
  }

  /**
   * Counts open steps before a check, coat or hand-over as done, each with its reason and who says
   * so. Checks among them can't be passed over.
   */
  synchronized void passOver(Account who, String buildId, BenchController.PassOverRequest said) {
    Require.text("id", said.id());
    if (store.find(TaskMark.class, said.id() + "-0").isPresent()) {
      return;
    }
    YardReader.Reading reading = yard.read();
    BuildModel model = reading.build(buildId);
    TaskModel target = task(model, said.taskKey());
    String by = said.by() == null || said.by().isBlank() ? who.name() : said.by();
    Instant now = moments.of(said.at());
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
      Refused.unless(!open.gate(), "“%s” has to pass first.".formatted(open.title()));
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

  /** Keeps a remark; sent again, it is the same one. */
  void note(Account who, String buildId, BenchController.NoteRequest said) {
    yard.read().build(buildId);
    if (store.find(JobNote.class, String.valueOf(said.id())).isEmpty()) {
      Instant at = moments.of(said.at());
      JobNote note = new JobNote(said.id(), said.taskKey(), said.text(), who.name(), at);
      store.apply(who.id(), List.of(Write.create(buildId, note)));
    }
  }

  /** Keeps which cautions somebody has read: on that day they are a line to them. */
  void heed(Account who, String buildId, BenchController.HeedRequest said) {
    yard.read().build(buildId);
    Require.text("id", said.id());
    Instant at = moments.of(said.at());
    List<Write> writes = new ArrayList<>();
    for (Caution caution : Require.list(said.cautions())) {
      String id = "%s-%s".formatted(said.id(), caution.name());
      if (store.find(Heeded.class, id).isEmpty()) {
        writes.add(Write.create(buildId, new Heeded(id, who.personId(), caution, at)));
      }
    }
    if (!writes.isEmpty()) {
      store.apply(who.id(), writes);
    }
  }

  /** Takes a finding upon somebody; a refusal can't be taken. */
  void accept(Account who, String buildId, BenchController.AcceptRequest said) {
    boolean refusal =
        yard.read().build(buildId).findings().stream()
            .filter(finding -> finding.key().equals(said.findingKey()))
            .anyMatch(Finding::refusal);
    Refused.unless(!refusal, "This can't be accepted by anyone: choose another way.");
    Acceptance acceptance =
        new Acceptance(said.id(), said.findingKey(), said.by(), said.reason(), moments.now());
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
}
