package emberyard.core.yard;

import emberyard.core.brief.RequirementState;
import emberyard.core.build.Build;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Design;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Panel;
import emberyard.core.build.Requirement.Outcome;
import emberyard.core.build.Requirement.Priority;
import emberyard.core.concept.ConceptWork;
import emberyard.core.concept.DesignDifference;
import emberyard.core.concept.Detail;
import emberyard.core.elevation.Elevation;
import emberyard.core.finding.Severity;
import emberyard.core.units.FigureKey;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * One concept option with its numbers, derived as if it were the one to be built.
 *
 * @param onTheTable whether it is the one that is open
 * @param finish planned finish, null while there is nothing to plan
 * @param coverage counts per outcome
 * @param openMusts what must be answered and is not
 * @param outside names of parts made elsewhere
 * @param differences against the option on the table, amounts unsaid; empty for that one itself
 */
public record OptionModel(
    String letter,
    String name,
    boolean onTheTable,
    Detail detail,
    List<PaletteColour> palette,
    List<Elevation> faces,
    PriceRange offer,
    MinutesRange minutes,
    @Nullable LocalDate finish,
    Coverage coverage,
    List<String> openMusts,
    long stops,
    long risks,
    List<String> outside,
    List<String> differences) {

  /** On the table it is the build's own quote, see {@link FigureKey}. */
  String quoteOf() {
    return onTheTable ? "quote" : "designs/" + letter + "/quote";
  }

  /** Quote with tax, minor units. */
  @FigureKey("build/{buildId}/designs/{letter}")
  public record PriceRange(
      long lowMinor,
      @FigureKey("build/{buildId}/{quoteOf}") long likelyMinor,
      long highMinor,
      Why why) {}

  /** Hands-on minutes. */
  public record MinutesRange(long low, long likely, long high) {}

  /** Requirements by how they stand. */
  public record Coverage(long answered, long failed, long open) {}

  /**
   * All options of a build, A first, each scheduled among the other builds of the yard.
   *
   * @param plan of the whole yard, this build included
   */
  public static List<OptionModel> of(Build build, YardPlan plan, WorkshopBook book) {
    TreeMap<String, OptionModel> models = new TreeMap<>();
    models.put(
        build.concept().letter(),
        of(build, build.design(), build.concept().name(), build.concept().letter(), plan, book));
    for (ConceptOption option : build.options()) {
      models.put(
          option.letter(), of(build, option.design(), option.name(), option.letter(), plan, book));
    }
    return new ArrayList<>(models.values());
  }

  private static OptionModel of(
      Build build, Design design, String name, String letter, YardPlan plan, WorkshopBook book) {
    Build as = build.with(design);
    boolean table = letter.equals(build.concept().letter());
    BuildModel model = table ? plan.model().builds().get(build.id()) : plan.whatIf(as);
    Detail detail = Detail.of(as, book);
    long minutes = minutes(model);
    return new OptionModel(
        letter,
        name,
        table,
        detail,
        design.look().palette(),
        model.faces(),
        price(model, detail),
        new MinutesRange(
            Math.round(minutes * (1 - detail.spread())),
            minutes,
            Math.round(minutes * (1 + detail.spread()))),
        model.fuse().finish(),
        coverage(model),
        openMusts(model),
        count(model, Severity.STOP),
        count(model, Severity.RISK),
        design.panels().stream()
            .filter(panel -> panel.cutMethod() == CutMethod.OUTSIDE)
            .map(Panel::name)
            .toList(),
        table ? List.of() : DesignDifference.between(build.design(), design, ""));
  }

  /** Hands-on minutes of the whole plan, done or not. */
  static long minutes(BuildModel model) {
    return model.tasks().stream()
        .filter(task -> task.state() != TaskState.NO_LONGER_NEEDED)
        .mapToLong(task -> task.task().handsOnMinutes())
        .sum();
  }

  private static PriceRange price(BuildModel model, Detail detail) {
    long quote = model.budget().quoteMinor();
    return new PriceRange(
        Math.round(quote * (1 - detail.spread())),
        quote,
        Math.round(quote * (1 + detail.spread())),
        Why.of(
            "quote ± %s %%, because it is %s"
                .formatted(Figures.plain(detail.spread() * 100), detail.words()),
            "rough ±40 %, sized ±20 %, detailed ±10 % (defaults)"));
  }

  private static Coverage coverage(BuildModel model) {
    return new Coverage(
        count(model, Outcome.ANSWERED), count(model, Outcome.FAILED), count(model, Outcome.OPEN));
  }

  private static long count(BuildModel model, Outcome outcome) {
    return model.coverage().stream().filter(state -> state.outcome() == outcome).count();
  }

  private static long count(BuildModel model, Severity severity) {
    return model.findings().stream()
        .filter(finding -> finding.severity() == severity)
        .filter(finding -> !finding.key().equals(ConceptWork.CHANGED))
        .count();
  }

  private static List<String> openMusts(BuildModel model) {
    return model.coverage().stream()
        .filter(state -> state.outcome() != Outcome.ANSWERED)
        .map(RequirementState::requirement)
        .filter(requirement -> requirement.priority() == Priority.MUST)
        .sorted(Comparator.comparing(requirement -> requirement.text()))
        .map(requirement -> requirement.text())
        .toList();
  }
}
