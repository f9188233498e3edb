package emberyard.core.yard.diary;

import emberyard.core.build.Build;
import emberyard.core.build.Frozen;
import emberyard.core.finding.Finding;
import emberyard.core.record.Acceptance;
import emberyard.core.record.ChangeOrder;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.supply.OrderBook;
import emberyard.core.units.Figures;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.diary.DiaryLine.Kind;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What was recorded of a build, line by line. No amount of money is in it: helpers read it too. */
final class DiaryLines {
  private static final Set<TaskMark.What> ENDED =
      EnumSet.of(TaskMark.What.DONE, TaskMark.What.PARTLY);

  private final Build build;
  private final BuildModel model;
  private final WorkshopBook book;
  private final ZoneId zone;
  private final Map<String, String> titles = new HashMap<>();
  private final List<DiaryLine> lines = new ArrayList<>();

  private DiaryLines(BuildModel model, WorkshopBook book) {
    this.model = model;
    this.build = model.build();
    this.book = book;
    this.zone = ZoneId.of(book.workshop().zone());
    for (TaskModel task : model.tasks()) {
      titles.put(task.task().key(), task.task().title());
    }
  }

  /** All of them, in no order. */
  static List<DiaryLine> of(BuildModel model, WorkshopBook book) {
    DiaryLines all = new DiaryLines(model, book);
    all.build.marks().forEach(all::mark);
    all.worked();
    all.found();
    all.decided();
    all.build.orders().forEach(all::parcel);
    all.build
        .notes()
        .forEach(
            note ->
                all.add(
                    note.at(),
                    Kind.NOTED,
                    "“%s” (%s, at “%s”)"
                        .formatted(note.text(), note.by(), all.title(note.taskKey())),
                    note.taskKey()));
    all.build
        .photos()
        .forEach(
            photo ->
                all.add(
                    photo.takenAt(),
                    Kind.PICTURED,
                    all.caption(photo.caption(), photo.taskKey()),
                    photo.taskKey()));
    return all.lines;
  }

  private void add(Instant at, Kind kind, String text, String taskKey) {
    lines.add(new DiaryLine(LocalDateTime.ofInstant(at, zone), kind, text, taskKey));
  }

  private void add(@Nullable LocalDate on, Kind kind, String text) {
    if (on != null) {
      lines.add(new DiaryLine(on.atStartOfDay(), kind, text, ""));
    }
  }

  private String title(String key) {
    return titles.getOrDefault(key, "a step that is not in the plan any more");
  }

  private String caption(String caption, String key) {
    return caption.isBlank() ? title(key) : caption;
  }

  /** Marks of the single lines of a parcel are kept beside that of the parcel: one is told. */
  private void mark(TaskMark mark) {
    if (!titles.containsKey(mark.taskKey())) {
      return;
    }
    String title = title(mark.taskKey());
    if (mark.passedFor() != null) {
      String text =
          "“%s” passed over before “%s”: %s (%s)"
              .formatted(title, title(mark.passedFor()), mark.note(), mark.by());
      add(mark.at(), Kind.DECIDED, text, mark.taskKey());
      return;
    }
    String note = mark.note().isBlank() ? "" : ": " + mark.note();
    switch (mark.what()) {
      case DONE -> add(mark.at(), Kind.DONE, title + took(mark) + note, mark.taskKey());
      case PARTLY ->
          add(
              mark.at(),
              Kind.WORKED,
              "%s%s, %s left%s"
                  .formatted(title, took(mark), Figures.minutes(mark.leftMinutes()), note),
              mark.taskKey());
      case PASSED, FAILED -> {
        String how = mark.what() == TaskMark.What.PASSED ? "passed" : "failed";
        add(
            mark.at(),
            Kind.CHECKED,
            "%s %s%s%s".formatted(title, how, took(mark), note),
            mark.taskKey());
      }
      case AGAIN, REOPENED ->
          add(mark.at(), Kind.AGAIN, "%s%s (%s)".formatted(title, note, mark.by()), mark.taskKey());
    }
  }

  /** Who did it and how long, on the day of the mark: “ (Ines Varga 40 min, Bram Okoye 20 min)”. */
  private String took(TaskMark mark) {
    LocalDate day = LocalDate.ofInstant(mark.at(), zone);
    String hands = hands(mark.taskKey(), day);
    return " (%s)".formatted(hands.isEmpty() ? mark.by() : hands);
  }

