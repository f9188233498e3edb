package emberyard.core.finish.chain;

import emberyard.core.finish.coat.SchemePlan;
import java.util.List;

/** Which abrasive a step of a finish takes. */
public final class Grits {
  /** Between coats, and on primers and fillers. */
  static final int FINE = 800;

  private Grits() {}

  /**
   * Grits in the order in which they are used; none for a step that is not sanded.
   *
   * @param taskKey of a step of this finish
   */
  public static List<Integer> of(SchemePlan plan, String taskKey) {
    String begin = SchemePlan.key(plan.scheme(), "");
    if (!taskKey.startsWith(begin)) {
      return List.of();
    }
    String step = taskKey.substring(begin.length());
    return switch (step) {
      case "key" -> List.of(plan.painted().substrate().grit());
      case "sand" -> List.of(240, 400);
      case "polish" -> List.of(1500, 2000);
      default ->
          step.endsWith("flat") || step.endsWith("/sand") || step.endsWith("/scuff")
              ? List.of(FINE)
              : List.of();
    };
  }
}
