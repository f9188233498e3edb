package emberyard.core.fit.space;

import emberyard.core.build.Bay;
import emberyard.core.build.BayChange;
import emberyard.core.build.Enclosure;
import emberyard.core.finding.Caution;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/** What is cut, moved or taken out of an enclosure, as work. */
public final class BayWork {
  private BayWork() {}

  /** Key of the work on one bay. */
  static String key(Enclosure enclosure, Bay bay) {
    return "enclosure:" + enclosure.id() + "/bay-" + bay.id();
  }

  /** One task per changed bay, before the dry fit. */
  public static List<Task> of(Enclosure enclosure, WorkshopBook book, String behind) {
    List<Task> tasks = new ArrayList<>();
    for (Bay bay : enclosure.bays()) {
      if (!bay.change().none()) {
        tasks.add(task(enclosure, bay, book, behind));
      }
    }
    return tasks;
  }

  /** As typed, or the default once per kind of change. */
  static int minutes(Bay bay, WorkshopBook book) {
    BayChange change = bay.change();
    if (change.none()) {
      return 0;
    }
    return change.minutes() != null
        ? change.minutes()
        : kinds(change) * book.workshop().times().bayChangeMinutes();
  }

  private static int kinds(BayChange change) {
    return (change.cutAway() ? 1 : 0) + (change.widened() ? 1 : 0) + (change.moved() ? 1 : 0);
  }

  private static Task task(Enclosure enclosure, Bay bay, WorkshopBook book, String behind) {
    BayChange change = bay.change();
    String verb = change.cutAway() ? "Cut away" : change.widened() ? "Cut larger" : "Move";
    Why why =
        change.minutes() != null
            ? Why.of("typed by hand", change.minutes() + " min")
            : Why.of(
                "kinds of change × time of one",
                kinds(change) + " of cutting away, cutting larger, moving",
                book.workshop().times().bayChangeMinutes() + " min each (default)");
    return Task.of(
            key(enclosure, bay),
            "%s “%s” of %s".formatted(verb, bay.name(), enclosure.name()),
            Stage.MAKE,
            minutes(bay, book),
            why)
        .about(enclosure.id())
        .at(StationKind.BENCH)
        .behind(behind)
        .saying(
            List.of(
                enclosure.origin() == Enclosure.Origin.FURNITURE
                    ? Caution.SAWING
                    : Caution.METAL_CUTTING));
  }
}
