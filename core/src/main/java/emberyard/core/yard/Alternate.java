package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.concept.ConceptWork;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.make.part.Parts;
import emberyard.core.units.FigureKey;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Another product that can take a component's place: the build is solved with it before it is
 * offered, and it brings no stop and no risk that wasn't there. Whether it is as fast is for
 * whoever builds to judge.
 *
 * @param unitPriceMinor of one
 * @param moreMinor how much more the build's quote is with it, below 0 for less
 * @param soonerDays by which the planned finish is sooner, below 0 for later
 * @param changesAgreed whether the design is then not what was agreed with the client
 */
@FigureKey("build/{buildId}/alternates/{componentId}/{productId}/{supplierId}")
public record Alternate(
    String componentId,
    String productId,
    String name,
    String supplierId,
    long unitPriceMinor,
    int leadDays,
    long moreMinor,
    int soonerDays,
    boolean changesAgreed) {
  /** So many are solved, those whose price is nearest first. */
  private static final int MOST_TRIED = 8;

  /**
   * What could be bought in place of what a need asks for, the cheapest first; none for anything
   * but a component.
   *
   * @param model of the build as it is
   * @param needKey of something that is still to be bought
   */
  public static List<Alternate> of(
      BuildModel model, String needKey, YardPlan plan, WorkshopBook book) {
    Build build = model.build();
    return build.components().stream()
        .filter(each -> needKey.equals("component:" + each.id()))
        .findFirst()
        .map(
            component ->
                book.hardware().stream()
                    .filter(product -> couldDo(product, component, book))
                    .sorted(nearest(component))
                    .limit(MOST_TRIED)
                    .map(product -> solved(product, component, model, plan, book))
                    .filter(Objects::nonNull)
                    .sorted(
                        Comparator.comparingLong(Alternate::moreMinor)
                            .thenComparing(Alternate::productId))
                    .toList())
        .orElse(List.of());
  }

  private static boolean couldDo(HardwareProduct product, Component component, WorkshopBook book) {
    return product.kind() == component.kind()
        && !product.id().equals(component.productId())
        && !product.name().equals(component.name())
        && !book.isRetired("hardware", product.id())
        && product.asGoodAs(component);
  }

  private static Comparator<HardwareProduct> nearest(Component component) {
    return Comparator.comparingLong(
            (HardwareProduct product) -> Math.abs(product.priceMinor() - component.priceMinor()))
        .thenComparing(HardwareProduct::id);
  }

  /** Null where it would bring trouble. */
  private static @Nullable Alternate solved(
      HardwareProduct product,
      Component component,
      BuildModel model,
      YardPlan plan,
      WorkshopBook book) {
    Component other = product.insteadOf(component);
    List<Component> all =
        model.build().components().stream()
            .map(each -> each.id().equals(component.id()) ? other : each)
            .toList();
    Build as = model.build().with(Component.class, all);
    if (bringsByFit(model, as, book)) {
      return null;
    }
    BuildModel after = plan.whatIf(as);
    if (brings(model, after.findings())) {
      return null;
    }
    int lead = other.leadDays() >= 0 ? other.leadDays() : book.leadDays(other.supplierId());
    return new Alternate(
        component.id(),
        product.id(),
        product.name(),
        product.supplierId(),
        product.priceMinor(),
        lead,
        after.budget().quoteMinor()
            - DealtAnew.quoteMinor(model, after, book)
            - model.budget().quoteMinor(),
        sooner(model.fuse().finish(), after.fuse().finish()),
        after.findings().stream().anyMatch(each -> each.key().equals(ConceptWork.CHANGED)));
  }

  private static int sooner(@Nullable LocalDate before, @Nullable LocalDate after) {
    return before == null || after == null ? 0 : (int) ChronoUnit.DAYS.between(after, before);
  }

  /** The same of what goes in, is fed and cooled: it is known long before the yard is planned. */
  private static boolean bringsByFit(BuildModel before, Build as, WorkshopBook book) {
    return as.brief().revealedOn() == null
        && brings(before, DesignWork.fit(as, Parts.of(as, book), book).findings());
  }

  /**
   * Whether something stops or may go wrong that didn’t. What was said of fit before and is said in
   * other words now may be worse: then it isn’t offered either. That it changes what was agreed is
   * no trouble, and is said.
   */
  private static boolean brings(BuildModel before, List<Finding> after) {
    Map<String, Finding> was = new HashMap<>();
    before.findings().forEach(each -> was.put(each.key(), each));
    return after.stream()
        .filter(each -> each.severity() != Severity.NOTE && !each.key().equals(ConceptWork.CHANGED))
        .anyMatch(each -> worse(was.get(each.key()), each));
  }

  private static boolean worse(@Nullable Finding was, Finding is) {
    if (was == null || is.severity().compareTo(was.severity()) < 0) {
      return true;
    }
    boolean saysTheSame = was.title().equals(is.title()) && was.detail().equals(is.detail());
    return is.capability().equals("fit") && !saysTheSame;
  }
}
