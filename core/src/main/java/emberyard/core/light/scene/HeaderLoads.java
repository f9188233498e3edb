package emberyard.core.light.scene;

import emberyard.core.build.Build;
import emberyard.core.build.Rail;
import emberyard.core.glow.SceneGlow;
import java.util.ArrayList;
import java.util.List;

/** What light headers carry in a scene. */
final class HeaderLoads {
  private HeaderLoads() {}

  static List<SceneModel.HeaderLoad> of(Build build, List<SceneGlow> glows) {
    List<SceneModel.HeaderLoad> loads = new ArrayList<>();
    for (Rail rail : Rail.values()) {
      double amps =
          glows.stream()
              .filter(each -> each.glow().onHeader() && each.glow().rail() == rail)
              .mapToDouble(SceneGlow::amps)
              .sum();
      double most = most(build, rail);
      if (amps > 0 || most > 0) {
        loads.add(new SceneModel.HeaderLoad(rail, amps, most));
      }
    }
    return loads;
  }

  private static double most(Build build, Rail rail) {
    return build.components().stream()
        .mapToDouble(each -> each.lightHeaderAmps(rail) * each.quantity())
        .sum();
  }
}
