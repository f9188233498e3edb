package emberyard.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Which projects hang together, because they need the same people or stations, and which do not.
 */
final class SharedWork {
  private SharedWork() {}

  private record Group(Set<String> projects, Set<String> needed) {
    boolean shares(Set<String> others) {
      return needed.stream().anyMatch(others::contains);
    }

    boolean isAnyOf(Set<String> some) {
      return projects.stream().anyMatch(some::contains);
    }
  }

  /**
   * The problem in parts of which none needs what another does: each is planned by itself, so that
   * nothing in one can move anything in another.
   */
  static List<SchedulingProblem> apart(SchedulingProblem problem) {
    List<Group> groups = groups(problem);
    Set<String> busy = problem.steps().stream().map(Step::project).collect(Collectors.toSet());
    if (groups.stream().filter(group -> group.isAnyOf(busy)).count() <= 1) {
      return List.of(problem);
    }
    return groups.stream()
        .map(group -> problem.only(project -> group.projects.contains(project.id())))
        .toList();
  }

  private static List<Group> groups(SchedulingProblem problem) {
    Map<String, Set<String>> needed = needed(problem);
    List<Group> groups = new ArrayList<>();
    for (Project project : problem.projects()) {
      Group grown =
          new Group(new HashSet<>(Set.of(project.id())), new HashSet<>(needed.get(project.id())));
      for (Iterator<Group> others = groups.iterator(); others.hasNext(); ) {
        Group other = others.next();
        if (other.shares(grown.needed)) {
          grown.projects.addAll(other.projects);
          grown.needed.addAll(other.needed);
          others.remove();
        }
      }
      groups.add(grown);
    }
    return groups;
  }

  /** Per project the people and stations its steps may need, and the projects they hang on. */
  private static Map<String, Set<String>> needed(SchedulingProblem problem) {
    List<String> everybody = problem.workers().stream().map(Worker::id).toList();
    Map<String, Set<String>> needed = new HashMap<>();
    Map<String, String> projects = new HashMap<>();
    problem.projects().forEach(p -> needed.put(p.id(), new HashSet<>(Set.of("project " + p.id()))));
    problem.steps().forEach(step -> projects.put(step.key(), step.project()));
    Map<List<String>, List<String>> people = new HashMap<>();
    Map<String, String> stations = new HashMap<>();
    for (Step step : problem.steps()) {
      Set<String> its = needed.get(step.project());
      if (step.handsOnMinutes() > 0) {
        List<String> able = step.workers().isEmpty() ? everybody : step.workers();
        its.addAll(people.computeIfAbsent(able, SharedWork::asNeeded));
      }
      if (step.place() != null) {
        its.add(stations.computeIfAbsent(step.place(), place -> "station " + place));
      }
      step.after().forEach(key -> hangOn(its, step, projects.get(key)));
      step.windows().forEach(window -> hangOn(its, step, projects.get(window.after())));
    }
    return needed;
  }

  private static List<String> asNeeded(List<String> people) {
    return people.stream().map(who -> "person " + who).toList();
  }

  private static void hangOn(Set<String> its, Step step, String project) {
    if (!project.equals(step.project())) {
      its.add("project " + project);
    }
  }
}
