package emberyard.core.yard;

import emberyard.core.plan.ChainPart;
import emberyard.core.plan.Reason;
import emberyard.core.units.Figures;
import emberyard.core.units.LazyList;
import emberyard.core.work.DayPaces;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.WorkshopBook;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What decides a build's finish, link by link in words.
 *
 * @param parts worked out when they are read
 * @param others records of all builds, by id
 */
record ChainWords(
    BuildRecord record, List<ChainPart> parts, Map<String, BuildRecord> others, WorkshopBook book) {

  private static final int CRUMB_MINUTES = 15;

  /** Put into words when it is read: of many builds one is looked at. */
  List<ChainLink> chain() {
    return new LazyList<>(
        () -> parts.stream().filter(part -> !crumb(part)).map(this::link).toList());
  }

  /** A moment between two holds, too short to begin anything in: nobody wants to read it. */
  private static boolean crumb(ChainPart part) {
    return part.reason() == Reason.TOO_SHORT
        && Duration.between(part.from(), part.to()).toMinutes() < CRUMB_MINUTES;
  }

  private ChainLink link(ChainPart part) {
    String told = part.holder() == null ? part.step() : part.holder();
    return new ChainLink(
        part.reason(),
        YardPlanner.taskOf(told),
        YardPlanner.buildOf(told),
        words(part),
        part.from(),
        part.to(),
        part.workMinutes(),
        part.spareMinutes());
  }

  private String words(ChainPart part) {
    String title = "“%s”".formatted(task(part.step()).title());
    return switch (part.reason()) {
      case WORK -> "%s · %s".formatted(task(part.step()).title(), person(part.resource()));
      case WAIT -> "%s after %s".formatted(waiting(task(part.step())), title);
      case ARRIVAL ->
          task(part.step()).stage() == Stage.ORDER
              ? "Waiting for the parcel: " + task(part.step()).title()
              : title + " can’t begin earlier";
      case CLOSED -> closed(part, title);
      case PERSON -> "%s is held by %s".formatted(person(part.resource()), holder(part));
      case STATION -> "%s is held by %s".formatted(station(part.resource()), holder(part));
      case WINDOW -> "%s waits, so that %s is begun in its window".formatted(title, holder(part));
      case TOO_SHORT -> "Nothing is held, but the time left is too short to begin " + title;
    };
  }

  /** Nobody works, or it is a day whose air is not fit for the paint. */
  private String closed(ChainPart part, String title) {
    DayPaces paces = task(part.step()).paces();
    List<LocalDate> damp =
        part.from()
            .toLocalDate()
            .datesUntil(part.to().toLocalDate())
            .filter(day -> !paces.on(day).open())
            .toList();
    return damp.isEmpty()
        ? "Closed for %s, then %s".formatted(person(part.resource()), title)
        : "The air is not fit for %s %s".formatted(title, days(damp));
  }

  private static String days(List<LocalDate> days) {
    String first = Figures.day(days.get(0));
    String last = Figures.day(days.get(days.size() - 1));
    return days.size() == 1 ? "on " + first : "from %s to %s".formatted(first, last);
  }

  private static String waiting(Task task) {
    String what = task.waitingFor().isEmpty() ? "wait" : task.waitingFor();
    return what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1);
  }

  private String holder(ChainPart part) {
    String key = Objects.requireNonNull(part.holder());
    BuildRecord its = others.get(YardPlanner.buildOf(key));
    String title = "“%s”".formatted(task(key).title());
    return its.build().id().equals(record.build().id())
        ? title
        : "%s of %s".formatted(title, its.build().brief().name());
  }

  private Task task(String key) {
    return Objects.requireNonNull(
        others.get(YardPlanner.buildOf(key)).byKey().get(YardPlanner.taskOf(key)));
  }

  private String person(@Nullable String id) {
    return id == null ? "Somebody" : book.person(id).map(Person::name).orElse("Somebody");
  }

  private String station(@Nullable String id) {
    return book.stations().stream()
        .filter(station -> station.id().equals(id))
        .map(Station::name)
        .findFirst()
        .orElse("The station");
  }
}
