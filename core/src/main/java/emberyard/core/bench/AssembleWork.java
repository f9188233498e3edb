package emberyard.core.bench;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Panel;
import emberyard.core.finding.Caution;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Putting it together: hardware in, cables, panels on, close up. */
public final class AssembleWork {
  /** Key of the gate behind which the build is closed. */
  public static final String CLOSE = "bench/close";

  /** Key of the step that puts on a board what sits on it. */
  public static final String ON_BOARD = "bench/on-board";

  private static final String FIT_IN = "bench/fit-in";
  private static final String CABLES = "bench/cables";

  /** Key of the step that puts the parts in their places. */
  public static final String PANELS = "bench/panels";

  private AssembleWork() {}

  /**
   * @param behind gates before assembly: dry fit, cured paint, proven hardware
   * @param lights keys of fitting screens and lights, which come before closing
   */
  public static Work derive(
      Build build, WorkshopBook book, List<String> behind, List<String> lights, Mounting mounting) {
    StepTimes times = book.workshop().times();
    List<Task> tasks = new ArrayList<>();
    int components = build.components().stream().mapToInt(Component::quantity).sum();
    int panels =
        build.panels().stream()
            .filter(panel -> !GlueWork.glued(panel))
            .mapToInt(Panel::quantity)
            .sum();
    List<String> before = behind;
    if (components > 0) {
      tasks.addAll(hardware(mounting, components, behind, times.componentFitMinutes()));
      List<String> allIn = tasks.stream().map(Task::key).toList();
      Task cables =
          Task.of(
              CABLES,
              "Route and tie the cables",
              Stage.ASSEMBLE,
              times.cablingMinutes(),
              Why.of("a default", times.cablingMinutes() + " min (default)"));
      tasks.add(
          cables
              .at(StationKind.BENCH)
              .behind(allIn)
              .behind(lights)
              .saying(List.of(Caution.ELECTRONICS)));
      before = List.of(CABLES);
    }
    List<Task> glued = new ArrayList<>();
    for (Panel panel : build.panels()) {
      if (GlueWork.glued(panel)) {
        glued.add(GlueWork.task(panel, times).behind(before).behind(lights));
      }
    }
    tasks.addAll(glued);
    if (panels > 0) {
      tasks.add(
          each(PANELS, "Put the panels on", panels, times.panelFitMinutes())
              .behind(before)
              .behind(lights));
      before = List.of(PANELS);
    }
    if (!tasks.isEmpty()) {
      tasks.add(
          Task.of(
                  CLOSE,
                  "Close up once: nothing loose, nothing forgotten",
                  Stage.ASSEMBLE,
                  times.closeUpMinutes(),
                  Why.of("a default", times.closeUpMinutes() + " min (default)"))
              .at(StationKind.BENCH)
              .behind(before)
              .behind(glued.stream().map(Task::key).toList())
              .behind(SnagWork.beforeClosing(build))
              .asGate());
    }
    return new Work(tasks, List.of(), List.of());
  }

  /** What sits on a board is put on it before it goes in; what is left over goes in behind it. */
  private static List<Task> hardware(
      Mounting mounting, int components, List<String> behind, int minutesEach) {
    List<Task> tasks = new ArrayList<>();
    int onBoard = mounting.piecesOnBoard();
    if (onBoard > 0) {
      String names =
          mounting.onBoard().stream().map(Component::name).collect(Collectors.joining(", "));
      tasks.add(
          each(ON_BOARD, "Put on the board first: " + names, onBoard, minutesEach)
              .saying(List.of(Caution.ELECTRONICS)));
    }
    for (Task in : mounting.goingIn()) {
      boolean board = onBoard > 0 && mounting.boards().contains(in.key());
      tasks.add(board ? in.behind(ON_BOARD) : in);
    }
    int left = components - mounting.pieces() - onBoard;
    if (left > 0) {
      String title = tasks.isEmpty() ? "Fit the hardware in" : "Fit the rest of the hardware in";
      tasks.add(
          each(FIT_IN, title, left, minutesEach)
              .behind(mounting.boards())
              .saying(List.of(Caution.ELECTRONICS)));
    }
    return tasks.stream().map(task -> task.behind(behind)).toList();
  }

  private static Task each(String key, String title, int pieces, int minutesEach) {
    Why why =
        Why.of("pieces × time of one", pieces + " pieces", minutesEach + " min each (default)");
    return Task.of(key, title, Stage.ASSEMBLE, pieces * minutesEach, why).at(StationKind.BENCH);
  }
}
