package emberyard.core.light;

import emberyard.core.build.Build;
import emberyard.core.build.Screen;
import emberyard.core.elevation.Elevation;
import emberyard.core.finding.Caution;
import emberyard.core.finding.Finding;
import emberyard.core.light.canvas.CanvasFindings;
import emberyard.core.light.mount.MountFindings;
import emberyard.core.light.mount.MountTape;
import emberyard.core.light.mount.MountWork;
import emberyard.core.light.run.RunFindings;
import emberyard.core.light.run.RunWork;
import emberyard.core.light.scene.SceneFindings;
import emberyard.core.light.wire.ProgramWork;
import emberyard.core.light.wire.WiringWork;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What screens and lights ask for: their needs, fitting, and what a header carries. What they plug
 * into is reckoned with all other plugs, in fit.
 */
public final class LightWork {
  private LightWork() {}

  /**
   * @param wiring what feeds what
   * @param behind keys that fitting waits for: the dry fit and the cured paint
   * @param before for screens that bar the way of others, keys of what puts those in
   * @param faces as they are drawn
   */
  public static Work derive(
      Build build,
      WorkshopBook book,
      WiringWork wiring,
      List<String> behind,
      Map<String, List<String>> before,
      List<Elevation> faces) {
    List<Task> tasks = new ArrayList<>();
    List<Need> needs = new ArrayList<>();
    StepTimes times = book.workshop().times();
    for (Screen screen : build.screens()) {
      needs.add(need(screen, book));
      Task fitting =
          fitting(screen, times).behind(behind).behind(before.getOrDefault(screen.id(), List.of()));
      tasks.add(wiring.proofOf(screen.id()).map(fitting::behind).orElse(fitting));
    }
    tasks.addAll(MountWork.beforeClosing(build, faces));
    Work lights =
        new Work(tasks, needs, findings(build))
            .plus(RunWork.derive(build, book, behind))
            .plus(wiring.derive(behind));
    List<String> plugged = lights.tasks().stream().map(Task::key).toList();
    return lights.plus(ProgramWork.derive(build, book, plugged));
  }

  private static Need need(Screen screen, WorkshopBook book) {
    return new Need(
        "screen:" + screen.id(),
        screen.name(),
        CostCategory.LOOK_HARDWARE,
        screen.supplierId(),
        1,
        0,
        "piece",
        screen.priceMinor(),
        book.leadDays(screen.supplierId()),
        List.of(MountWork.fitKey(screen)),
        Why.of("one for the screen in the design", screen.name()));
  }

  private static Task fitting(Screen screen, StepTimes times) {
    return Task.of(
            MountWork.fitKey(screen),
            "Fit and connect " + screen.name() + MountWork.words(screen),
            Stage.LIGHT,
            times.screenFitMinutes(),
            why(screen, times))
        .about(screen.id())
        .at(StationKind.BENCH)
        .saying(List.of(Caution.ELECTRONICS));
  }

  /** A default; where foam tape holds it, how much of that too. */
  private static Why why(Screen screen, StepTimes times) {
    String minutes = times.screenFitMinutes() + " min a screen (default)";
    if (!screen.mounted().taped() || screen.massKg() == 0) {
      return Why.of("a default", minutes);
    }
    MountTape tape = MountTape.of(screen);
    List<String> inputs = new ArrayList<>(List.of(minutes));
    inputs.addAll(tape.why().inputs());
    inputs.add(tape.words());
    return new Why("a default; tape: " + tape.why().formula(), inputs);
  }

  private static List<Finding> findings(Build build) {
    List<Finding> findings = new ArrayList<>(MountFindings.of(build));
    findings.addAll(RunFindings.of(build));
    findings.addAll(SceneFindings.of(build));
    findings.addAll(CanvasFindings.of(build));
    return findings;
  }
}
