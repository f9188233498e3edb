package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The yard laid out once, to be asked what would be. */
public final class YardPlan {
  private final List<Build> builds;
  private final WorkshopBook book;
  private final Instant now;
  private final YardPlanner planner;

  private YardPlan(List<Build> builds, WorkshopBook book, Instant now) {
    this.builds = List.copyOf(builds);
    this.book = book;
    this.now = now;
    this.planner = new YardPlanner(builds, book, now);
  }

  /** Derives and schedules everything. */
  public static YardPlan of(List<Build> builds, WorkshopBook book, Instant now) {
    return new YardPlan(builds, book, now);
  }

  /** All builds as they are. */
  public YardModel model() {
    Map<String, BuildModel> models = new LinkedHashMap<>();
    planner.models().forEach(model -> models.put(model.build().id(), model));
    return new YardModel(models);
  }

  /**
   * One build as it would be, among the others as they are: the same as {@link
   * YardPicture#whatIf(Build, List, WorkshopBook, Instant)}, and quick where only what lies on the
   * faces or the palette's colours differ, because no task and no need hangs on those.
   *
   * @param as a build of the yard with another design
   */
  public BuildModel whatIf(Build as) {
    @Nullable BuildModel redrawn = planner.redrawn(as);
    return redrawn != null ? redrawn : YardModel.whatIf(as, builds, book, now);
  }
}
