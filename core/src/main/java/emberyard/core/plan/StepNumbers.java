package emberyard.core.plan;

import emberyard.core.work.DayPaces;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What steps need, in arrays by their place in the problem; people, stations, projects and hands
 * are numbers too. Minutes are those of the bench clock.
 */
final class StepNumbers {
  /** Where nobody, no station and no hand is meant. */
  static final int NONE = -1;

  final int[] handsOn;
  final int[] wait;

  /** Pace of the wait from day to day. */
  final MinutePaces[] paces;

  /** Steps whose waits run at the same pace have the same number. */
  final int[] pace;

  final int[] place;

  /** The same where it can be full; one that has room for all people at once never is. */
  final int[] tight;

  final boolean[] holds;
  final boolean[] interruptible;

  /** Those who can do it. */
  final int[][] able;

  final int[] hand;
  final int[] begunBy;

  /** No earlier than the start of the plan. */
  final long[] earliest;

  /** By when a window that is open already wants it begun, the greatest for none. */
  final long[] beginBy;

  final int[] project;

  /** Ids of the projects that have steps, in the order in which they come. */
  final List<String> projects;

  private final List<Worker> people;
  private final List<Place> stations;
  private final Map<String, Integer> personNumber;
  private final Map<String, Integer> stationNumber;
  private final int hands;
  private final int numberOfPaces;

  /**
   * @param roomy stations that are never full
   */
  StepNumbers(SchedulingProblem problem, Set<String> roomy, long start) {
    people = problem.workers();
    stations = problem.places();
    personNumber = numbered(people.stream().map(Worker::id));
    stationNumber = numbered(stations.stream().map(Place::id));
    int count = problem.steps().size();
    handsOn = new int[count];
    wait = new int[count];
    paces = new MinutePaces[count];
    pace = new int[count];
    place = new int[count];
    tight = new int[count];
    holds = new boolean[count];
    interruptible = new boolean[count];
    able = new int[count][];
    hand = new int[count];
    begunBy = new int[count];
    earliest = new long[count];
    beginBy = new long[count];
    project = new int[count];
    Map<String, Integer> projectNumber = new LinkedHashMap<>();
    Map<String, Integer> handNumber = new HashMap<>();
    Map<List<String>, int[]> groups = new HashMap<>();
    Map<DayPaces, Integer> paceNumber = new HashMap<>();
    Map<DayPaces, Integer> known = new IdentityHashMap<>();
    List<MinutePaces> all = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Step step = problem.steps().get(i);
      handsOn[i] = step.handsOnMinutes();
      wait[i] = step.waitMinutes();
      pace[i] =
          known.computeIfAbsent(
              step.paces(),
              // most steps share one object, and hashing it takes long
              each -> paceNumber.computeIfAbsent(each, another -> paceNumber.size()));
      if (pace[i] == all.size()) {
        all.add(MinutePaces.of(step.paces()));
      }
      paces[i] = all.get(pace[i]);
      place[i] = stationOf(step);
      holds[i] = step.holdsPlace() && place[i] != NONE;
      tight[i] = roomy.contains(step.place()) ? NONE : place[i];
      interruptible[i] = step.interruptible();
      able[i] = groups.computeIfAbsent(step.workers(), this::numbers);
      hand[i] = number(step.hand(), handNumber);
      begunBy[i] = numberOf(step.begunBy());
      earliest[i] = Math.max(start, notBefore(step.earliest()));
      beginBy[i] = step.beginBy() == null ? Long.MAX_VALUE : BenchClock.minute(step.beginBy());
      project[i] = number(step.project(), projectNumber);
    }
    projects = List.copyOf(projectNumber.keySet());
    numberOfPaces = all.size();
    hands = handNumber.size();
  }

  /** The same steps, lasting for something else. */
  private StepNumbers(StepNumbers as, int[] handsOn, int[] wait, boolean[] interruptible) {
    this.handsOn = handsOn;
    this.wait = wait;
    this.interruptible = interruptible;
    paces = as.paces;
    pace = as.pace;
    place = as.place;
    tight = as.tight;
    holds = as.holds;
    able = as.able;
    hand = as.hand;
    begunBy = as.begunBy;
    earliest = as.earliest;
    beginBy = as.beginBy;
    project = as.project;
    projects = as.projects;
    people = as.people;
    stations = as.stations;
    personNumber = as.personNumber;
    stationNumber = as.stationNumber;
    hands = as.hands;
    numberOfPaces = as.numberOfPaces;
  }

  /**
   * The same steps when they last for something else. What then fits into no working day in one go
   * is cut in pieces.
   */
  StepNumbers lasting(int[] handsOnMinutes, int[] waitMinutes) {
    boolean[] cut = interruptible.clone();
    for (int i = 0; i < cut.length; i++) {
      cut[i] |= handsOnMinutes[i] > handsOn[i] && handsOnMinutes[i] > longestStretch(i);
    }
    return new StepNumbers(this, handsOnMinutes, waitMinutes, cut);
  }

  private long longestStretch(int step) {
    long longest = 0;
    for (int who : able[step]) {
      longest = Math.max(longest, people.get(who).hours().longestStretch());
    }
    return longest;
  }

  private static long notBefore(@Nullable LocalDateTime moment) {
    return moment == null ? Long.MIN_VALUE : BenchClock.minuteNotBefore(moment);
  }

  private static Map<String, Integer> numbered(Stream<String> names) {
    Map<String, Integer> numbers = new HashMap<>();
    names.forEach(name -> number(name, numbers));
    return numbers;
  }

  /** Names get numbers in the order in which they come. */
  private static int number(@Nullable String name, Map<String, Integer> numbers) {
    return name == null ? NONE : numbers.computeIfAbsent(name, each -> numbers.size());
  }

  private int[] numbers(List<String> ids) {
    return ids.isEmpty()
        ? IntStream.range(0, people.size()).toArray()
        : ids.stream().mapToInt(personNumber::get).toArray();
  }

  int workers() {
    return people.size();
  }

  int places() {
    return stations.size();
  }

  /** How many paces there are. */
  int paces() {
    return numberOfPaces;
  }

  /** How many things stay in a pair of hands. */
  int hands() {
    return hands;
  }

  int stationOf(Step step) {
    return step.place() == null ? NONE : stationNumber.get(step.place());
  }

  List<Worker> people() {
    return people;
  }

  List<Place> stations() {
    return stations;
  }

  @Nullable String nameOf(int worker) {
    return worker == NONE ? null : people.get(worker).id();
  }

  /** {@link #NONE} for nobody, and for somebody who is not here. */
  int numberOf(@Nullable String worker) {
    return worker == null ? NONE : personNumber.getOrDefault(worker, NONE);
  }
}
