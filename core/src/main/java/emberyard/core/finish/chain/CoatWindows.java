package emberyard.core.finish.chain;

import emberyard.core.build.FinishHabits;
import emberyard.core.build.LayerOp;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Weather;
import emberyard.core.work.BeginWindow;
import java.util.Optional;

/** Until when the steps of a finish have to be begun because what lies under them dries. */
final class CoatWindows {
  /** A dry peel wants to be done before cure and three days (handbook, finish). */
  private static final int DRY_PEEL_MINUTES = 3 * 24 * 60;

  private final SchemePlan plan;
  private final Weather weather;

  CoatWindows(SchemePlan plan, Weather weather) {
    this.plan = plan;
    this.weather = weather;
  }

  /** The window of a step of the plan, opened by the coat before it; empty for any time. */
  Optional<BeginWindow> of(int index) {
    return plan.coatBefore(index).flatMap(before -> between(before, plan.coats().get(index)));
  }

  private Optional<BeginWindow> between(CoatStep before, CoatStep step) {
    if (step.op() == LayerOp.PEEL) {
      boolean soft = plan.scheme().habits().peeling() == FinishHabits.Peeling.SOFT;
      return Optional.of(
          window(before, soft ? before.handleMinutes() : before.cureMinutes() + DRY_PEEL_MINUTES));
    }
    boolean bound =
        step.coat()
            && before.recoatUntilMinutes() > 0
            && !step.scuffed()
            && !flattedBetween(before, step);
    return bound ? Optional.of(window(before, before.recoatUntilMinutes())) : Optional.empty();
  }

  private BeginWindow window(CoatStep before, int minutes) {
    return new BeginWindow(before.key(), minutes, weather.paces(before.paint().base()));
  }

  private boolean flattedBetween(CoatStep before, CoatStep step) {
    boolean flat = SchemePlan.sandedGround(before) && !before.stepId().equals(step.stepId());
    return flat || plan.scheme().habits().sanding() == FinishHabits.Sanding.BETWEEN_COATS;
  }
}
