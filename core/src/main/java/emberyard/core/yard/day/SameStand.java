package emberyard.core.yard.day;

import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.yard.TaskModel;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;

/**
 * Somebody's day in an order in which they change their place less often, where that costs nothing:
 * nothing that waits for a step begins later, no window is missed, no station is fuller than it can
 * be. Steps in pieces, and those whose wait keeps a station or opens a window, stay where they are.
 *
 * <p>Example: file at the bench 09:00–09:20, cut at the laser 09:20–09:50, drill at the bench
 * 09:50–10:00, none behind another: drill comes second, at 09:20, and the laser is gone to once.
 */
final class SameStand {
  private final YardDay day;
  private final ToIntFunction<StationKind> capacity;

  /**
   * @param capacity how many steps a station takes at once
   */
  SameStand(YardDay day, ToIntFunction<StationKind> capacity) {
    this.day = day;
    this.capacity = capacity;
  }

  /** The same stretches, regrouped. */
  List<Slot> regrouped(List<Slot> slots) {
    List<Slot> all = new ArrayList<>();
    List<Slot> run = new ArrayList<>();
    for (Slot slot : slots) {
      boolean goesOn = run.isEmpty() || run.get(run.size() - 1).to().equals(slot.from());
      if (!goesOn || !movable(slot)) {
        all.addAll(grouped(run));
        run.clear();
      }
      if (movable(slot)) {
        run.add(slot);
      } else {
        all.add(slot);
      }
    }
    all.addAll(grouped(run));
    return all;
  }

  /** How often somebody goes from one station to another in this order. */
  static int changes(List<Slot> slots) {
    int changes = 0;
    for (int i = 1; i < slots.size(); i++) {
      changes += sameStand(slots.get(i - 1), slots.get(i)) ? 0 : 1;
    }
    return changes;
  }

  private static boolean sameStand(Slot one, Slot other) {
    return Objects.equals(one.station(), other.station());
  }

  private static boolean movable(Slot slot) {
    boolean opens =
        slot.build().tasks().stream()
            .flatMap(model -> model.task().windows().stream())
            .anyMatch(window -> window.after().equals(slot.key()));
    return slot.pieces() == 1
        && !slot.task().holdsStation()
        && slot.task().windows().isEmpty()
        && slot.model().log().running() == null
        && !opens;
  }

  /** The next is the first that is done at the same place, if the day holds with that. */
  private List<Slot> grouped(List<Slot> run) {
    List<Slot> order = List.copyOf(run);
    for (int at = 1; at < order.size(); at++) {
      for (int next = at; next < order.size(); next++) {
        if (sameStand(order.get(at - 1), order.get(next))) {
          List<Slot> moved = moved(order, next, at);
          if (next == at || holds(moved)) {
            order = moved;
            break;
          }
        }
      }
    }
    return changes(order) < changes(run) ? order : List.copyOf(run);
  }

  /** One stretch further forward, those before it later by as much. */
  private static List<Slot> moved(List<Slot> order, int from, int to) {
    List<Slot> all = new ArrayList<>(order);
    all.add(to, all.remove(from));
    LocalDateTime at = order.get(0).from();
    for (int i = 0; i < all.size(); i++) {
      all.set(i, all.get(i).at(at));
      at = all.get(i).to();
    }
    return all;
  }

  private boolean holds(List<Slot> order) {
    return order.stream().allMatch(slot -> holds(slot, order));
  }

  private boolean holds(Slot slot, List<Slot> order) {
    Task task = slot.task();
    boolean early = task.earliest() != null && slot.from().isBefore(task.earliest());
    LocalDateTime done = task.waitEnds(slot.to());
    return !early
        && task.after().stream().allMatch(key -> !ends(slot, key, order).isAfter(slot.from()))
        && slot.build().tasks().stream()
            .filter(model -> model.planned() != null && model.task().after().contains(task.key()))
            .allMatch(model -> !done.isAfter(begins(slot, model, order)))
        && room(slot, order);
  }

  /** When a step before it is finished, its wait included; the beginning of time for none. */
  private static LocalDateTime ends(Slot slot, String key, List<Slot> order) {
    Slot moved = in(slot, key, order);
    if (moved != null) {
      return moved.task().waitEnds(moved.to());
    }
    return slot.build().tasks().stream()
        .filter(model -> model.task().key().equals(key))
        .map(TaskModel::finish)
        .filter(Objects::nonNull)
        .max(Comparator.naturalOrder())
        .orElse(LocalDateTime.MIN);
  }

  private static LocalDateTime begins(Slot slot, TaskModel next, List<Slot> order) {
    Slot moved = in(slot, next.task().key(), order);
    return moved != null ? moved.from() : next.planned().start();
  }

  private static @Nullable Slot in(Slot of, String key, List<Slot> order) {
    return order.stream()
        .filter(each -> each.build() == of.build() && each.key().equals(key))
        .findFirst()
        .orElse(null);
  }

  /** Whether a station has room for it beside what others do there. */
  private boolean room(Slot slot, List<Slot> order) {
    if (slot.station() == null) {
      return true;
    }
    List<YardDay.Taken> others =
        day.at(slot.station()).stream()
            .filter(each -> each.at(slot.from(), slot.to()))
            .filter(each -> order.stream().noneMatch(each::of))
            .toList();
    int most = 0;
    for (YardDay.Taken begun : others) {
      LocalDateTime moment = begun.from().isAfter(slot.from()) ? begun.from() : slot.from();
      int at =
          (int)
              others.stream()
                  .filter(each -> !each.from().isAfter(moment) && each.to().isAfter(moment))
                  .count();
      most = Math.max(most, at);
    }
    return most < capacity.applyAsInt(slot.station());
  }
}
