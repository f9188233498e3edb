package emberyard.core.plan;

import emberyard.core.units.LazyList;
import emberyard.core.units.LazyMap;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Turns placements in minutes into the plan that people read. */
final class PlanWriter {
  private final SchedulingProblem problem;
  private final List<Step> steps;
  private final Placement[] forward;
  private final Placement[] late;
  private final long[] finish;
  private final long[] plainFinish;
  private final StepNetwork network;
  private final Delays delays;
  private final long planStart;
  private final long[] slack;
  private final Map<String, LocalDateTime> reveals = new HashMap<>();

  PlanWriter(
      SchedulingProblem problem,
      StepNetwork network,
      PlanSearch.Found best,
      long[] plainFinish,
      Placement[] late,
      long planStart,
      Holds before) {
    this.problem = problem;
    this.steps = network.steps;
    this.forward = best.placed();
    this.late = late;
    this.finish = best.finish();
    this.plainFinish = plainFinish;
    problem.projects().forEach(project -> reveals.put(project.id(), project.reveal()));
    this.network = network;
    this.slack = IntStream.range(0, forward.length).mapToLong(this::slack).toArray();
    this.delays = new Delays(network, forward, before);
    this.planStart = planStart;
  }

  Schedule write() {
    Map<String, List<ChainPart>> chains = new LinkedHashMap<>();
    Map<String, LocalDateTime> finishes = new LinkedHashMap<>();
    Map<String, LocalDateTime> plain = new LinkedHashMap<>();
    List<String> projects = network.numbers.projects;
    for (int i = 0; i < projects.size(); i++) {
      int project = i;
      chains.put(projects.get(i), new LazyList<>(() -> chain(project)));
      finishes.put(projects.get(i), BenchClock.moment(finish[i]));
      plain.put(projects.get(i), BenchClock.moment(plainFinish[i]));
    }
    int[] byStart = byStart();
    Map<String, PlannedStep> planned = new LinkedHashMap<>();
    Arrays.stream(byStart)
        .parallel()
        .mapToObj(this::planned)
        .toList()
        .forEach(step -> planned.put(step.key(), step));
    return new Schedule(
        planned, new LazyMap<>(() -> late(byStart)), finishes, plain, chains, missedWindows());
  }

  private int[] byStart() {
    return IntStream.range(0, forward.length)
        .boxed()
        .sorted(
            Comparator.<Integer>comparingLong(i -> forward[i].start())
                .thenComparing(i -> steps.get(i).key()))
        .mapToInt(Integer::intValue)
        .toArray();
  }

  private Map<String, Placed> late(int[] byStart) {
    Map<String, Placed> placed = new LinkedHashMap<>();
    for (int i : byStart) {
      placed.put(steps.get(i).key(), placed(late[i]));
    }
    return placed;
  }

  private List<ChainPart> chain(int project) {
    return DecidingChain.of(project, network, forward, delays, planStart, slack);
  }

  private List<MissedWindow> missedWindows() {
    List<MissedWindow> missed = new ArrayList<>();
    for (Tie tie : network.ties) {
      if (tie.missedBy(forward) > 0) {
        missed.add(
            new MissedWindow(
                steps.get(tie.step()).key(),
                steps.get(tie.opener()).key(),
                BenchClock.moment(tie.closes(forward)),
                BenchClock.moment(forward[tie.step()].start())));
      }
    }
    for (int i = 0; i < forward.length; i++) {
      LocalDateTime closes = steps.get(i).beginBy();
      LocalDateTime begins = BenchClock.moment(forward[i].start());
      if (closes != null && begins.isAfter(closes)) {
        missed.add(new MissedWindow(steps.get(i).key(), null, closes, begins));
      }
    }
    return missed;
  }

  private Placed placed(Placement found) {
    return Placed.of(found, network.numbers.nameOf(found.worker()));
  }

  private PlannedStep planned(int i) {
    Step step = steps.get(i);
    Placed mine = placed(forward[i]);
    return new PlannedStep(
        step.key(),
        step.project(),
        mine.worker(),
        mine.pieces(),
        mine.start(),
        mine.handsOnEnd(),
        mine.finish(),
        BenchClock.moment(latestStart(i)),
        slack[i]);
  }

  /** Where the late plan has it, moved forward by what the project is already late. */
  private long latestStart(int i) {
    long found = late[i].start();
    long missed = lateMinutes(network.numbers.project[i]);
    return missed == 0 ? found : problem.hours().back(found, missed);
  }

  private long slack(int i) {
    return problem.hours().between(forward[i].start(), late[i].start())
        - lateMinutes(network.numbers.project[i]);
  }

  /** Working minutes by which a project misses its reveal, 0 when it does not. */
  private long lateMinutes(int project) {
    LocalDateTime reveal = reveals.get(network.numbers.projects.get(project));
    return reveal == null
        ? 0
        : Math.max(0, problem.hours().between(BenchClock.minute(reveal), finish[project]));
  }
}
