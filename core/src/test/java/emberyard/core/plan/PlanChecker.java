package emberyard.core.plan;

import emberyard.core.work.BeginWindow;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Judges a plan by what a plan has to keep, knowing nothing of how it was found: order, earliest
 * moments, working hours, one thing at a time for each person, room at each station, waits,
 * windows.
 */
final class PlanChecker {
  private final SchedulingProblem problem;
  private final Map<String, WeeklyHours> hours = new HashMap<>();
  private final Map<String, Integer> room = new HashMap<>();

  PlanChecker(SchedulingProblem problem) {
    this.problem = problem;
    problem.workers().forEach(worker -> hours.put(worker.id(), worker.hours()));
    problem.places().forEach(place -> room.put(place.id(), place.capacity()));
  }

  static Map<String, Placed> planned(Schedule plan) {
    Map<String, Placed> planned = new HashMap<>();
    plan.steps()
        .forEach(
            (key, step) ->
                planned.put(
                    key,
                    new Placed(
                        step.worker(),
                        step.pieces(),
                        step.start(),
                        step.handsOnEnd(),
                        step.finish())));
    return planned;
  }

  /** What is wrong with it, empty for a plan. */
  List<String> faults(Map<String, Placed> plan) {
    return faults(plan, List.of());
  }

  /**
   * The same.
   *
   * @param missed windows of which it is said that they are not kept
   */
  List<String> faults(Map<String, Placed> plan, List<MissedWindow> missed) {
    List<String> faults = new ArrayList<>();
    Set<String> said = new HashSet<>();
    missed.forEach(each -> said.add(each.step() + " after " + each.after()));
    Map<String, List<PlannedStep.Piece>> people = new HashMap<>();
    Map<String, List<PlannedStep.Piece>> stations = new HashMap<>();
    for (Step step : problem.steps()) {
      Placed placed = plan.get(step.key());
      order(step, placed, plan, faults);
      hands(step, placed, faults);
      windows(step, plan).stream().filter(window -> !said.contains(window)).forEach(faults::add);
      placed
          .pieces()
          .forEach(p -> people.computeIfAbsent(placed.worker(), w -> new ArrayList<>()).add(p));
      if (step.place() != null) {
        List<PlannedStep.Piece> held =
            step.holdsPlace()
                ? List.of(new PlannedStep.Piece(placed.start(), placed.finish()))
                : placed.pieces();
        stations.computeIfAbsent(step.place(), s -> new ArrayList<>()).addAll(held);
      }
    }
    people.forEach((who, spans) -> most(who, spans, 1, faults));
    stations.forEach((where, spans) -> most(where, spans, room.get(where), faults));
    return faults;
  }

  private void order(Step step, Placed placed, Map<String, Placed> plan, List<String> faults) {
    if (placed.start().isBefore(problem.start())) {
      faults.add(step.key() + " begins before the plan");
    }
    if (step.earliest() != null && placed.start().isBefore(step.earliest())) {
      faults.add(step.key() + " begins before its earliest moment");
    }
    for (String before : step.after()) {
      if (plan.get(before).finish().isAfter(placed.start())) {
        faults.add(step.key() + " begins before " + before + " is finished");
      }
    }
    LocalDateTime waited = step.paces().end(placed.handsOnEnd(), step.waitMinutes());
    if (waited.isAfter(placed.finish())) {
      faults.add(step.key() + " is finished before it has waited");
    }
  }

  /** The windows that a step misses. */
  List<String> windows(Step step, Map<String, Placed> plan) {
    List<String> missed = new ArrayList<>();
    LocalDateTime begins = plan.get(step.key()).start();
    for (BeginWindow window : step.windows()) {
      LocalDateTime opened = plan.get(window.after()).handsOnEnd();
      if (begins.isAfter(window.paces().end(opened, window.minutes()))) {
        missed.add(step.key() + " after " + window.after());
      }
    }
    if (step.beginBy() != null && begins.isAfter(step.beginBy())) {
      missed.add(step.key() + " after null");
    }
    return missed;
  }

  private void hands(Step step, Placed placed, List<String> faults) {
    long worked = 0;
    for (PlannedStep.Piece piece : placed.pieces()) {
      long minutes = BenchClock.minute(piece.to()) - BenchClock.minute(piece.from());
      worked += minutes;
      if (hours.get(placed.worker()).between(piece.from(), piece.to()) != minutes) {
        faults.add(step.key() + " is worked on out of hours");
      }
      if (!step.paces().on(piece.from().toLocalDate()).open()) {
        faults.add(step.key() + " is worked on on a closed day");
      }
    }
    if (worked != step.handsOnMinutes()) {
      faults.add(step.key() + " has another amount of work");
    }
    boolean crumbs =
        placed.pieces().size() > 1
            && placed.pieces().stream()
                .anyMatch(p -> BenchClock.minute(p.to()) - BenchClock.minute(p.from()) < 15);
    if (crumbs) {
      faults.add(step.key() + " is cut into pieces under 15 min");
    }
    if (!step.interruptible() && placed.pieces().size() > 1) {
      faults.add(step.key() + " is cut in pieces");
    }
    if (worked > 0 && !step.workers().isEmpty() && !step.workers().contains(placed.worker())) {
      faults.add(step.key() + " is done by somebody who can't");
    }
  }

  private static void most(
      String who, List<PlannedStep.Piece> spans, int most, List<String> faults) {
    TreeMap<LocalDateTime, Integer> change = new TreeMap<>();
    for (PlannedStep.Piece span : spans) {
      if (span.from().isBefore(span.to())) {
        change.merge(span.from(), 1, Integer::sum);
        change.merge(span.to(), -1, Integer::sum);
      }
    }
    int now = 0;
    for (Map.Entry<LocalDateTime, Integer> at : change.entrySet()) {
      now += at.getValue();
      if (now > most) {
        faults.add(who + " is taken " + now + " times at " + at.getKey());
        return;
      }
    }
  }

  /**
   * A step and all that follows it, by order, on its person or at its station, and what opens the
   * windows of all these.
   */
  Set<String> following(String key, Map<String, Placed> plan) {
    List<Step> byStart =
        problem.steps().stream()
            .sorted(Comparator.comparing((Step s) -> plan.get(s.key()).start()))
            .toList();
    Set<String> all = new HashSet<>(Set.of(key));
    boolean grown = true;
    while (grown) {
      grown = false;
      for (Step later : byStart) {
        if (!all.contains(later.key())
            && problem.steps().stream()
                .anyMatch(step -> all.contains(step.key()) && follows(step, later, plan))) {
          grown |= all.add(later.key());
        }
      }
    }
    return all;
  }

  private static boolean follows(Step step, Step later, Map<String, Placed> plan) {
    Placed first = plan.get(step.key());
    Placed second = plan.get(later.key());
    boolean shared =
        first.worker() != null && first.worker().equals(second.worker())
            || step.place() != null && step.place().equals(later.place());
    boolean opens = step.windows().stream().anyMatch(w -> w.after().equals(later.key()));
    boolean behind =
        later.after().contains(step.key())
            || later.windows().stream().anyMatch(w -> w.after().equals(step.key()));
    return opens || behind || shared && !second.start().isBefore(first.start());
  }
}
