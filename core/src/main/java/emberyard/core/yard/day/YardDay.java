package emberyard.core.yard.day;

import emberyard.core.plan.PlannedStep;
import emberyard.core.work.StationKind;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.TaskState;
import emberyard.core.yard.YardModel;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The plan of one day over all builds: who does what when, and what takes which station. */
final class YardDay {
  private final Map<String, List<Slot>> slots = new HashMap<>();
  private final Map<StationKind, List<Taken>> taken = new EnumMap<>(StationKind.class);

  /** A step that is on a station for a while. */
  record Taken(BuildModel build, String key, LocalDateTime from, LocalDateTime to) {
    boolean at(LocalDateTime begin, LocalDateTime end) {
      return from.isBefore(end) && begin.isBefore(to);
    }

    boolean of(Slot slot) {
      return build == slot.build() && key.equals(slot.key());
    }
  }

  YardDay(YardModel yard, LocalDate day) {
    for (BuildModel build : yard.builds().values()) {
      for (TaskModel model : build.tasks()) {
        if (model.planned() != null) {
          take(build, model, model.planned(), day);
        } else if (model.state() == TaskState.WAITING && model.task().holdsStation()) {
          taken(build, model, model.doneAt(), model.waitsUntil());
        }
      }
    }
    slots.values().forEach(each -> each.sort(Comparator.comparing(Slot::from)));
  }

  private void take(BuildModel build, TaskModel model, PlannedStep planned, LocalDate day) {
    LocalDateTime end = day.plusDays(1).atStartOfDay();
    if (!planned.start().isBefore(end) || planned.finish().isBefore(day.atStartOfDay())) {
      return;
    }
    List<PlannedStep.Piece> pieces = planned.pieces();
    for (int i = 0; i < pieces.size(); i++) {
      PlannedStep.Piece piece = pieces.get(i);
      if (piece.from().toLocalDate().equals(day)) {
        slots
            .computeIfAbsent(planned.worker(), who -> new ArrayList<>())
            .add(new Slot(build, model, piece.from(), piece.to(), i + 1, pieces.size()));
      }
    }
    stretches(model, planned).forEach(stretch -> taken(build, model, stretch.from(), stretch.to()));
  }

  private void taken(BuildModel build, TaskModel model, LocalDateTime from, LocalDateTime to) {
    if (model.task().station() != null) {
      taken
          .computeIfAbsent(model.task().station(), place -> new ArrayList<>())
          .add(new Taken(build, model.task().key(), from, to));
    }
  }

  /** When a step is on its station: all the time where its wait keeps it. */
  private static Stream<PlannedStep.Piece> stretches(TaskModel model, PlannedStep planned) {
    return model.task().holdsStation()
        ? Stream.of(new PlannedStep.Piece(planned.start(), planned.finish()))
        : planned.pieces().stream();
  }

  /** What somebody does on the day, in order. */
  List<Slot> of(String personId) {
    return slots.getOrDefault(personId, List.of());
  }

  /** What others than these steps do on a station. */
  List<Taken> at(StationKind station) {
    return taken.getOrDefault(station, List.of());
  }
}
