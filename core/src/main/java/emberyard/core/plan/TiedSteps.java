package emberyard.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Which steps are placed together: those that windows tie to each other, and all that lies between
 * them. With a link back from each step to what opens its window, these are the steps that reach
 * each other both ways (Kosaraju's algorithm, linear in steps and links).
 */
final class TiedSteps {
  /** Each a group, its steps in an order that respects the network. */
  final int[][] groups;

  /** Groups behind each group. */
  final int[][] behind;

  /** How many groups lie directly before each. */
  final int[] before;

  private final StepNetwork network;
  private final int[] group;
  private final Map<Integer, List<Tie>> tiesOf;

  /**
   * @param ties the windows that tie
   */
  TiedSteps(StepNetwork network, List<Tie> ties) {
    this.network = network;
    int count = network.steps.size();
    this.tiesOf = ties.stream().collect(Collectors.groupingBy(Tie::step));
    this.group = ties.isEmpty() ? IntStream.range(0, count).toArray() : grouped(count, ties);
    this.groups = members(count);
    this.behind = new int[groups.length][];
    this.before = new int[groups.length];
    for (int i = 0; i < groups.length; i++) {
      behind[i] = behind(i);
      for (int other : behind[i]) {
        before[other]++;
      }
    }
  }

  private int[] behind(int own) {
    int[] links = network.behind[groups[own][0]];
    if (groups[own].length > 1) {
      links = Arrays.stream(groups[own]).flatMap(i -> Arrays.stream(network.behind[i])).toArray();
    }
    int[] others = new int[links.length];
    int count = 0;
    for (int link : links) {
      int other = group[link];
      boolean seen = other == own;
      for (int k = 0; k < count && !seen; k++) {
        seen = others[k] == other;
      }
      if (!seen) {
        others[count++] = other;
      }
    }
    return Arrays.copyOf(others, count);
  }

  /** In an order that does not hang on how the steps are listed: by links before, then key. */
  private int[][] members(int count) {
    int[] sizes = new int[Arrays.stream(group).max().orElse(-1) + 1];
    for (int its : group) {
      sizes[its]++;
    }
    int[][] members = new int[sizes.length][];
    for (int i = count - 1; i >= 0; i--) {
      int its = group[i];
      members[its] = members[its] == null ? new int[sizes[its]] : members[its];
      members[its][--sizes[its]] = i;
    }
    int[] depth = depth(count);
    Comparator<Integer> order =
        Comparator.<Integer>comparingInt(i -> depth[i])
            .thenComparing(i -> network.steps.get(i).key());
    for (int i = 0; i < members.length; i++) {
      if (members[i].length > 1) {
        members[i] =
            Arrays.stream(members[i]).boxed().sorted(order).mapToInt(Integer::intValue).toArray();
      }
    }
    return members;
  }

  private int[] depth(int count) {
    int[] depth = new int[count];
    for (int i : network.order) {
      for (int first : network.before[i]) {
        depth[i] = Math.max(depth[i], depth[first] + 1);
      }
    }
    return depth;
  }

  private int[] grouped(int count, List<Tie> ties) {
    int[][] forward = network.behind.clone();
    int[][] backward = network.before.clone();
    for (Tie tie : ties) {
      forward[tie.step()] = with(forward[tie.step()], tie.opener());
      backward[tie.opener()] = with(backward[tie.opener()], tie.step());
    }
    int[] last = finished(forward);
    int[] found = new int[count];
    Arrays.fill(found, -1);
    int[] open = new int[count];
    int groups = 0;
    for (int k = count - 1; k >= 0; k--) {
      if (found[last[k]] < 0) {
        fill(backward, last[k], groups++, found, open);
      }
    }
    return found;
  }

  private static int[] with(int[] links, int another) {
    int[] more = Arrays.copyOf(links, links.length + 1);
    more[links.length] = another;
    return more;
  }

  /** Steps in the order in which a walk in depth is done with them. */
  private static int[] finished(int[][] links) {
    int[] done = new int[links.length];
    int[] next = new int[links.length];
    int[] way = new int[links.length];
    boolean[] seen = new boolean[links.length];
    int count = 0;
    for (int root = 0; root < links.length; root++) {
      int deep = 0;
      if (!seen[root]) {
        seen[root] = true;
        way[deep++] = root;
      }
      while (deep > 0) {
        int at = way[deep - 1];
        if (next[at] == links[at].length) {
          done[count++] = at;
          deep--;
        } else if (!seen[links[at][next[at]++]]) {
          int other = links[at][next[at] - 1];
          seen[other] = true;
          way[deep++] = other;
        }
      }
    }
    return done;
  }

  /**
   * @param open room for as many as there are
   */
  private static void fill(int[][] links, int from, int group, int[] found, int[] open) {
    int count = 0;
    open[count++] = from;
    found[from] = group;
    while (count > 0) {
      for (int other : links[open[--count]]) {
        if (found[other] < 0) {
          found[other] = group;
          open[count++] = other;
        }
      }
    }
  }

  /** The group of which a step is one. */
  int groupOf(int step) {
    return group[step];
  }

  /** Windows in which a step has to be begun. */
  List<Tie> tiesOf(int step) {
    return tiesOf.getOrDefault(step, List.of());
  }
}
