package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.record.TaskMark;
import emberyard.core.record.Use;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.ShelfPlace;
import emberyard.core.thing.Thing;
import emberyard.core.work.Need;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What goes off the shelf when a step is marked done: all that was set aside for its build, with
 * the first step that needs it; what is left in a can comes back with the last.
 *
 * @param uses what the build took
 * @param shelf products as they are now
 */
public record ShelfUse(List<Use> uses, List<Thing> shelf) {
  /** Of a can so much can be sprayed: what needs are reckoned with. */
  private static final double USABLE = 0.9;

  private static final double NOTHING = 1e-9;

  public ShelfUse {
    uses = List.copyOf(uses);
    shelf = List.copyOf(shelf);
  }

  /**
   * Example: a build that has bought no primer and wants one can of it, two lie on the shelf: its
   * first coat of primer takes one, one is left; its second takes none.
   *
   * @param mark nothing goes off the shelf but for {@link TaskMark.What#DONE}
   */
  public static ShelfUse of(BuildModel model, TaskMark mark, WorkshopBook book, LocalDate today) {
    List<Use> uses = new ArrayList<>();
    List<Thing> shelf = new ArrayList<>();
    boolean passedOver = mark.passedFor() != null;
    if (mark.what() == TaskMark.What.DONE && !passedOver) {
      for (NeedLine line : model.needs()) {
        if (line.need().neededBy().contains(mark.taskKey()) && !laidOut(model, line.need())) {
          take(model, line.need(), mark, book, today, uses, shelf);
        }
      }
    }
    return new ShelfUse(uses, shelf);
  }

  /** A sheet that is laid out goes off the shelf when its machine has cut it. */
  private static boolean laidOut(BuildModel model, Need need) {
    return model.build().layouts().stream()
        .anyMatch(layout -> need.key().equals("sheet:" + layout.sheetId()));
  }

  private static void take(
      BuildModel model,
      Need need,
      TaskMark mark,
      WorkshopBook book,
      LocalDate today,
      List<Use> uses,
      List<Thing> shelf) {
    Build build = model.build();
    boolean first = build.uses().stream().noneMatch(use -> use.needKey().equals(need.key()));
    double quantity = Math.max(0, need.onHand() - build.used(need));
    PaintProduct paint = book.paint(named(need, "paint:")).orElse(null);
    double open = paint != null && first ? paint.openMl() : 0;
    if (quantity > NOTHING || open > 0) {
      String id = mark.id() + "-use-" + uses.size();
      uses.add(
          new Use(
              id,
              need.key(),
              need.category(),
              mark.taskKey(),
              quantity,
              need.unit(),
              need.worthMinor(),
              open,
              today));
    }
    if (paint != null) {
      double back = leftOver(model, need, paint, mark, open);
      if (quantity > NOTHING || open > 0 || back > 0) {
        shelf.add(
            paint.left(
                paint.onHandPacks() - (int) Math.round(quantity),
                paint.openMl() - open + back,
                back > 0 ? today : paint.openedOn()));
      }
    } else if (quantity > NOTHING) {
      ShelfPlace.changed(book, need.key(), -quantity).ifPresent(shelf::add);
    }
  }

  private static String named(Need need, String prefix) {
    return need.key().startsWith(prefix) ? need.key().substring(prefix.length()) : "";
  }

  /** What is in the cans of a build after its last coat of a paint, ml. */
  private static double leftOver(
      BuildModel model, Need need, PaintProduct paint, TaskMark mark, double openNow) {
    List<CoatStep> coats =
        model.schemes().stream()
            .flatMap(plan -> plan.coats().stream())
            .filter(coat -> coat.coat() && coat.paint().id().equals(paint.id()))
            .toList();
    Set<String> keys = coats.stream().map(CoatStep::key).collect(Collectors.toSet());
    boolean last =
        keys.containsAll(need.neededBy())
            && keys.stream().allMatch(key -> key.equals(mark.taskKey()) || done(model, key));
    if (!last) {
      return 0;
    }
    double opened =
        model.build().uses().stream()
            .filter(use -> use.needKey().equals(need.key()))
            .mapToDouble(Use::openMl)
            .sum();
    double had = need.quantity() * paint.packMl() * USABLE + opened + openNow;
    double sprayed = coats.stream().mapToDouble(CoatStep::ml).sum();
    return Math.max(0, Math.floor(had - sprayed));
  }

  private static boolean done(BuildModel model, String taskKey) {
    return model.tasks().stream()
        .anyMatch(task -> task.task().key().equals(taskKey) && task.doneAt() != null);
  }
}
