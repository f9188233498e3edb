package emberyard.core.yard.day;

import emberyard.core.record.TimeEntry;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.OwnDay;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.YardModel;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What one person does now, what then, and what goes on without them.
 *
 * @param now of the bench clock
 * @param day whose cards these are: today, or the next day on which the plan gives them something
 * @param workMinutes hands-on time of the cards of that day
 * @param outBy when the last of them is done, null without cards
 * @param running whether the first card is the one on which this person's clock runs
 * @param cards in the order in which they are done; the first is what to do now
 * @param breaks of that day's hours, between the cards
 * @param waiting what dries, cures and prints, ready first
 * @param others what the others have in hand
 * @param forgotten clocks of this person that run since another day
 * @param ownDays days of this person, from today on, that are not as in every week; first to last
 * @param behind how many open steps of all builds have no card here
 */
public record BenchDay(
    LocalDateTime now,
    String personId,
    LocalDate day,
    int workMinutes,
    @Nullable LocalDateTime outBy,
    boolean running,
    List<DayCard> cards,
    List<DayBreak> breaks,
    List<StillWaiting> waiting,
    List<OtherHands> others,
    List<ForgottenClock> forgotten,
    List<OwnDay> ownDays,
    int behind) {

  /** A stretch of the day in which nobody works. */
  public record DayBreak(LocalDateTime from, LocalDateTime to) {}

  /**
   * The day of somebody.
   *
   * @param personId of the workshop; work that is planned for nobody else is theirs
   */
  public static BenchDay of(YardModel yard, WorkshopBook book, Instant now, String personId) {
    return new Reading(yard, book, now, personId).day();
  }

  /**
   * One card, whenever it is planned; nothing where the build has no such step.
   *
   * @param build of this yard
   */
  public static Optional<DayCard> card(
      YardModel yard,
      WorkshopBook book,
      Instant now,
      String personId,
      BuildModel build,
      String taskKey) {
    LocalDateTime clock = LocalDateTime.ofInstant(now, ZoneId.of(book.workshop().zone()));
    CardMaker maker = new CardMaker(yard, book, personId, clock);
    return build.tasks().stream()
        .filter(model -> model.task().key().equals(taskKey))
        .findFirst()
        .map(model -> Slot.whole(build, model, clock))
        .map(maker::card);
  }

  /** One look at the yard for one person. */
  private static final class Reading {
    private final YardModel yard;
    private final WorkshopBook book;
    private final Instant now;
    private final ZoneId zone;
    private final LocalDateTime clock;
    private final String personId;
    private final LocalDate day;
    private final YardDay plan;
    private final CardMaker maker;

    Reading(YardModel yard, WorkshopBook book, Instant now, String personId) {
      this.yard = yard;
      this.book = book;
      this.now = now;
      this.zone = ZoneId.of(book.workshop().zone());
      this.clock = LocalDateTime.ofInstant(now, zone);
      this.personId = personId;
      this.day = nextDay();
      this.plan = new YardDay(yard, day);
      this.maker = new CardMaker(yard, book, personId, clock);
    }

    /** Today while there is something left, else the next day with work. */
    private LocalDate nextDay() {
      LocalDate today = clock.toLocalDate();
      return tasks()
          .filter(slot -> slot.model().planned() != null)
          .flatMap(slot -> slot.model().planned().pieces().stream().map(piece -> piece.from()))
          .map(LocalDateTime::toLocalDate)
          .min(Comparator.naturalOrder())
          .filter(first -> first.isAfter(today) && running().isEmpty())
          .orElse(today);
    }

    /** Steps that the plan gives this person. */
    private Stream<Slot> tasks() {
      return yard.builds().values().stream()
          .flatMap(
              build ->
                  build.tasks().stream()
                      .filter(model -> model.planned() != null)
                      .filter(model -> personId.equals(model.planned().worker()))
                      .map(model -> new Slot(build, model, clock, clock, 1, 1)));
    }

    BenchDay day() {
      List<DayCard> cards = cards().stream().map(maker::card).toList();
      return new BenchDay(
          clock,
          personId,
          day,
          cards.stream().mapToInt(DayCard::minutes).sum(),
          cards.stream().map(DayCard::to).max(Comparator.naturalOrder()).orElse(null),
          running().isPresent(),
          cards,
          breaks(),
          StillWaiting.of(yard),
          others(),
          ForgottenClock.of(yard, book, now).stream()
              .filter(each -> each.entry().personId().equals(personId))
              .toList(),
          ownDays(),
          open() - (int) cards.stream().map(DayCard::task).distinct().count());
    }

    /** What runs first, then the day as planned and regrouped, then parcels that are here. */
    private List<Slot> cards() {
      List<Slot> day = new ArrayList<>(plan.of(personId));
      day.removeIf(slot -> othersRun(slot.model()));
      List<Slot> order = new ArrayList<>();
      running().ifPresent(order::add);
      running().ifPresent(runs -> day.removeIf(slot -> slot.of(runs)));
      order.addAll(new SameStand(plan, maker::capacity).regrouped(day));
      for (Slot parcel : arrived()) {
        if (order.stream().noneMatch(parcel::of)) {
          order.add(parcel);
        }
      }
      return order;
    }

    private boolean othersRun(TaskModel model) {
      TimeEntry running = model.log().running();
      return runs(running) && !running.personId().equals(personId);
    }

    /** Whether a clock runs that was begun today: one of another day was forgotten. */
    private boolean runs(@Nullable TimeEntry entry) {
      return entry != null && !ForgottenClock.is(entry, zone, clock);
    }

    /** The step on which this person's clock runs, with what is left of it. */
    private Optional<Slot> running() {
      return runningOf(personId)
          .map(
              slot ->
                  new Slot(
                      slot.build(),
                      slot.model(),
                      clock,
                      clock.plusMinutes(slot.model().remainingMinutes()),
                      1,
                      1));
    }

    private Optional<Slot> runningOf(String person) {
      return yard.builds().values().stream()
          .flatMap(
              build ->
                  build.tasks().stream()
                      .filter(model -> runs(model.log().running()))
                      .filter(model -> model.log().running().personId().equals(person))
                      .map(model -> new Slot(build, model, clock, clock, 1, 1)))
          .max(Comparator.comparing(slot -> slot.model().log().running().startedAt()));
    }

    /** Parcels that are here and planned for this person another day: they are opened at once. */
    private List<Slot> arrived() {
      return tasks()
          .filter(slot -> slot.build().arrived(slot.key(), clock.toLocalDate()))
          .map(slot -> slot.at(slot.model().planned().start()))
          .map(slot -> slot.lasting(slot.model().remainingMinutes()))
          .toList();
    }

    private List<OwnDay> ownDays() {
      return book.ownDays().stream()
          .filter(each -> each.personId().equals(personId))
          .filter(each -> !each.date().isBefore(clock.toLocalDate()))
          .sorted(Comparator.comparing(OwnDay::date))
          .toList();
    }

    private List<DayBreak> breaks() {
      List<OpenHours> hours = book.workedOn(personId, day);
      List<DayBreak> breaks = new ArrayList<>();
      for (int i = 1; i < hours.size(); i++) {
        LocalDateTime from = day.atTime(hours.get(i - 1).to());
        LocalDateTime to = day.atTime(hours.get(i).from());
        if (from.isBefore(to) && to.isAfter(clock)) {
          breaks.add(new DayBreak(from, to));
        }
      }
      return breaks;
    }

    private List<OtherHands> others() {
      YardDay today =
          day.equals(clock.toLocalDate()) ? plan : new YardDay(yard, clock.toLocalDate());
      return book.workers().stream()
          .filter(person -> !person.id().equals(personId))
          .map(person -> other(person, today))
          .toList();
    }

    private OtherHands other(Person person, YardDay today) {
      List<Slot> slots = new ArrayList<>(today.of(person.id()));
      Optional<Slot> runs = runningOf(person.id());
      runs.ifPresent(running -> slots.removeIf(slot -> slot.of(running)));
      Slot first = runs.orElse(slots.isEmpty() ? null : slots.get(0));
      int behind = runs.isPresent() ? 0 : 1;
      LocalDateTime until =
          runs.map(slot -> clock.plusMinutes(slot.model().remainingMinutes()))
              .orElse(first == null ? null : first.to());
      return new OtherHands(
          person.id(),
          person.name(),
          first == null ? "" : first.task().title(),
          runs.isPresent(),
          first == null ? null : first.from(),
          until,
          first == null ? "" : maker.stationName(first.station()),
          slots.size() > behind ? slots.get(behind).task().title() : "");
    }

    /** Open steps with work for hands, of all builds. */
    private int open() {
      return (int)
          yard.builds().values().stream()
              .map(BuildModel::tasks)
              .flatMap(List::stream)
              .filter(model -> model.planned() != null && model.remainingMinutes() > 0)
              .count();
    }
  }
}
