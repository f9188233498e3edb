package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.plan.ChainPart;
import emberyard.core.plan.OrderPolicy;
import emberyard.core.plan.PlannedStep;
import emberyard.core.plan.Project;
import emberyard.core.plan.Schedule;
import emberyard.core.plan.SchedulingProblem;
import emberyard.core.plan.SerialScheduler;
import emberyard.core.plan.Step;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What was worked out before, and is taken again where it would come to the same. Builds and the
 * workshop are told by identity: whoever keeps them hands out the same object until it changes.
 *
 * @param book null where nothing was worked out yet
 * @param builds by id
 */
record Known(
    @Nullable WorkshopBook book,
    @Nullable Instant now,
    Map<String, OfBuild> builds,
    @Nullable Planned planned) {
  static final Known NOTHING = new Known(null, null, Map.of(), null);

  /**
   * What follows from a build.
   *
   * @param steps for the schedule
   * @param earlier the same as of when the order was thought out, null where that was just then
   * @param assembled null where nobody asked for it
   */
  record OfBuild(
      Build build,
      DesignWork design,
      BuildRecord record,
      List<Step> steps,
      @Nullable List<Step> earlier,
      @Nullable Assembled assembled) {}

  /**
   * A plan with what each build has of it.
   *
   * @param policy its order, for work that lasts for something else
   * @param thought what its order was thought out for, a little earlier or just then
   * @param slices by build id
   */
  record Planned(
      SchedulingProblem problem,
      Schedule schedule,
      OrderPolicy policy,
      Thought thought,
      Map<String, Slice> slices) {
    /**
     * An equal problem, thought out at the same moment, has an equal plan.
     *
     * @param earlier the problem as of when its order is thought out, the same one for just now
     */
    static Planned of(
        SchedulingProblem problem, SchedulingProblem earlier, @Nullable Planned before) {
      Thought known = before == null ? null : before.thought.of(earlier);
      if (known != null && before.problem.equals(problem)) {
        return before;
      }
      if (problem.equals(earlier)) {
        SerialScheduler.Solved solved = SerialScheduler.solve(problem);
        return of(problem, solved, new Thought(problem, solved.policy()));
      }
      Thought thought =
          known == null ? new Thought(earlier, SerialScheduler.order(earlier)) : known;
      return of(problem, SerialScheduler.solve(problem, thought.policy), thought);
    }

    private static Planned of(
        SchedulingProblem problem, SerialScheduler.Solved solved, Thought thought) {
      Schedule schedule = solved.schedule();
      Map<String, List<PlannedStep>> steps =
          schedule.steps().values().stream().collect(Collectors.groupingBy(PlannedStep::project));
      Map<String, Slice> slices = new HashMap<>();
      for (Project project : problem.projects()) {
        slices.put(
            project.id(),
            new Slice(
                steps.getOrDefault(project.id(), List.of()), schedule.finish().get(project.id())));
      }
      return new Planned(problem, schedule, solved.policy(), thought, slices);
    }

    List<ChainPart> chain(String project) {
      return schedule.decidingChain().getOrDefault(project, List.of());
    }
  }

  /** An order, and what it was thought out for. */
  record Thought(SchedulingProblem problem, OrderPolicy policy) {
    @Nullable Thought of(SchedulingProblem other) {
      return problem.equals(other) ? this : null;
    }
  }

  /**
   * What a build has of the plan.
   *
   * @param finish null where nothing is left to plan
   */
  record Slice(List<PlannedStep> steps, @Nullable LocalDateTime finish) {}

  /** A build put together. */
  record Assembled(Slice slice, BuildModel model) {}

  /**
   * The same, less what follows from the workshop where that is another; from days on which
   * somebody works other hours nothing follows but the plan.
   */
  Known in(WorkshopBook other) {
    boolean same = book == other || (book != null && book.sameButOwnDays(other));
    return same ? this : new Known(null, null, Map.of(), planned);
  }

  /** From when it was planned, null where nothing was. */
  @Nullable LocalDateTime start() {
    return planned == null ? null : planned.problem.start();
  }

  /** As of when its order was thought out, null where nothing was planned. */
  @Nullable LocalDateTime thoughtAt() {
    return planned == null ? null : planned.thought.problem.start();
  }

  /** What is known of just this build. */
  Optional<OfBuild> of(Build build) {
    return Optional.ofNullable(builds.get(build.id())).filter(known -> known.build() == build);
  }
}
