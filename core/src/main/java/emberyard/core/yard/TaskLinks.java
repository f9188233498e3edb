package emberyard.core.yard;

import emberyard.core.bench.AssembleWork;
import emberyard.core.bench.SnagWork;
import emberyard.core.build.ManualTask;
import emberyard.core.finding.Finding;
import emberyard.core.supply.Parcel;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What comes before what, across capabilities: parcels before what needs what is in them, work
 * added by hand before and behind what it names, closing behind all that is done before it.
 *
 * @param findings tasks added by hand that would wait for themselves: they wait for nothing
 */
record TaskLinks(List<Task> tasks, List<Finding> findings) {

  static TaskLinks of(List<Task> tasks, List<Parcel> parcels, List<ManualTask> manual) {
    Network network = new Network(tasks);
    network.parcels(parcels);
    manual.forEach(network::manual);
    List<ManualTask> circles =
        manual.stream().filter(each -> network.inCircle(ManualWork.key(each))).toList();
    circles.forEach(each -> network.before.get(ManualWork.key(each)).clear());
    network.close();
    return new TaskLinks(network.tasks(), circles.stream().map(ManualWork::circle).toList());
  }

  /** Tasks by key, with the keys that come first; links to tasks that are not there are dropped. */
  private static final class Network {
    private final Map<String, Task> byKey = new LinkedHashMap<>();
    private final Map<String, Set<String>> before = new HashMap<>();

    Network(List<Task> tasks) {
      tasks.forEach(task -> byKey.put(task.key(), task));
      tasks.forEach(task -> before.put(task.key(), new LinkedHashSet<>(task.after())));
    }

    /** Things that are checked already hold nothing back. */
    void parcels(List<Parcel> parcels) {
      Map<String, Set<String>> parcelsOf = new HashMap<>();
      for (Parcel parcel : parcels) {
        for (Parcel.Line line : parcel.lines()) {
          if (parcel.holdsBack(line)) {
            Need need = line.need();
            parcelsOf
                .computeIfAbsent(need.receiveKey(), key -> new LinkedHashSet<>())
                .add(parcel.key());
            need.neededBy().forEach(key -> link(parcel.key(), key));
          }
        }
      }
      before.replaceAll(
          (key, links) -> {
            Set<String> known = new LinkedHashSet<>();
            links.forEach(link -> known.addAll(parcelsOf.getOrDefault(link, Set.of(link))));
            known.removeIf(link -> !byKey.containsKey(link) || link.equals(key));
            return known;
          });
    }

    void manual(ManualTask manual) {
      manual.before().forEach(key -> link(ManualWork.key(manual), key));
    }

    private void link(String first, String then) {
      if (before.containsKey(then)) {
        before.get(then).add(first);
      }
    }

    boolean inCircle(String key) {
      return reached(before.get(key), before).contains(key);
    }

    /** The keys, and all that is linked to them, however far. */
    private static Set<String> reached(Set<String> keys, Map<String, Set<String>> links) {
      Set<String> seen = new HashSet<>();
      Deque<String> open = new ArrayDeque<>(keys);
      while (!open.isEmpty()) {
        String next = open.remove();
        if (seen.add(next)) {
          open.addAll(links.getOrDefault(next, Set.of()));
        }
      }
      return seen;
    }

    /**
     * Nothing that belongs before the build is closed is left behind: closing waits for all work up
     * to assembly that does not itself wait for it. Parcels come in by what needs them.
     */
    void close() {
      Set<String> links = before.get(AssembleWork.CLOSE);
      if (links == null) {
        return;
      }
      Set<String> settled = reached(links, before);
      settled.addAll(reached(Set.of(AssembleWork.CLOSE), behind()));
      for (Task task : byKey.values()) {
        boolean early = task.stage().compareTo(Stage.ASSEMBLE) <= 0 && task.stage() != Stage.ORDER;
        if (early && !settled.contains(task.key()) && !SnagWork.mayStayOpen(task)) {
          links.add(task.key());
        }
      }
    }

    private Map<String, Set<String>> behind() {
      Map<String, Set<String>> behind = new HashMap<>();
      before.forEach(
          (key, links) ->
              links.forEach(link -> behind.computeIfAbsent(link, k -> new HashSet<>()).add(key)));
      return behind;
    }

    List<Task> tasks() {
      return byKey.values().stream()
          .map(task -> task.onlyBehind(List.copyOf(before.get(task.key()))))
          .toList();
    }
  }
}
