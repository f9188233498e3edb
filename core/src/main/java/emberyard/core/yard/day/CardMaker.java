package emberyard.core.yard.day;

import emberyard.core.finding.Caution;
import emberyard.core.record.Heeded;
import emberyard.core.record.OrderLine;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.TaskState;
import emberyard.core.yard.YardModel;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;

/** Makes cards of stretches of a day. */
final class CardMaker {
  private final YardModel yard;
  private final WorkshopBook book;
  private final String personId;
  private final LocalDateTime now;
  private final List<Caution> heeded;

  CardMaker(YardModel yard, WorkshopBook book, String personId, LocalDateTime now) {
    this.yard = yard;
    this.book = book;
    this.personId = personId;
    this.now = now;
    this.heeded = heeded(now.toLocalDate());
  }

  /** What this person has read on a day, in whatever build. */
  private List<Caution> heeded(LocalDate day) {
    ZoneId zone = ZoneId.of(book.workshop().zone());
    return yard.builds().values().stream()
        .flatMap(build -> build.build().heeded().stream())
        .filter(read -> read.personId().equals(personId))
        .filter(read -> LocalDate.ofInstant(read.at(), zone).equals(day))
        .map(Heeded::caution)
        .distinct()
        .toList();
  }

  DayCard card(Slot slot) {
    BuildModel build = slot.build();
    Task task = slot.task();
    String key = task.key();
    HandList hand = new HandList(build, book);
    return new DayCard(
        build.build().id(),
        build.build().brief().name(),
        slot.model(),
        slot.from(),
        slot.to(),
        slot.piece(),
        slot.pieces(),
        (int) Duration.between(slot.from(), slot.to()).toMinutes(),
        rest(slot),
        slot.station(),
        stationName(slot.station()),
        waitsFor(slot),
        hand.of(task),
        hand.hung(task),
        ComesAfter.of(slot),
        CardDrawing.of(build, task).orElse(null),
        task.cautions().stream().filter(heeded::contains).toList(),
        build.build().notes().stream().filter(note -> note.taskKey().equals(key)).toList(),
        build.build().photos().stream().filter(photo -> photo.taskKey().equals(key)).toList(),
        build.build().times().stream().filter(time -> time.taskKey().equals(key)).toList(),
        build.ordersIn(key).stream().map(OrderLine::id).toList());
  }

  /** Hands-on minutes in the pieces behind this one. */
  private static int rest(Slot slot) {
    return slot.model().planned() == null
        ? 0
        : (int)
            slot.model().planned().pieces().stream()
                .skip(slot.piece())
                .mapToLong(piece -> Duration.between(piece.from(), piece.to()).toMinutes())
                .sum();
  }

  String stationName(StationKind kind) {
    return book.stations().stream()
        .filter(station -> station.kind() == kind)
        .map(Station::name)
        .findFirst()
        .orElse("");
  }

  int capacity(StationKind kind) {
    return book.stations().stream()
        .filter(station -> station.kind() == kind)
        .mapToInt(Station::capacity)
        .findFirst()
        .orElse(Integer.MAX_VALUE);
  }

  List<WaitsFor> waitsFor(Slot slot) {
    if (slot.model().state() == TaskState.RUNNING) {
      return List.of();
    }
    List<WaitsFor> all = new ArrayList<>();
    for (TaskModel before : slot.build().tasks()) {
      if (slot.model().missing().contains(before.task().key())) {
        all.add(before(slot.build(), before));
      }
    }
    LocalDateTime earliest = slot.task().earliest();
    if (all.isEmpty() && earliest != null && earliest.isAfter(now)) {
      all.add(new WaitsFor(WaitsFor.Why.DAY, "", earliest, null));
    }
    if (all.isEmpty() && slot.station() != null) {
      station(slot, all);
    }
    return all;
  }

  private static WaitsFor before(BuildModel build, TaskModel before) {
    boolean dries = before.state() == TaskState.WAITING || before.task().handsOnMinutes() == 0;
    boolean parcel =
        build.parcels().stream().anyMatch(each -> each.key().equals(before.task().key()));
    WaitsFor.Why why =
        dries
            ? WaitsFor.Why.DRIES
            : parcel
                ? WaitsFor.Why.PARCEL
                : before.task().gate() ? WaitsFor.Why.CHECK : WaitsFor.Why.WORK;
    return new WaitsFor(
        why,
        before.task().title(),
        before.finish(),
        before.planned() == null ? null : before.planned().worker());
  }

  /** A station that is full of what runs or dries on it. */
  private void station(Slot slot, List<WaitsFor> all) {
    int on = 0;
    LocalDateTime free = null;
    for (BuildModel build : yard.builds().values()) {
      for (TaskModel model : build.tasks()) {
        boolean self = build == slot.build() && model.task().key().equals(slot.key());
        if (!self && model.task().station() == slot.station() && isOn(model)) {
          on++;
          LocalDateTime until = model.finish();
          free = free == null || until != null && until.isBefore(free) ? until : free;
        }
      }
    }
    if (on >= capacity(slot.station())) {
      all.add(new WaitsFor(WaitsFor.Why.STATION, stationName(slot.station()), free, null));
    }
  }

  private static boolean isOn(TaskModel model) {
    return model.state() == TaskState.RUNNING
        || model.state() == TaskState.WAITING && model.task().holdsStation();
  }
}