  private String hands(String key, LocalDate day) {
    Map<String, Long> minutes = new LinkedHashMap<>();
    for (TimeEntry time : build.times()) {
      if (time.taskKey().equals(key) && time.endedAt() != null && day.equals(day(time))) {
        minutes.merge(time.personId(), minutes(time), Long::sum);
      }
    }
    return minutes.entrySet().stream()
        .map(each -> name(each.getKey()) + " " + Figures.minutes(each.getValue()))
        .collect(Collectors.joining(", "));
  }

  private String name(String personId) {
    return book.person(personId).map(Person::name).orElse("somebody");
  }

  private LocalDate day(TimeEntry time) {
    return LocalDate.ofInstant(time.startedAt(), zone);
  }

  static long minutes(TimeEntry time) {
    return time.endedAt() == null
        ? 0
        : Duration.between(time.startedAt(), time.endedAt()).toMinutes();
  }

  /** Hours on days on which the step was neither ended nor checked. */
  private void worked() {
    Map<String, TimeEntry> first = new LinkedHashMap<>();
    for (TimeEntry time : build.times()) {
      if (time.endedAt() != null && minutes(time) > 0 && !saidOn(time.taskKey(), day(time))) {
        first.merge(
            time.taskKey() + " " + day(time),
            time,
            (one, other) -> one.startedAt().isBefore(other.startedAt()) ? one : other);
      }
    }
    first
        .values()
        .forEach(
            time ->
                add(
                    time.startedAt(),
                    Kind.WORKED,
                    "%s (%s)".formatted(title(time.taskKey()), hands(time.taskKey(), day(time))),
                    time.taskKey()));
  }

  private boolean saidOn(String key, LocalDate day) {
    return build.marks().stream()
        .filter(mark -> mark.taskKey().equals(key) && titles.containsKey(key))
        .filter(mark -> mark.passedFor() == null)
        .filter(
            mark ->
                ENDED.contains(mark.what())
                    || mark.what() == TaskMark.What.PASSED
                    || mark.what() == TaskMark.What.FAILED)
        .anyMatch(mark -> LocalDate.ofInstant(mark.at(), zone).equals(day));
  }

  private void found() {
    build
        .faults()
        .forEach(
            fault ->
                add(
                    fault.at(),
                    Kind.FOUND,
                    "%s on “%s”%s (%s)"
                        .formatted(
                            fault.kind().words(),
                            title(fault.taskKey()),
                            fault.note().isBlank() ? "" : ": " + fault.note(),
                            fault.by()),
                    fault.taskKey()));
    build
        .snags()
        .forEach(
            snag ->
                add(
                    snag.at(),
                    Kind.FOUND,
                    "%s, %s (%s)".formatted(snag.text(), snag.how().words(), snag.by()),
                    snag.mendKey()));
  }

  private void decided() {
    Frozen frozen = build.concept().frozen();
    if (frozen != null) {
      add(
          frozen.at(),
          Kind.DECIDED,
          "the concept is frozen, finish planned for %s (%s)"
              .formatted(Figures.day(frozen.finishOn()), frozen.by()),
          "");
    }
    build.acceptances().forEach(this::accepted);
    build.changeOrders().forEach(this::changed);
    add(build.brief().revealedOn(), Kind.DECIDED, "handed over");
  }

  private void accepted(Acceptance accepted) {
    String title =
        model.findings().stream()
            .filter(finding -> finding.key().equals(accepted.findingKey()))
            .filter(finding -> !priced(finding))
            .map(Finding::title)
            .findFirst()
            .map(words -> "“%s” is all right: ".formatted(words))
            .orElse("A finding is all right: ");
    add(
        accepted.at(),
        Kind.DECIDED,
        "%s%s (%s)".formatted(title, accepted.reason(), accepted.by()),
        "");
  }

  private static boolean priced(Finding finding) {
    return finding.capability().equals("money") || OrderBook.tellsPrices(finding);
  }

  private void changed(ChangeOrder change) {
    int count = change.differences().size();
    add(
        change.at(),
        Kind.DECIDED,
        "a change of the concept was %s: %d %s, %+d days (%s)"
            .formatted(
                change.accepted() ? "agreed" : "declined",
                count,
                count == 1 ? "difference" : "differences",
                change.daysDelta(),
                change.by()),
        "");
  }

  private void parcel(OrderLine order) {
    add(order.orderedOn(), Kind.CAME, "ordered “%s”".formatted(order.title()));
    add(order.receivedOn(), Kind.CAME, "came “%s”".formatted(order.title()));
  }
}
