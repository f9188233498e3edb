package emberyard.core.yard.day;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.plan.PlannedStep;
import emberyard.core.work.StationKind;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.TaskState;
import emberyard.core.yard.YardModel;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Whether a plan still holds with the cards of somebody's day where that day has them: minute by
 * minute and step by step, without any of what made the day.
 */
final class DayCheck {
  private final YardModel yard;
  private final WorkshopBook book;
  private final Map<String, DayCard> moved = new HashMap<>();

  DayCheck(YardModel yard, WorkshopBook book, BenchDay day) {
    this.yard = yard;
    this.book = book;
    for (DayCard card : day.cards()) {
      boolean apart = card.task().state() == TaskState.RUNNING || !planned(card, day);
      if (card.pieces() == 1 && !apart) {
        moved.put(card.buildId() + "|" + card.task().task().key(), card);
      }
    }
  }

  /** Whether the plan has it on that day, rather than that its parcel has come. */
  private static boolean planned(DayCard card, BenchDay day) {
    return card.task().planned() != null
        && card.task().planned().start().toLocalDate().equals(day.day());
  }

  void holds() {
    for (BuildModel build : yard.builds().values()) {
      Map<String, TaskModel> byKey = new HashMap<>();
      build.tasks().forEach(model -> byKey.put(model.task().key(), model));
      for (TaskModel model : build.tasks()) {
        if (model.planned() != null) {
          inOrder(build, model, byKey);
        }
      }
    }
    for (StationKind kind : StationKind.values()) {
      fits(kind);
    }
  }

  private void inOrder(BuildModel build, TaskModel model, Map<String, TaskModel> byKey) {
    LocalDateTime start = start(build, model);
    for (String key : model.task().after()) {
      TaskModel before = byKey.get(key);
      if (before != null && before.planned() != null) {
        assertFalse(
            finish(build, before).isAfter(start),
            () -> "%s before %s".formatted(model.task().key(), key));
      }
    }
    LocalDateTime earliest = model.task().earliest();
    assertTrue(earliest == null || !start.isBefore(earliest), model.task().key());
    LocalDateTime closes = model.windowCloses();
    boolean planKeepsIt = closes != null && !model.planned().start().isAfter(closes);
    assertTrue(!planKeepsIt || !start.isAfter(closes), model.task().key());
  }

  private DayCard card(BuildModel build, TaskModel model) {
    return moved.get(build.build().id() + "|" + model.task().key());
  }

  private LocalDateTime start(BuildModel build, TaskModel model) {
    DayCard card = card(build, model);
    return card == null ? model.planned().start() : card.from();
  }

  private LocalDateTime finish(BuildModel build, TaskModel model) {
    DayCard card = card(build, model);
    return card == null ? model.planned().finish() : model.task().waitEnds(card.to());
  }

  private List<PlannedStep.Piece> on(BuildModel build, TaskModel model) {
    DayCard card = card(build, model);
    if (model.task().holdsStation()) {
      return List.of(new PlannedStep.Piece(start(build, model), finish(build, model)));
    }
    return card == null
        ? model.planned().pieces()
        : List.of(new PlannedStep.Piece(card.from(), card.to()));
  }

  /** No minute in which more steps are on a station than it takes. */
  private void fits(StationKind kind) {
    int capacity =
        book.stations().stream()
            .filter(station -> station.kind() == kind)
            .mapToInt(Station::capacity)
            .findFirst()
            .orElse(Integer.MAX_VALUE);
    List<PlannedStep.Piece> pieces = new ArrayList<>();
    for (BuildModel build : yard.builds().values()) {
      for (TaskModel model : build.tasks()) {
        if (model.planned() != null && model.task().station() == kind) {
          pieces.addAll(on(build, model));
        }
      }
    }
    for (PlannedStep.Piece one : pieces) {
      long at =
          pieces.stream()
              .filter(each -> !each.from().isAfter(one.from()) && each.to().isAfter(one.from()))
              .count();
      assertTrue(at <= capacity, () -> "%s at %s: %d".formatted(kind, one.from(), at));
    }
  }
}
