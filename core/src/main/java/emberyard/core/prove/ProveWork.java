package emberyard.core.prove;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Worksheet;
import emberyard.core.finding.Caution;
import emberyard.core.units.Figures;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/** The proofs: hardware on the bench before it goes in, and a long run when it is closed. */
public final class ProveWork {
  /** Key of the gate before assembly. */
  public static final String HARDWARE = "prove/hardware";

  /** Key of the gate before the reveal. */
  public static final String LOAD = "prove/load";

  private static final String LOAD_RUN = "prove/load-run";

  /** More than what it will carry. */
  private static final double PROOF_SHARE = 1.25;

  private static final int PROOF_MINUTES = 20;
  private static final double GRAVITY = 9.81;

  private ProveWork() {}

  /**
   * @param before keys of what comes first: hardware received, single things proven early
   * @param closed key of the gate behind which the finished build is tested
   */
  public static Work derive(Build build, WorkshopBook book, List<String> before, String closed) {
    List<Task> tasks = new ArrayList<>(proofLoads(build, closed));
    int pieces = build.components().stream().mapToInt(Component::quantity).sum();
    if (pieces > 0) {
      tasks.addAll(runs(book.workshop().times(), before, closed));
    }
    return new Work(tasks, List.of(), List.of());
  }

  /** Before a person sits on it or a monitor stands on it: what was reckoned is tried. */
  private static List<Task> proofLoads(Build build, String closed) {
    return build.worksheets().stream()
        .filter(sheet -> carriedKg(sheet) > 0)
        .map(sheet -> proofLoad(sheet, carriedKg(sheet), closed))
        .toList();
  }

  /** What a shelf carries, or posts that a person leans on; else 0. */
  private static double carriedKg(Worksheet sheet) {
    if (sheet.shelf() != null) {
      return sheet.shelf().massKg();
    }
    return sheet.standoffs() != null && sheet.standoffs().person()
        ? sheet.standoffs().axialN() / GRAVITY
        : 0;
  }

  /** Source: the handbook, “Proof load”. Example: 12 kg are tried with 15. */
  private static Task proofLoad(Worksheet sheet, double carriedKg, String closed) {
    double kg = carriedKg * PROOF_SHARE;
    return Task.of(
            "worksheet:" + sheet.id() + "/proof-load",
            "Proof load on %s: %s kg of dead weight for 10 min, the gap read before and after"
                .formatted(sheet.name(), Figures.plain(Math.ceil(kg * 10 - 1e-9) / 10)),
            Stage.PROVE,
            PROOF_MINUTES,
            Why.of(
                "load × 1.25; 10 min under it and two readings",
                "%s kg".formatted(Figures.plain(carriedKg)),
                PROOF_MINUTES + " min (default)"))
        .about(sheet.id())
        .at(StationKind.BENCH)
        .behind(closed)
        .asGate()
        .saying(List.of(Caution.LIFTING));
  }

  private static List<Task> runs(StepTimes times, List<String> before, String closed) {
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
    return List.of(hardware, run, load);
  }
}
