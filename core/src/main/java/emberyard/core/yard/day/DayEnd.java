package emberyard.core.yard.day;

import emberyard.core.build.Build;
import emberyard.core.build.Snag;
import emberyard.core.plan.PlannedStep;
import emberyard.core.record.PaintFault;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.supply.NeedLine;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.OwnDay;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.YardPlan;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How somebody's day ended, and what is to be done before one goes home.
 *
 * @param done what this person did today, in order of the record
 * @param minutes this person worked today
 * @param slid what the plan of this morning had for them today and that is not done, with when it
 *     is done now
 * @param next the next day on which the plan gives them something, null for none
 * @param tomorrow what that is, in order
 * @param order what has to be ordered before the next working day is over
 * @param rack what is ready before the next working day begins and still takes its place
 * @param closing what has to be begun before that and is not planned today: its window closes
 */
public record DayEnd(
    LocalDate day,
    String personId,
    List<Did> done,
    long minutes,
    List<Slid> slid,
    @Nullable LocalDate next,
    List<Ahead> tomorrow,
    List<ToOrder> order,
    List<StillWaiting> rack,
    List<Ahead> closing) {
  private static final Set<TaskMark.What> SAID =
      EnumSet.of(TaskMark.What.DONE, TaskMark.What.PARTLY, TaskMark.What.PASSED);

  /**
   * A step somebody worked on.
   *
   * @param minutes of this person today
   * @param ended whether it was ended today, rather than left for another day
   */
  public record Did(
      String buildId,
      String buildName,
      String taskKey,
      String title,
      long minutes,
      boolean ended) {}

  /**
   * A step that was planned for today.
   *
   * @param is when it begins now
   * @param worker who does it now, null where nobody was said
   */
  public record Slid(
      String buildId,
      String buildName,
      String taskKey,
      String title,
      LocalDateTime is,
      @Nullable String worker) {}

  /** A step ahead, or the last moment to begin it. */
  public record Ahead(
      String buildId,
      String buildName,
      String taskKey,
      String title,
      LocalDateTime at,
      String stationName) {}

  /** Something that has to be ordered. */
  public record ToOrder(
      String buildId, String buildName, String title, String supplierName, LocalDate orderBy) {}

  /**
   * How the day stands.
   *
   * @param plan the yard as it is
   * @param builds the same builds
   */
  public static DayEnd of(
      YardPlan plan, List<Build> builds, WorkshopBook book, Instant now, String personId) {
    ZoneId zone = ZoneId.of(book.workshop().zone());
    return new Reading(plan.model(), morning(plan, builds, book, now, zone), book, now, personId)
        .end();
  }

  /** The yard as it was planned before anything was done today. */
  private static YardModel morning(
      YardPlan plan, List<Build> builds, WorkshopBook book, Instant now, ZoneId zone) {
    Instant midnight = LocalDate.ofInstant(now, zone).atStartOfDay(zone).toInstant();
    List<Build> before = builds.stream().map(build -> before(build, midnight)).toList();
    return plan.changed(before, before(book, midnight), midnight).model();
  }

  private static WorkshopBook before(WorkshopBook book, Instant midnight) {
    List<OwnDay> known =
        book.ownDays().stream()
            .filter(day -> day.saidAt() == null || day.saidAt().isBefore(midnight))
            .toList();
    return known.size() == book.ownDays().size() ? book : book.with(OwnDay.class, known);
  }

  private static Build before(Build build, Instant midnight) {
    Build then = without(build, TimeEntry.class, build.times(), TimeEntry::startedAt, midnight);
    then = without(then, TaskMark.class, build.marks(), TaskMark::at, midnight);
    then = without(then, PaintFault.class, build.faults(), PaintFault::at, midnight);
    return without(then, Snag.class, build.snags(), Snag::at, midnight);
  }

  private static <T extends Thing> Build without(
      Build build, Class<T> kind, List<T> all, Function<T, Instant> at, Instant midnight) {
    List<T> before = all.stream().filter(each -> at.apply(each).isBefore(midnight)).toList();
    return before.size() == all.size() ? build : build.with(kind, before);
  }

  /** One look at two yards. */
  private record Reading(
      YardModel yard, YardModel morning, WorkshopBook book, Instant now, String personId) {

    DayEnd end() {
      List<Did> done = done();
      LocalDate next = next();
      YardDay ahead = next == null ? null : new YardDay(yard, next);
      List<Slot> slots = ahead == null ? List.of() : ahead.of(personId);
      LocalDateTime begin = opens();
      return new DayEnd(
          today(),
          personId,
          done,
          done.stream().mapToLong(Did::minutes).sum(),
          slid(),
          next,
          slots.stream().map(slot -> ahead(slot.build(), slot.model(), slot.from())).toList(),
          order(begin.toLocalDate()),
          StillWaiting.of(yard).stream()
              .filter(each -> each.until().isBefore(begin) && holds(each))
              .toList(),
          closing(begin));
    }

    private ZoneId zone() {
      return ZoneId.of(book.workshop().zone());
    }

    private LocalDateTime clock() {
      return LocalDateTime.ofInstant(now, zone());
    }

    private LocalDate today() {
      return clock().toLocalDate();
    }

    private boolean today(Instant at) {
      return LocalDate.ofInstant(at, zone()).equals(today());
    }

    private List<Did> done() {
      String name = book.person(personId).map(person -> person.name()).orElse("");
      List<Did> did = new ArrayList<>();
      for (BuildModel build : yard.builds().values()) {
        for (TaskModel model : build.tasks()) {
          String key = model.task().key();
          List<TimeEntry> times = times(build, key);
          List<TaskMark> marks =
              build.build().marks().stream()
                  .filter(mark -> mark.taskKey().equals(key) && mark.passedFor() == null)
                  .filter(mark -> today(mark.at()) && SAID.contains(mark.what()))
                  .toList();
          boolean said =
              marks.stream()
                  .anyMatch(mark -> mark.by().equals(name) || personId.equals(mark.personId()));
          if (!times.isEmpty() || said) {
            did.add(
                new Did(
                    build.build().id(),
                    build.build().brief().name(),
                    key,
                    model.task().title(),
                    times.stream().mapToLong(this::minutes).sum(),
                    model.handsDone() && !marks.isEmpty()));
          }
        }
      }
      return did;
    }

    /** This person's hours on a step today, those of a clock that runs among them. */
    private List<TimeEntry> times(BuildModel build, String key) {
      return build.build().times().stream()
          .filter(time -> time.taskKey().equals(key) && time.personId().equals(personId))
          .filter(time -> today(time.startedAt()))
          .toList();
    }

    private long minutes(TimeEntry time) {
      Instant until = time.endedAt() == null ? now : time.endedAt();
      return Duration.between(time.startedAt(), until).toMinutes();
    }

    private List<Slid> slid() {
      List<Slid> slid = new ArrayList<>();
      for (BuildModel was : morning.builds().values()) {
        Map<String, TaskModel> is = new HashMap<>();
        yard.builds()
            .get(was.build().id())
            .tasks()
            .forEach(each -> is.put(each.task().key(), each));
        for (TaskModel model : was.tasks()) {
          TaskModel then = is.get(model.task().key());
          if (mineToday(model) && then != null && then.planned() != null && slid(then.planned())) {
            slid.add(
                new Slid(
                    was.build().id(),
                    was.build().brief().name(),
                    then.task().key(),
                    then.task().title(),
                    then.planned().start(),
                    then.planned().worker()));
          }
        }
      }
      slid.sort(Comparator.comparing(Slid::is));
      return slid;
    }

    /** Whether the morning's plan had all that was left of a step for this person and day. */
    private boolean mineToday(TaskModel model) {
      PlannedStep planned = model.planned();
      return planned != null
          && personId.equals(planned.worker())
          && !planned.pieces().isEmpty()
          && handsEnd(planned).toLocalDate().equals(today());
    }

    private boolean slid(PlannedStep is) {
      return !is.pieces().isEmpty()
          && (handsEnd(is).toLocalDate().isAfter(today())
              || !Objects.equals(personId, is.worker()));
    }

    private static LocalDateTime handsEnd(PlannedStep step) {
      return step.pieces().get(step.pieces().size() - 1).to();
    }

    private Stream<PlannedStep.Piece> pieces() {
      return yard.builds().values().stream()
          .flatMap(build -> build.tasks().stream())
          .map(TaskModel::planned)
          .filter(planned -> planned != null && personId.equals(planned.worker()))
          .flatMap(planned -> planned.pieces().stream());
    }

    private @Nullable LocalDate next() {
      return pieces()
          .map(piece -> piece.from().toLocalDate())
          .filter(day -> day.isAfter(today()))
          .min(Comparator.naturalOrder())
          .orElse(null);
    }

    /** When anybody works here again. */
    private LocalDateTime opens() {
      LocalDate day = today().plusDays(1);
      for (int ahead = 0; ahead < 14; ahead++, day = day.plusDays(1)) {
        LocalDate on = day;
        var first =
            book.workers().stream()
                .flatMap(person -> book.workedOn(person.id(), on).stream())
                .map(hours -> hours.from())
                .min(Comparator.naturalOrder());
        if (first.isPresent()) {
          return on.atTime(first.get());
        }
      }
      return today().plusDays(1).atStartOfDay();
    }

    private List<ToOrder> order(LocalDate by) {
      return yard.builds().values().stream()
          .filter(build -> build.build().brief().revealedOn() == null)
          .filter(build -> build.enquiry() == null)
          .flatMap(
              build ->
                  build.needs().stream()
                      .filter(line -> line.open() > 0 && line.orderBy() != null)
                      .filter(line -> !line.orderBy().isAfter(by))
                      .map(line -> order(build, line)))
          .sorted(Comparator.comparing(ToOrder::orderBy))
          .toList();
    }

    private ToOrder order(BuildModel build, NeedLine line) {
      return new ToOrder(
          build.build().id(),
          build.build().brief().name(),
          line.need().title(),
          book.supplier(line.need().supplierId()).map(Supplier::name).orElse(""),
          line.orderBy());
    }

    private boolean holds(StillWaiting each) {
      return yard.builds().get(each.buildId()).tasks().stream()
          .filter(model -> model.task().key().equals(each.taskKey()))
          .anyMatch(model -> model.task().holdsStation());
    }

    private List<Ahead> closing(LocalDateTime begin) {
      List<Ahead> closing = new ArrayList<>();
      for (BuildModel build : yard.builds().values()) {
        for (TaskModel model : build.tasks()) {
          LocalDateTime closes = model.windowCloses();
          PlannedStep planned = model.planned();
          boolean later = planned != null && planned.start().toLocalDate().isAfter(today());
          if (later && closes != null && closes.isAfter(clock()) && closes.isBefore(begin)) {
            closing.add(ahead(build, model, closes));
          }
        }
      }
      return closing;
    }

    private Ahead ahead(BuildModel build, TaskModel model, LocalDateTime at) {
      String station =
          book.stations().stream()
              .filter(each -> each.kind() == model.task().station())
              .findFirst()
              .map(each -> each.name())
              .orElse("");
      return new Ahead(
          build.build().id(),
          build.build().brief().name(),
          model.task().key(),
          model.task().title(),
          at,
          station);
    }
  }
}
