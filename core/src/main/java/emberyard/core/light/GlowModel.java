package emberyard.core.light;

import emberyard.core.build.Build;
import emberyard.core.light.run.Run;
import emberyard.core.light.run.RunModel;
import emberyard.core.light.scene.SceneModel;
import java.util.List;

/** Light runs and scenes of a build, to be shown. */
public record GlowModel(List<RunModel> runs, List<SceneModel> scenes) {
  public GlowModel {
    runs = List.copyOf(runs);
    scenes = List.copyOf(scenes);
  }

  public static GlowModel of(Build build) {
    return new GlowModel(
        Run.of(build).stream().map(RunModel::of).toList(),
        build.scenes().stream().map(scene -> SceneModel.of(build, scene)).toList());
  }
}
