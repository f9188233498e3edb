package emberyard.core.yard;

import emberyard.core.build.ManualTask;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.work.Task;
import emberyard.core.work.Why;

/** Work that the design does not say, typed by hand. */
final class ManualWork {
  private ManualWork() {}

  static String key(ManualTask manual) {
    return "manual:" + manual.id();
  }

  static Task task(ManualTask manual) {
    Task task =
        Task.of(
                key(manual),
                manual.title(),
                manual.stage(),
                manual.handsOnMinutes(),
                Why.of("typed by hand", manual.handsOnMinutes() + " min"))
            .about(manual.id())
            .thenWaits(manual.waitMinutes(), manual.waitMinutes() > 0 ? "a wait set by hand" : "")
            .behind(manual.after());
    return manual.station() == null ? task : task.at(manual.station());
  }

  /** A task that would wait for itself. */
  static Finding circle(ManualTask manual) {
    return Finding.of(
            Severity.RISK,
            "plan",
            "manual:" + manual.id() + "/circle",
            "“%s” would wait for itself".formatted(manual.title()),
            "What it comes after lies behind what waits for it. It is planned as if it came after nothing.",
            "Work that was to be done in time may come too late.")
        .about(manual.id())
        .with(Remedy.byHand("Take it out on Plan and add it in another place"));
  }
}
