package emberyard.core.bench;

import emberyard.core.build.Hold;
import emberyard.core.build.Panel;
import emberyard.core.units.Figures;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.StepTimes;

/**
 * Gluing a part in its place. Clamps, open time and the wait are the handbook's (Made parts, glue):
 * one clamp per 150 mm, 10 to 15 min open, 30 min clamped, 24 h before it is loaded.
 */
public final class GlueWork {
  /** Clamped so long, at least. */
  public static final int CLAMPED_MINUTES = 30;

  /** Nothing is loaded before. */
  public static final int LOADED_HOURS = 24;

  /** A piece has to be in its place by then. */
  public static final int OPEN_MINUTES = 10;

  private static final double CLAMP_EVERY_MM = 150;

  private GlueWork() {}

  /** Whether a part is held by glue. */
  public static boolean glued(Panel panel) {
    Hold hold = panel.drawing().hold();
    return hold != null && hold.kind() == Hold.Kind.GLUE;
  }

  /** Key of the step that glues a part. */
  public static String key(Panel panel) {
    return "part:" + panel.id() + "/glue";
  }

  /**
   * Clamps for one piece, along its edge.
   *
   * <p>Example: 90 × 90 mm is 360 mm of edge: 3 clamps.
   */
  public static int clamps(Panel panel) {
    double edgeMm = 2 * (panel.widthMm() + panel.heightMm());
    return (int) Math.ceil(edgeMm / CLAMP_EVERY_MM);
  }

  /** How many pieces can be laid before the glue of the first sets; at least one. */
  public static int atOnce(StepTimes times) {
    return Math.max(1, OPEN_MINUTES / Math.max(1, times.panelFitMinutes()));
  }

  static Task task(Panel panel, StepTimes times) {
    int pieces = panel.quantity();
    int minutes = pieces * times.panelFitMinutes();
    Why why =
        Why.of(
            "pieces × time of one",
            pieces + " pieces",
            times.panelFitMinutes() + " min each (default)",
            "%d min clamped, %d h before it is loaded".formatted(CLAMPED_MINUTES, LOADED_HOURS));
    return Task.of(
            key(panel),
            "Glue %s in its place".formatted(panel.name()),
            Stage.ASSEMBLE,
            minutes,
            why)
        .about(panel.id())
        .at(StationKind.BENCH)
        .thenWaits(
            LOADED_HOURS * 60, "the glue, %s clamped".formatted(Figures.minutes(CLAMPED_MINUTES)));
  }
}
