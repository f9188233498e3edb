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
   * @param assembled null where nobody asked for it
   */
  record OfBuild(
      Build build,
      DesignWork design,
      BuildRecord record,
      List<Step> steps,
      @Nullable Assembled assembled) {}

  /**
   * A plan with what each build has of it.
   *
   * @param policy its order, for work that lasts for something else
   * @param slices by build id
   */
  record Planned(
      SchedulingProblem problem, Schedule schedule, OrderPolicy policy, Map<String, Slice> slices) {
    static Planned of(SchedulingProblem problem) {
      SerialScheduler.Solved solved = SerialScheduler.solve(problem);
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
      return new Planned(problem, schedule, solved.policy(), slices);
    }

    List<ChainPart> chain(String project) {
      return schedule.decidingChain().getOrDefault(project, List.of());
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

  /** What is known of just this build. */
  Optional<OfBuild> of(Build build) {
    return Optional.ofNullable(builds.get(build.id())).filter(known -> known.build() == build);
  }
}
