package emberyard.core.plan;

import emberyard.core.units.InvalidValue;
import emberyard.core.work.BeginWindow;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Steps as numbers, with who comes before and behind whom, in an order that respects it. */
final class StepNetwork {
  final List<Step> steps;

  /** What each needs. */
  final StepNumbers numbers;

  final int[][] before;
  final int[][] behind;

  /** A topological order; position in the list of steps breaks ties. */
  final int[] order;

  /** Where each step stands in {@link #order}. */
  final int[] position;

  /** All windows, in the order of the steps that have to be begun in them. */
  final List<Tie> ties;

  /** Kahn's algorithm (1962), linear in steps and links. */
  StepNetwork(SchedulingProblem problem, Set<String> roomy, long start) {
    this.steps = problem.steps();
    this.numbers = new StepNumbers(problem, roomy, start);
    Map<String, Integer> number = new HashMap<>(2 * steps.size());
    for (int i = 0; i < steps.size(); i++) {
      number.put(steps.get(i).key(), i);
    }
    before = new int[steps.size()][];
    for (int i = 0; i < steps.size(); i++) {
      before[i] = before(steps.get(i), number);
    }
    ties = ties(number);
    behind = turned(before);
    order = sorted();
    position = new int[order.length];
    for (int k = 0; k < order.length; k++) {
      position[order[k]] = k;
    }
  }

  private StepNetwork(StepNetwork as, StepNumbers numbers) {
    this.steps = as.steps;
    this.numbers = numbers;
    this.before = as.before;
    this.behind = as.behind;
    this.order = as.order;
    this.position = as.position;
    this.ties = as.ties;
  }

  /** The same links between steps that need something else. */
  StepNetwork with(StepNumbers others) {
    return new StepNetwork(this, others);
  }

  /** Each once, in the order in which they are named. */
  private static int[] before(Step step, Map<String, Integer> number) {
    int[] before = new int[step.after().size() + step.windows().size()];
    int count = 0;
    for (String key : step.after()) {
      count = with(before, count, number.get(key));
    }
    for (BeginWindow window : step.windows()) {
      count = with(before, count, number.get(window.after()));
    }
    return count == before.length ? before : Arrays.copyOf(before, count);
  }

  /** How many are there then. */
  private static int with(int[] numbers, int count, int another) {
    for (int k = 0; k < count; k++) {
      if (numbers[k] == another) {
        return count;
      }
    }
    numbers[count] = another;
    return count + 1;
  }

  /**
   * From when those of its predecessors that are placed, its parcel and the start of the plan let a
   * step begin.
   */
  long release(int index, Placement[] placed) {
    long release = numbers.earliest[index];
    for (int first : before[index]) {
      if (placed[first] != null) {
        release = Math.max(release, placed[first].finish());
      }
    }
    return release;
  }

  /** Steps in the order of a plan, turned: last begun first, of those the last of the network. */
  int[] lastBegunFirst(Placement[] plan) {
    long[] keys = new long[plan.length];
    for (int i = 0; i < keys.length; i++) {
      keys[i] = plan[i].start() * plan.length + position[i];
    }
    Arrays.sort(keys);
    int[] sorted = new int[keys.length];
    for (int k = 0; k < keys.length; k++) {
      sorted[k] = order[Math.floorMod(keys[keys.length - 1 - k], plan.length)];
    }
    return sorted;
  }

  private List<Tie> ties(Map<String, Integer> number) {
    List<Tie> all = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      for (BeginWindow window : steps.get(i).windows()) {
        int opener = number.get(window.after());
        all.add(new Tie(opener, i, window.minutes(), MinutePaces.of(window.paces())));
      }
    }
    return List.copyOf(all);
  }

  private static int[][] turned(int[][] links) {
    int[] counts = new int[links.length];
    for (int[] each : links) {
      for (int from : each) {
        counts[from]++;
      }
    }
    int[][] turned = new int[links.length][];
    for (int i = 0; i < links.length; i++) {
      turned[i] = new int[counts[i]];
    }
    for (int i = links.length - 1; i >= 0; i--) {
      for (int from : links[i]) {
        turned[from][--counts[from]] = i;
      }
    }
    return turned;
  }

  private int[] sorted() {
    int[] open = new int[before.length];
    int[] sorted = new int[before.length];
    int ready = 0;
    for (int i = 0; i < open.length; i++) {
      open[i] = before[i].length;
      if (open[i] == 0) {
        sorted[ready++] = i;
      }
    }
    for (int next = 0; next < ready; next++) {
      for (int later : behind[sorted[next]]) {
        if (--open[later] == 0) {
          sorted[ready++] = later;
        }
      }
    }
    if (ready < open.length) {
      throw circle(open);
    }
    return sorted;
  }

  /** Walks backwards through what is left until a step comes round again, and names the circle. */
  private InvalidValue circle(int[] open) {
    int at = 0;
    while (open[at] == 0) {
      at++;
    }
    List<Integer> walked = new ArrayList<>();
    while (!walked.contains(at)) {
      walked.add(at);
      at = Arrays.stream(before[at]).filter(i -> open[i] > 0).findFirst().orElseThrow();
    }
    List<String> names = new ArrayList<>();
    for (int i = walked.size() - 1; i >= walked.indexOf(at); i--) {
      names.add(steps.get(walked.get(i)).key());
    }
    names.add(names.get(0));
    return new InvalidValue(
        "tasks.after", "These tasks wait for each other: " + String.join(" → ", names) + ".");
  }
}
