package emberyard.core.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.IntVar;
import org.chocosolver.solver.variables.Task;

/**
 * How early one project can be finished at best, proven by a constraint solver: for steps in one go
 * whose times are multiples of 30 minutes, and people who can all do everything and keep the
 * workshop's hours. It knows nothing of how a plan is searched for here.
 */
final class ProvenBest {
  private static final int UNIT = 30;

  private final SchedulingProblem problem;
  private final long start;
  private final int horizon;
  private final Model model = new Model();
  private final Map<String, IntVar> finish = new HashMap<>();
  private final Map<String, IntVar> begin = new HashMap<>();

  /**
   * @param known minute of the bench clock by which it can be finished for sure
   */
  ProvenBest(SchedulingProblem problem, long known) {
    this.problem = problem;
    this.start = BenchClock.minute(problem.start());
    this.horizon = (int) ((known - start) / UNIT);
  }

  /** Minutes from the start to the earliest finish there is. */
  long minutes() {
    problem.steps().forEach(this::step);
    for (Step step : problem.steps()) {
      step.after().forEach(key -> begin.get(step.key()).ge(finish.get(key)).post());
    }
    cumulative(
        problem.steps().stream().filter(step -> step.handsOnMinutes() > 0).toList(),
        problem.workers().size(),
        false);
    for (Place place : problem.places()) {
      List<Step> there =
          problem.steps().stream().filter(step -> place.id().equals(step.place())).toList();
      cumulative(there, place.capacity(), true);
    }
    IntVar end = model.intVar("end", 0, horizon);
    model.max(end, finish.values().toArray(IntVar[]::new)).post();
    model.setObjective(Model.MINIMIZE, end);
    Solver solver = model.getSolver();
    IntVar[] begins = begin.values().toArray(IntVar[]::new);
    solver.setSearch(Search.domOverWDegSearch(begins), Search.inputOrderLBSearch(end));
    int best = -1;
    while (solver.solve()) {
      best = end.getValue();
    }
    if (best < 0 || solver.isStopCriterionMet()) {
      throw new IllegalStateException("not proven: " + problem.steps());
    }
    return (long) best * UNIT;
  }

  private void step(Step step) {
    int hands = step.handsOnMinutes() / UNIT;
    int[] starts =
        IntStream.rangeClosed(0, horizon - hands).filter(at -> open(at, hands)).toArray();
    IntVar begins = model.intVar(step.key(), starts);
    begin.put(step.key(), begins);
    finish.put(step.key(), model.intView(1, begins, hands + step.waitMinutes() / UNIT));
  }

  private boolean open(int at, int hands) {
    long from = start + (long) at * UNIT;
    long minutes = (long) hands * UNIT;
    return problem.hours().between(from, from + minutes) == minutes;
  }

  private void cumulative(List<Step> steps, int capacity, boolean station) {
    if (steps.isEmpty()) {
      return;
    }
    Task[] tasks = new Task[steps.size()];
    IntVar[] heights = new IntVar[steps.size()];
    for (int i = 0; i < tasks.length; i++) {
      Step step = steps.get(i);
      boolean held = station && step.holdsPlace();
      int length = (step.handsOnMinutes() + (held ? step.waitMinutes() : 0)) / UNIT;
      IntVar begins = begin.get(step.key());
      tasks[i] = new Task(begins, model.intVar(length), model.intView(1, begins, length));
      heights[i] = model.intVar(1);
    }
    model.cumulative(tasks, heights, model.intVar(capacity)).post();
  }
}
