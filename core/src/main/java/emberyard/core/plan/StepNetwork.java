package emberyard.core.plan;

import emberyard.core.units.InvalidValue;
import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Steps as numbers, with who comes before and behind whom, in an order that respects it. */
final class StepNetwork {
  final List<Step> steps;
  final int[][] before;
  final int[][] behind;

  /** A topological order; position in the list of steps breaks ties. */
  final int[] order;

  /** Where each step stands in {@link #order}. */
  final int[] position;

  /** Kahn's algorithm (1962), linear in steps and links. */
  StepNetwork(List<Step> steps) {
    this.steps = steps;
    Map<String, Integer> number = new HashMap<>();
    for (int i = 0; i < steps.size(); i++) {
      number.put(steps.get(i).key(), i);
    }
    before = new int[steps.size()][];
    for (int i = 0; i < steps.size(); i++) {
      before[i] = steps.get(i).after().stream().mapToInt(number::get).distinct().toArray();
    }
    behind = turned(before);
    order = sorted();
    position = new int[order.length];
    for (int k = 0; k < order.length; k++) {
      position[order[k]] = k;
    }
  }

  /** From when its own predecessors, its parcel and the start of the plan let a step begin. */
  long release(int index, Placement[] placed, long start) {
    LocalDateTime earliest = steps.get(index).earliest();
    long release = earliest == null ? start : Math.max(start, BenchClock.minuteNotBefore(earliest));
    for (int first : before[index]) {
      release = Math.max(release, placed[first].finish());
    }
    return release;
  }

  private static int[][] turned(int[][] links) {
    List<List<Integer>> turned = new ArrayList<>();
    for (int i = 0; i < links.length; i++) {
      turned.add(new ArrayList<>());
    }
    for (int i = 0; i < links.length; i++) {
      for (int from : links[i]) {
        turned.get(from).add(i);
      }
    }
    return turned.stream()
        .map(list -> list.stream().mapToInt(Integer::intValue).toArray())
        .toArray(int[][]::new);
  }

  private int[] sorted() {
    int[] open = Arrays.stream(before).mapToInt(links -> links.length).toArray();
    Deque<Integer> ready = new ArrayDeque<>();
    for (int i = 0; i < open.length; i++) {
      if (open[i] == 0) {
        ready.add(i);
      }
    }
    int[] sorted = new int[open.length];
    int count = 0;
    while (!ready.isEmpty()) {
      int next = ready.remove();
      sorted[count++] = next;
      for (int later : behind[next]) {
        if (--open[later] == 0) {
          ready.add(later);
        }
      }
    }
    if (count < open.length) {
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
