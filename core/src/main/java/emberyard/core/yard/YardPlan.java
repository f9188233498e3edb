package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.plan.OrderPolicy;
import emberyard.core.plan.SchedulingProblem;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The yard laid out once, to be asked what would be, and what is after a change. */
public final class YardPlan {
  private final List<Build> builds;
  private final WorkshopBook book;
  private final Instant now;
  private final YardPlanner planner;
  private @Nullable YardModel model;

  private YardPlan(List<Build> builds, WorkshopBook book, Instant now, YardPlanner planner) {
    this.builds = List.copyOf(builds);
    this.book = book;
    this.now = now;
    this.planner = planner;
  }

  /** Derives and schedules everything. */
  public static YardPlan of(List<Build> builds, WorkshopBook book, Instant now) {
    return new YardPlan(builds, book, now, new YardPlanner(builds, book, now, Known.NOTHING));
  }

  /**
   * The same as {@link #of}, and quick: of builds that are the same objects in the same workshop
   * nothing is derived again that follows from them alone, and nothing is planned again where the
   * plan would be the same.
   */
  public YardPlan changed(List<Build> as, WorkshopBook workshop, Instant then) {
    return new YardPlan(as, workshop, then, new YardPlanner(as, workshop, then, planner.known()));
  }

  public WorkshopBook book() {
    return book;
  }

  /** What was planned: the open steps of all builds. */
  public SchedulingProblem problem() {
    return planner.plan().problem();
  }

  /** When builds are done if their steps last for something else, in the order of the plan. */
  public OrderPolicy policy() {
    return planner.plan().policy();
  }

  /** All builds as they are. */
  public synchronized YardModel model() {
    if (model == null) {
      Map<String, BuildModel> models = new LinkedHashMap<>();
      planner.models().forEach(each -> models.put(each.build().id(), each));
      model = new YardModel(models);
    }
    return model;
  }

  /**
   * One build as it would be, among the others as they are: quick where only what lies on the faces
   * or the palette's colours differ, because no task and no need hangs on those.
   *
   * @param as a build of the yard with another design
   */
  public BuildModel whatIf(Build as) {
    BuildModel redrawn = planner.redrawn(as);
    if (redrawn != null) {
      return redrawn;
    }
    List<Build> yard =
        builds.stream().map(other -> other.id().equals(as.id()) ? as : other).toList();
    return changed(yard, book, now).planner.model(as.id());
  }
}
