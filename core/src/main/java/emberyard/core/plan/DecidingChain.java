package emberyard.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * Finds, for a placed step, the step that decides when it can start: the predecessor that finished
 * last if it could have started right then, else the step that kept its person or station busy
 * until just before.
 */
final class DecidingChain {
  /** A person busy for less than this is not what decides when a step waited for something else. */
  private static final long LEAST_RIVAL_MINUTES = 60;

  private final StepNetwork network;
  private final Placement[] placed;
  private final long planStart;
  private final int[] deciders;
  private final Map<String, WeeklyHours> hours = new HashMap<>();

  /** Per person and per station: end of occupation → step, to look up who was there before. */
  private final Map<String, TreeMap<Long, Integer>> endings = new HashMap<>();

  DecidingChain(
      SchedulingProblem problem, StepNetwork network, Placement[] placed, long planStart) {
    this.network = network;
    this.placed = placed;
    this.planStart = planStart;
    problem.workers().forEach(worker -> hours.put(worker.id(), worker.hours()));
    for (int i = 0; i < placed.length; i++) {
      note(i);
    }
    deciders = IntStream.range(0, placed.length).map(this::find).toArray();
  }

  /** Index of the step that decides, −1 where the start of the plan or a date does. */
  int decider(int index) {
    return deciders[index];
  }

  private int find(int index) {
    long release = planStart;
    int last = -1;
    Step step = network.steps.get(index);
    if (step.earliest() != null) {
      release = Math.max(release, BenchClock.minuteNotBefore(step.earliest()));
    }
    for (int before : network.before[index]) {
      if (placed[before].finish() >= release && (last < 0 || placed[before].finish() > release)) {
        release = placed[before].finish();
        last = before;
      }
    }
    boolean bound = last >= 0 || release > planStart;
    int rival = rival(index, release, bound ? LEAST_RIVAL_MINUTES : 1);
    return rival >= 0 ? rival : last;
  }

  /** The chain that ends in the project's last finish, first step first. */
  List<String> of(String project) {
    int at = lastOf(project);
    List<String> chain = new ArrayList<>();
    Set<Integer> seen = new HashSet<>();
    while (at >= 0 && seen.add(at)) {
      chain.add(network.steps.get(at).key());
      at = decider(at);
    }
    Collections.reverse(chain);
    return chain;
  }

  private int lastOf(String project) {
    int last = -1;
    for (int i = 0; i < placed.length; i++) {
      boolean mine = network.steps.get(i).project().equals(project);
      if (mine && (last < 0 || placed[i].finish() > placed[last].finish())) {
        last = i;
      }
    }
    return last;
  }

  /** Who kept the person or station busy between the release and the start, or −1. */
  private int rival(int index, long release, long leastMinutes) {
    Placement mine = placed[index];
    if (mine.worker() == null || mine.start() <= release) {
      return -1;
    }
    long idle = hours.get(mine.worker()).between(release, mine.start());
    if (idle < leastMinutes) {
      return -1;
    }
    int byPerson = before("person " + mine.worker(), mine.start(), release);
    int byStation = before("station " + network.steps.get(index).place(), mine.start(), release);
    if (byPerson < 0 || byStation < 0) {
      return Math.max(byPerson, byStation);
    }
    return endOf(byStation) > endOf(byPerson) ? byStation : byPerson;
  }

  private long endOf(int index) {
    Step step = network.steps.get(index);
    return step.holdsPlace() ? placed[index].finish() : placed[index].handsOnEnd();
  }

  private int before(String resource, long start, long release) {
    TreeMap<Long, Integer> map = endings.get(resource);
    if (map == null) {
      return -1;
    }
    Map.Entry<Long, Integer> entry = map.floorEntry(start);
    return entry != null && entry.getKey() > release ? entry.getValue() : -1;
  }

  private void note(int index) {
    Placement mine = placed[index];
    Step step = network.steps.get(index);
    for (Span piece : mine.pieces()) {
      endings
          .computeIfAbsent("person " + mine.worker(), k -> new TreeMap<>())
          .put(piece.to(), index);
    }
    if (step.place() != null) {
      endings
          .computeIfAbsent("station " + step.place(), k -> new TreeMap<>())
          .put(endOf(index), index);
    }
  }
}
