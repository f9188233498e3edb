package emberyard.core.finish.chain;

import emberyard.core.build.FinishHabits;
import emberyard.core.build.FinishHabits.Mounting;
import emberyard.core.build.FinishHabits.Peeling;
import emberyard.core.build.FinishHabits.Sanding;
import emberyard.core.build.LayerOp;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.HabitChoice;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Weather;
import emberyard.core.work.Task;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/** What each other way of working would change about a finish, by planning it that way. */
public final class HabitChoices {
  private HabitChoices() {}

  public static List<HabitChoice> of(SchemePlan plan, WorkshopBook book) {
    if (plan.coats().stream().noneMatch(CoatStep::coat)) {
      return List.of();
    }
    FinishHabits now = plan.scheme().habits();
    List<HabitChoice> choices = new ArrayList<>();
    Sanding sanding = now.sanding() == Sanding.FAULTS ? Sanding.BETWEEN_COATS : Sanding.FAULTS;
    choices.add(
        choice(
            plan,
            book,
            "sanding",
            sanding.name(),
            new FinishHabits(now.priming(), sanding, now.mounting(), now.peeling()),
            sanding == Sanding.FAULTS
                ? "Dust and runs are sanded where they are; the rest stays as sprayed."
                : "Flatter, but every sanding can cut through an edge."));
    Mounting mounting = now.mounting() == Mounting.CURE ? Mounting.HANDLE : Mounting.CURE;
    choices.add(mounting(plan, mounting));
    if (plan.coats().stream().anyMatch(coat -> coat.op() == LayerOp.PEEL)) {
      Peeling peeling = now.peeling() == Peeling.SOFT ? Peeling.DRY : Peeling.SOFT;
      choices.add(
          choice(
              plan,
              book,
              "peeling",
              peeling.name(),
              new FinishHabits(now.priming(), now.sanding(), now.mounting(), peeling),
              peeling == Peeling.SOFT
                  ? "The edge flows and stays low, but the moment is short."
                  : "No hurry, but the edge has to be scored or it tears."));
    }
    return choices;
  }

  private static HabitChoice mounting(SchemePlan plan, Mounting choice) {
    CoatStep last = null;
    int cure = 0;
    for (CoatStep coat : plan.coats()) {
      last = coat.coat() ? coat : last;
      cure = Math.max(cure, coat.cureMinutes());
    }
    int between = cure - last.handleMinutes();
    return new HabitChoice(
        "mounting",
        choice.name(),
        0,
        0,
        choice == Mounting.HANDLE ? -between : between,
        choice == Mounting.HANDLE
            ? "Days earlier, but screws and gaskets print into paint that is only dry to handle."
            : "Waits for the cure: nothing prints into the paint.");
  }

  private static HabitChoice choice(
      SchemePlan plan,
      WorkshopBook book,
      String habit,
      String choice,
      FinishHabits other,
      String risk) {
    int[] now = sums(plan, plan.scheme().habits(), book);
    int[] then = sums(plan, other, book);
    return new HabitChoice(
        habit, choice, then[0] - now[0], then[1] - now[1], then[2] - now[2], risk);
  }

  /** Steps, hands-on minutes, minutes of waiting. */
  private static int[] sums(SchemePlan plan, FinishHabits habits, WorkshopBook book) {
    List<Task> tasks =
        new FinishChain(plan, habits, book.workshop().times(), Weather.of(book), Repairs.NONE)
            .tasks(List.of(), List.of());
    int hands = tasks.stream().mapToInt(Task::handsOnMinutes).sum();
    int waits = tasks.stream().mapToInt(Task::waitMinutes).sum();
    return new int[] {tasks.size(), hands, waits};
  }
}
