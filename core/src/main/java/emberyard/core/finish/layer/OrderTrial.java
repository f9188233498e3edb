package emberyard.core.finish.layer;

import emberyard.core.build.LayerStep;
import java.util.List;

/** One way that keeps the colours. */
record OrderTrial(List<LayerStep> steps, int coats) {
  boolean betterThan(OrderTrial other) {
    return other == null
        || coats < other.coats
        || (coats == other.coats && steps.size() < other.steps.size());
  }
}
