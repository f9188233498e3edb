package emberyard.core.plan;

import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Everything the schedule depends on; equal problems have equal schedules.
 *
 * @param start nothing starts before this moment
 * @param hours the workshop's hours, in which slack is counted
 */
public record SchedulingProblem(
    LocalDateTime start,
    WeeklyHours hours,
    List<Project> projects,
    List<Worker> workers,
    List<Place> places,
    List<Step> steps) {

  /**
   * @throws InvalidValue for a repeated or unknown key, or hands-on time that nobody's calendar has
   *     room for; the sentence names the step
   */
  public SchedulingProblem {
    Require.given("start", start);
    Require.given("hours", hours);
    projects = List.copyOf(projects);
    workers = List.copyOf(workers);
    places = List.copyOf(places);
    steps = List.copyOf(steps);
    Set<String> keys = unique("tasks", steps, Step::key);
    Set<String> workerIds = unique("people", workers, Worker::id);
    Set<String> placeIds = unique("stations", places, Place::id);
    Set<String> projectIds = unique("projects", projects, Project::id);
    Map<String, Worker> byId =
        workers.stream().collect(Collectors.toMap(Worker::id, Function.identity()));
    Map<List<String>, Long> known = new HashMap<>();
    Function<List<String>, Long> longestOf =
        able -> known.computeIfAbsent(able, each -> longest(each, byId));
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      known(step, i, "project", step.project(), projectIds);
      for (String key : step.after()) {
        known(step, i, "after", key, keys);
      }
      for (int k = 0; k < step.windows().size(); k++) {
        known(step, i, "windows." + k + ".after", step.windows().get(k).after(), keys);
      }
      for (String id : step.workers()) {
        known(step, i, "person", id, workerIds);
      }
      if (step.place() != null) {
        known(step, i, "station", step.place(), placeIds);
      }
      checkRoom(step, i, workers, longestOf);
    }
  }

  /** The part of it that holds people and stations. */
  SchedulingProblem agreed() {
    return only(Project::agreed);
  }

  /** The part of it that some projects are; links to what is left out are dropped. */
  SchedulingProblem only(Predicate<Project> wanted) {
    if (projects.stream().allMatch(wanted)) {
      return this;
    }
    Set<String> ids = projects.stream().filter(wanted).map(Project::id).collect(Collectors.toSet());
    List<Step> kept = steps.stream().filter(step -> ids.contains(step.project())).toList();
    return new SchedulingProblem(
        start, hours, projects.stream().filter(wanted).toList(), workers, places, alone(kept));
  }

  /** Some projects, each by itself, as {@link #only} has it. */
  List<SchedulingProblem> each(Predicate<Project> wanted) {
    Map<String, List<Step>> byProject =
        steps.stream().collect(Collectors.groupingBy(Step::project));
    return projects.stream()
        .filter(wanted)
        .map(
            project -> {
              List<Step> its = byProject.getOrDefault(project.id(), List.of());
              return new SchedulingProblem(
                  start, hours, List.of(project), workers, places, alone(its));
            })
        .toList();
  }

  /** Steps without links to others. */
  private static List<Step> alone(List<Step> steps) {
    Set<String> keys = steps.stream().map(Step::key).collect(Collectors.toSet());
    return steps.stream().map(step -> onlyBehind(step, keys)).toList();
  }

  private static Step onlyBehind(Step step, Set<String> keys) {
    boolean all =
        keys.containsAll(step.after())
            && step.windows().stream().allMatch(window -> keys.contains(window.after()));
    return all ? step : without(step, keys);
  }

  private static Step without(Step step, Set<String> keys) {
    return step.with()
        .after(step.after().stream().filter(keys::contains).toList())
        .windows(step.windows().stream().filter(window -> keys.contains(window.after())).toList())
        .build();
  }

  private static <T> Set<String> unique(String field, List<T> things, Function<T, String> id) {
    Set<String> seen = new HashSet<>();
    for (T thing : things) {
      if (!seen.add(id.apply(thing))) {
        throw new InvalidValue(field, "“%s” is there twice.".formatted(id.apply(thing)));
      }
    }
    return seen;
  }

  private static void known(Step step, int at, String field, String name, Set<String> names) {
    if (!names.contains(name)) {
      throw new InvalidValue(
          "tasks." + at + "." + field,
          "Task “%s” names “%s”, which is not there.".formatted(step.key(), name));
    }
  }

  private static void checkRoom(
      Step step, int at, List<Worker> workers, Function<List<String>, Long> longestOf) {
    if (step.handsOnMinutes() == 0) {
      return;
    }
    if (workers.isEmpty()) {
      throw new InvalidValue(
          "people", "Task “%s” needs hands and there is nobody.".formatted(step.key()));
    }
    long longest = step.interruptible() ? Long.MAX_VALUE : longestOf.apply(step.workers());
    if (step.handsOnMinutes() > longest) {
      throw new InvalidValue(
          "tasks." + at + ".handsOnMinutes",
          "Task “%s” takes %,d minutes in one go and the longest working stretch is %,d."
              .formatted(step.key(), step.handsOnMinutes(), longest));
    }
  }

  private static long longest(List<String> able, Map<String, Worker> byId) {
    return (able.isEmpty() ? byId.keySet() : able)
        .stream().mapToLong(id -> byId.get(id).hours().longestStretch()).max().orElse(0);
  }
}
