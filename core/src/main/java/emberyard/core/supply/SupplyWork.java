package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What has to arrive: one task per need, in which the parcel is opened and checked. */
public final class SupplyWork {
  private SupplyWork() {}

  /**
   * Tasks for all needs that have to be bought. Such a task can't start before the thing is there:
   * on the promised day, or {@code today} + lead time while it is not ordered.
   */
  public static List<Task> receiving(
      Build build, List<Need> needs, WorkshopBook book, LocalDate today, String behind) {
    int minutes = book.workshop().times().receiveMinutes();
    List<Task> tasks = new ArrayList<>();
    for (Need need : needs) {
      Optional<OrderLine> order = build.liveOrder(need.key());
      if (need.toBuy() <= 0 && order.isEmpty()) {
        continue;
      }
      LocalDate arrives = arrival(need, order, today);
      Why why = Why.of("a default", minutes + " min a parcel (default)");
      Task task =
          Task.of(need.receiveKey(), "Open and check " + need.title(), Stage.ORDER, minutes, why)
              .about(need.key());
      // what was ordered needs no agreed concept any more: it simply arrives
      tasks.add((order.isPresent() ? task : task.behind(behind)).notBefore(arrives.atStartOfDay()));
    }
    return tasks;
  }

  /** The day it can be opened. */
  static LocalDate arrival(Need need, Optional<OrderLine> order, LocalDate today) {
    if (order.isEmpty()) {
      return today.plusDays(need.leadDays());
    }
    OrderLine line = order.get();
    if (line.receivedOn() != null) {
      return line.receivedOn();
    }
    return line.expectedOn().isBefore(today) ? today : line.expectedOn();
  }
}
