package emberyard.core.bench;

import emberyard.core.build.Build;
import emberyard.core.build.Snag;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.record.TaskMark;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Mending what was found wrong. */
public final class SnagWork {
  private SnagWork() {}

  /**
   * A step for each snag. A bad one is looked at by somebody who says that it is right: a gate, so
   * that nobody passes over it.
   */
  public static Work derive(Build build) {
    return new Work(
        build.snags().stream().map(SnagWork::mend).toList(),
        List.of(),
        build.snags().stream().flatMap(snag -> afterClosing(build, snag).stream()).toList());
  }

  private static Task mend(Snag snag) {
    Task mend =
        Task.of(
                snag.mendKey(),
                "Mend: " + snag.text(),
                Stage.ASSEMBLE,
                snag.minutes(),
                Why.of("as said when it was found", snag.minutes() + " min"))
            .about(snag.id())
            .at(StationKind.BENCH);
    return snag.how() == Snag.How.BAD ? mend.asGate() : mend;
  }

  /** Whether a step mends what is not bad: it may be left for after closing. */
  public static boolean mayStayOpen(Task task) {
    return task.key().startsWith(Snag.MEND) && !task.gate();
  }

  /** Keys of what has to be right before the build is closed. */
  static List<String> beforeClosing(Build build) {
    return build.snags().stream()
        .filter(snag -> snag.how() == Snag.How.BAD)
        .map(Snag::mendKey)
        .toList();
  }

  /**
   * One that is found when all is closed is behind panels: the check of closing has to be redone.
   */
  private static Optional<Finding> afterClosing(Build build, Snag snag) {
    boolean open = verdict(build, snag.mendKey()).isEmpty();
    boolean closed =
        verdict(build, AssembleWork.CLOSE)
            .filter(mark -> mark.what() == TaskMark.What.PASSED)
            .filter(mark -> mark.at().isBefore(snag.at()))
            .isPresent();
    return snag.how() == Snag.How.BAD && open && closed
        ? Optional.of(
            Finding.of(
                    Severity.RISK,
                    "bench",
                    "snag:" + snag.id() + "/closed",
                    "Bad and found after closing up: " + snag.text(),
                    "It was closed up before this was found.",
                    "What is opened again is checked again: leads, plugs, nothing loose inside.")
                .about(snag.id())
                .with(Remedy.byHand("Mend it, then do “Close up once” again on its card")))
        : Optional.empty();
  }

  /** What was said last of a step, if it says that it is done. */
  private static Optional<TaskMark> verdict(Build build, String key) {
    return build.marks().stream()
        .filter(mark -> mark.taskKey().equals(key))
        .max(Comparator.comparing(TaskMark::at))
        .filter(mark -> mark.what() == TaskMark.What.PASSED || mark.what() == TaskMark.What.DONE);
  }
}
