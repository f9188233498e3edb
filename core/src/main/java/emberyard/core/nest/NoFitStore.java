package emberyard.core.nest;

import java.util.HashMap;
import java.util.Map;

/** Remembers no-fit polygons: they depend on shapes and turns alone. */
final class NoFitStore {
  private record Pair(Shape fixed, Shape moving) {}

  private record Rim(Ground ground, Shape moving) {}

  private final Map<Pair, NoFit> pairs = new HashMap<>();
  private final Map<Rim, NoFit> rims = new HashMap<>();

  NoFit between(Shape fixed, Shape moving) {
    return pairs.computeIfAbsent(
        new Pair(fixed, moving), pair -> NoFit.of(fixed.parts, moving.negated));
  }

  NoFit missing(Ground ground, Shape moving) {
    return rims.computeIfAbsent(
        new Rim(ground, moving), rim -> NoFit.of(ground.missing, moving.negated));
  }
}
