package emberyard.core.light;

import emberyard.core.build.Build;
import emberyard.core.light.canvas.CanvasModel;
import emberyard.core.light.run.Run;
import emberyard.core.light.run.RunModel;
import emberyard.core.light.scene.SceneModel;
import java.util.List;

/** Light runs, scenes and what screens show, of a build, to be shown. */
public record GlowModel(List<RunModel> runs, List<SceneModel> scenes, List<CanvasModel> canvases) {
  public GlowModel {
    canvases = List.copyOf(canvases);
    runs = List.copyOf(runs);
    scenes = List.copyOf(scenes);
  }

  public static GlowModel of(Build build) {
    return new GlowModel(
        Run.of(build).stream().map(RunModel::of).toList(),
        build.scenes().stream().map(scene -> SceneModel.of(build, scene)).toList(),
        build.canvases().stream().map(canvas -> CanvasModel.of(build, canvas)).toList());
  }
}
