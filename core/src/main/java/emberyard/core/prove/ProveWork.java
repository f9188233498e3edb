package emberyard.core.prove;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.finding.Caution;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.List;

/** The proofs: hardware on the bench before it goes in, and a long run when it is closed. */
public final class ProveWork {
  /** Key of the gate before assembly. */
  public static final String HARDWARE = "prove/hardware";

  /** Key of the gate before the reveal. */
  public static final String LOAD = "prove/load";

  private static final String LOAD_RUN = "prove/load-run";

  private ProveWork() {}

  /**
   * @param before keys of what comes first: hardware received, single things proven early
   * @param closed key of the gate behind which the finished build is tested
   */
  public static Work derive(Build build, WorkshopBook book, List<String> before, String closed) {
    StepTimes times = book.workshop().times();
    int pieces = build.components().stream().mapToInt(Component::quantity).sum();
    if (pieces == 0) {
      return Work.none();
    }
    Task hardware =
        Task.of(
                HARDWARE,
                "Prove the hardware on the bench",
                Stage.ASSEMBLE,
                times.hardwareProofMinutes(),
                Why.of("a default", times.hardwareProofMinutes() + " min (default)"))
            .at(StationKind.BENCH)
            .behind(before)
            .asGate()
            .saying(List.of(Caution.ELECTRONICS, Caution.MAINS));
    Task run =
        Task.of(
                LOAD_RUN,
                "Load run: set up, note the room's temperature, start",
                Stage.PROVE,
                times.loadTestMinutes(),
                Why.of("a default", times.loadTestMinutes() + " min (default)"))
            .at(StationKind.BENCH)
            .thenWaits(times.loadTestRunHours() * 60, "the load run")
            .behind(closed)
            .saying(List.of(Caution.MAINS));
    Task load =
        Task.of(
                LOAD,
                "Read the load run: temperatures, noise, faults",
                Stage.PROVE,
                15,
                Why.of("a default", "15 min (default)"))
            .at(StationKind.BENCH)
            .behind(run.key())
            .asGate();
    return new Work(List.of(hardware, run, load), List.of(), List.of());
  }
}
