package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Frozen;
import emberyard.core.concept.DesignDifference;
import emberyard.core.units.FigureKey;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the design costs more or less than what was frozen, both derived today by the same rules.
 *
 * @param differences in words, amounts said
 * @param agreedMinor the price that was frozen
 * @param deltaMinor quote of the design less quote of what was frozen, minor units
 * @param newPriceMinor the price that was frozen plus that difference
 * @param minutesDelta hands-on minutes
 * @param daysDelta calendar days of the planned finish
 * @param finishAsFrozen planned finish with what was frozen
 * @param finishAsChanged planned finish with the change
 * @param why where the difference comes from
 */
@FigureKey("build/{buildId}/pending-change")
public record PendingChange(
    List<String> differences,
    @FigureKey("build/{buildId}/agreed") long agreedMinor,
    long deltaMinor,
    long newPriceMinor,
    long minutesDelta,
    long daysDelta,
    @Nullable LocalDate finishAsFrozen,
    @Nullable LocalDate finishAsChanged,
    Why why) {

  /**
   * Null while nothing is frozen or nothing was changed since.
   *
   * @param amounts whether the words may say amounts
   */
  public static @Nullable PendingChange of(
      Build build, YardPlan plan, WorkshopBook book, boolean amounts) {
    Frozen frozen = build.concept().frozen();
    if (frozen == null) {
      return null;
    }
    String currency = amounts ? book.workshop().currency() : "";
    List<String> differences = DesignDifference.between(frozen.design(), build.design(), currency);
    if (differences.isEmpty()) {
      return null;
    }
    BuildModel before = plan.whatIf(build.with(frozen.design()));
    BuildModel after = plan.model().builds().get(build.id());
    long changed = after.budget().quoteMinor() - DealtAnew.quoteMinor(before, after, book);
    long delta = changed - before.budget().quoteMinor();
    LocalDate finishBefore = before.fuse().finish();
    LocalDate finishAfter = after.fuse().finish();
    return new PendingChange(
        differences,
        frozen.priceMinor(),
        delta,
        Math.max(0, frozen.priceMinor() + delta),
        OptionModel.minutes(after) - OptionModel.minutes(before),
        finishBefore == null || finishAfter == null
            ? 0
            : ChronoUnit.DAYS.between(finishBefore, finishAfter),
        finishBefore,
        finishAfter,
        why(frozen, before, changed, currency));
  }

  private static Why why(Frozen frozen, BuildModel before, long changed, String currency) {
    String formula =
        "quote of the design − quote of what was frozen, both by today’s rules, each step at the rate of"
            + " whoever it was given to before";
    if (currency.isEmpty()) {
      return Why.of(formula);
    }
    return Why.of(
        formula,
        "with the change " + Figures.money(currency, changed),
        "as frozen " + Figures.money(currency, before.budget().quoteMinor()),
        "agreed " + Figures.money(currency, frozen.priceMinor()));
  }
}
