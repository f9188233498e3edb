package emberyard.core.yard;

import emberyard.core.brief.Interview;
import emberyard.core.brief.RequirementState;
import emberyard.core.build.Build;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.Shares;
import emberyard.core.finding.Finding;
import emberyard.core.finish.FinishModel;
import emberyard.core.finish.TreatmentTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.fit.FitModel;
import emberyard.core.light.GlowModel;
import emberyard.core.light.wire.WiringModel;
import emberyard.core.make.MakeModel;
import emberyard.core.make.part.MadePart;
import emberyard.core.money.Budget;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.Ordered;
import emberyard.core.supply.Parcel;
import emberyard.core.work.Need;
import emberyard.core.workshop.WorkshopBook;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Everything derived from one build among all others of the yard.
 *
 * @param coverage how each requirement stands
 * @param faces the six faces, none while the size is not known
 * @param tasks in working order: planned ones by start, done ones by when
 * @param findings worst first, accepted ones included
 * @param chain the deciding chain, in order of time
 * @param enquiry what it would hold, null once it is agreed and holds it
 * @param next what to do next, at most three
 */
@RecordBuilder
@RecordBuilder.Options(buildMethodName = "done")
public record BuildModel(
    Build build,
    Interview interview,
    List<RequirementState> coverage,
    List<Elevation> faces,
    Shares shares,
    List<MadePart> parts,
    MakeModel make,
    List<SchemePlan> schemes,
    List<TreatmentTarget> treated,
    FitModel fit,
    WiringModel wiring,
    GlowModel glow,
    double hardwareMassKg,
    List<TaskModel> tasks,
    List<NeedLine> needs,
    Ordered ordered,
    List<Parcel> parcels,
    Budget budget,
    List<Finding> findings,
    List<ChainLink> chain,
    Fuse fuse,
    @Nullable Enquiry enquiry,
    List<TaskModel> next)
    implements BuildModelBuilder.With {

  /**
   * What is kept when somebody marks a task: with whom the plan gives the work, and what an hour of
   * theirs is charged at today; of a parcel, the same of each line in it.
   */
  public List<TaskMark> kept(TaskMark mark, WorkshopBook book) {
    List<TaskMark> kept = new ArrayList<>(List.of(asPlanned(mark, book)));
    parcels.stream()
        .filter(parcel -> parcel.key().equals(mark.taskKey()))
        .forEach(parcel -> kept.addAll(parcel.ofLines(mark)));
    return kept;
  }

  /**
   * Lines of orders that are checked by a mark that says that their parcel was opened; none for any
   * other.
   */
  public List<OrderLine> opened(TaskMark mark, LocalDate today) {
    return mark.what() != TaskMark.What.DONE
        ? List.of()
        : ordersIn(mark.taskKey()).stream()
            .filter(line -> line.live() && line.state() != OrderLine.State.CHECKED)
            .map(line -> line.onTo(OrderLine.State.CHECKED, today, mark.by()))
            .toList();
  }

  /** Lines of orders that are in the parcel which a task opens; none for any other task. */
  public List<OrderLine> ordersIn(String taskKey) {
    return parcels.stream()
        .filter(parcel -> parcel.key().equals(taskKey))
        .flatMap(parcel -> parcel.lines().stream())
        .map(Parcel.Line::order)
        .filter(Objects::nonNull)
        .toList();
  }

  /**
   * Whether a task opens a parcel that is here, or should be by its day, and has something in it
   * that nobody has looked at: it is opened the same day, whatever else is planned.
   */
  public boolean arrived(String taskKey, LocalDate today) {
    return ordersIn(taskKey).stream()
        .anyMatch(
            line ->
                line.state() == OrderLine.State.RECEIVED
                    || line.state().underWay() && !line.expectedOn().isAfter(today));
  }

  /** Why a parcel can't be marked as opened and checked; empty for any other task. */
  public Optional<String> unread(String taskKey) {
    return parcels.stream()
        .filter(parcel -> parcel.key().equals(taskKey))
        .flatMap(parcel -> parcel.unread().stream())
        .findFirst()
        .map(line -> "“%s”: type what its label says first.".formatted(line.title()));
  }

  private TaskMark asPlanned(TaskMark mark, WorkshopBook book) {
    return tasks.stream()
        .filter(task -> task.task().key().equals(mark.taskKey()) && task.planned() != null)
        .map(task -> task.planned().worker())
        .filter(Objects::nonNull)
        .findFirst()
        .flatMap(book::person)
        .map(person -> mark.planned(person.id(), person.rateMinor()))
        .orElse(mark);
  }

  /** The findings as they are read: with what decides, which is worked out when somebody looks. */
  public List<Finding> told() {
    return PlanFindings.told(findings, chain);
  }

  /** The finishes drawn for screens: worked out when somebody looks. */
  public FinishModel finish(WorkshopBook book) {
    List<Need> needed = needs.stream().map(NeedLine::need).toList();
    return FinishModel.of(schemes, treated, needed, book);
  }
}
