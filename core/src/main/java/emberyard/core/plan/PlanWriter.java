package emberyard.core.plan;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/** Turns placements in minutes into the plan that people read. */
final class PlanWriter {
  private final SchedulingProblem problem;
  private final List<Step> steps;
  private final Placement[] forward;
  private final Placement[] late;
  private final Map<String, Long> finish;
  private final Map<String, Long> plainFinish;
  private final StepNetwork network;
  private final Delays delays;
  private final long planStart;
  private final long[] slack;
  private final Map<String, LocalDateTime> reveals = new HashMap<>();

  PlanWriter(
      SchedulingProblem problem,
      StepNetwork network,
      PlanSearch.Found best,
      Map<String, Long> plainFinish,
      Placement[] late,
      long planStart,
      List<Taken> taken) {
    this.problem = problem;
    this.steps = network.steps;
    this.forward = best.placed();
    this.late = late;
    this.finish = best.finish();
    this.plainFinish = plainFinish;
    problem.projects().forEach(project -> reveals.put(project.id(), project.reveal()));
    this.slack = IntStream.range(0, forward.length).mapToLong(this::slack).toArray();
    this.network = network;
    this.delays = new Delays(problem, network, forward, taken);
    this.planStart = planStart;
  }

  Schedule write() {
    Map<String, List<ChainPart>> chains = new LinkedHashMap<>();
    Map<String, LocalDateTime> finishes = new LinkedHashMap<>();
    Set<String> deciding = new HashSet<>();
    finish.forEach(
        (project, minute) -> {
          List<ChainPart> parts =
              DecidingChain.of(project, network, forward, delays, planStart, slack);
          chains.put(project, parts);
          finishes.put(project, BenchClock.moment(minute));
          parts.forEach(part -> deciding.add(part.step()));
        });
    Map<String, PlannedStep> planned = new LinkedHashMap<>();
    Map<String, Placed> lateSteps = new LinkedHashMap<>();
    IntStream.range(0, forward.length)
        .boxed()
        .sorted(
            Comparator.<Integer>comparingLong(i -> forward[i].start())
                .thenComparing(i -> steps.get(i).key()))
        .forEach(
            i -> {
              planned.put(steps.get(i).key(), planned(i, deciding));
              lateSteps.put(steps.get(i).key(), Placed.of(late[i]));
            });
    Map<String, LocalDateTime> plain = new LinkedHashMap<>();
    plainFinish.forEach((project, minute) -> plain.put(project, BenchClock.moment(minute)));
    return new Schedule(planned, lateSteps, finishes, plain, chains, missedWindows());
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

  private PlannedStep planned(int i, Set<String> deciding) {
    Step step = steps.get(i);
    Placed mine = Placed.of(forward[i]);
    return new PlannedStep(
        step.key(),
        step.project(),
        mine.worker(),
        mine.pieces(),
        mine.start(),
        mine.handsOnEnd(),
        mine.finish(),
        BenchClock.moment(latestStart(i)),
        slack[i],
        deciding.contains(step.key()));
  }

  /** Where the late plan has it, moved forward by what the project is already late. */
  private long latestStart(int i) {
    long found = late[i].start();
    long missed = lateMinutes(steps.get(i).project());
    return missed == 0 ? found : problem.hours().back(found, missed);
  }

  private long slack(int i) {
    return problem.hours().between(forward[i].start(), late[i].start())
        - lateMinutes(steps.get(i).project());
  }

  /** Working minutes by which a project misses its reveal, 0 when it does not. */
  private long lateMinutes(String project) {
    LocalDateTime reveal = reveals.get(project);
    return reveal == null
        ? 0
        : Math.max(0, problem.hours().between(BenchClock.minute(reveal), finish.get(project)));
  }
}
