package emberyard.core.light.scene;

import emberyard.core.build.Build;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.RunGlow;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.ScreenGlow;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SceneLight;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Judgements on scenes: what a camera can't bear, what can't be told apart any more. */
public final class SceneFindings {
  private final Build build;
  private final List<Finding> findings = new ArrayList<>();

  private SceneFindings(Build build) {
    this.build = build;
  }

  public static List<Finding> of(Build build) {
    SceneFindings all = new SceneFindings(build);
    for (Scene scene : build.scenes()) {
      List<SceneGlow> glows = SceneLight.glows(build, scene);
      all.apart(scene, glows);
      all.camera(scene, CameraView.of(build, scene, glows));
      all.bands(scene, glows);
      all.modes(scene, glows);
    }
    return all.findings;
  }

  private void add(
      Scene scene,
      Severity severity,
      String rule,
      String title,
      String detail,
      String why,
      Remedy... ways) {
    findings.add(
        Finding.of(severity, "light", "scene:" + scene.id() + "/" + rule, title, detail, why)
            .about(scene.id())
            .with(ways));
  }

  /** Pairs that were far apart by day: one line a scene. */
  private void apart(Scene scene, List<SceneGlow> glows) {
    List<PaletteColour> palette = build.look().palette();
    boolean lit = glows.stream().anyMatch(glow -> glow.brightness() > 0);
    PaletteInScene seen = PaletteInScene.of(palette, scene, glows);
    if (!lit || seen.merged().isEmpty()) {
      return;
    }
    List<String> pairs = new ArrayList<>();
    for (MergedPair pair : seen.merged()) {
      pairs.add(
          "%s and %s ΔE00 %.0f by day, %.0f here"
              .formatted(
                  palette.get(pair.first()).name(),
                  palette.get(pair.second()).name(),
                  pair.wasDeltaE00(),
                  pair.deltaE00()));
    }
    MergedPair first = seen.merged().get(0);
    add(
        scene,
        Severity.NOTE,
        "apart",
        "%s and %s run together in “%s”"
            .formatted(
                palette.get(first.first()).name(),
                palette.get(first.second()).name(),
                scene.name()),
        String.join("; ", pairs) + "; 8 is the least.",
        "What was painted apart reads as one colour in this light.",
        Remedy.byHand("Whiter or weaker light there"),
        Remedy.byHand("Move one of the colours"));
  }

  private void camera(Scene scene, @Nullable CameraView camera) {
    if (camera == null) {
      return;
    }
    for (CameraView.LightArea area : camera.areas()) {
      if (area.over()) {
        findings.add(tooBright(scene, camera, area));
      }
    }
  }

  private Finding tooBright(Scene scene, CameraView camera, CameraView.LightArea area) {
    int percent = (int) area.mostPercent();
    return Finding.of(
            Severity.RISK,
            "light",
            "scene:" + scene.id() + "/bright/" + area.of().id(),
            "%s is too bright for the camera in “%s”".formatted(area.name(), scene.name()),
            "%.0f cd/m²; within three stops of the base are %.0f: ρ %.2f × %s lx ÷ π = %.1f, × 8."
                .formatted(
                    area.candelas(),
                    camera.mostCandelas(),
                    camera.reflectance(),
                    Figures.plain(scene.lux()),
                    camera.baseCandelas()),
            "It burns out to white, or all else goes black.")
        .about(scene.id())
        .with(
            new Remedy(
                "“%s” at %d %%".formatted(area.name(), percent), darker(scene, area, percent)),
            Remedy.byHand("More light in the room"));
  }

  private static Change darker(Scene scene, CameraView.LightArea area, int percent) {
    if (area.of().kind().equals("screens")) {
      List<ScreenGlow> screens = new ArrayList<>(scene.screens());
      screens.removeIf(each -> each.screenId().equals(area.of().id()));
      ScreenGlow told = scene.screen(area.of().id()).orElse(new ScreenGlow(area.of().id(), 100));
      screens.add(told.at(percent));
      return Change.items("scenes", scene.id(), "screens", screens);
    }
    RunGlow told = scene.glow(area.of().id()).orElse(RunGlow.of(area.of().id(), 100));
    return Change.items("scenes", scene.id(), "runs", scene.with(told.at(percent)).runs());
  }

  /** Lights of hardware that only change modes; of runs it is said with the run. */
  private void modes(Scene scene, List<SceneGlow> glows) {
    List<String> fixed =
        glows.stream()
            .filter(glow -> glow.glow().of().kind().equals("components") && !glow.glow().dims())
            .filter(glow -> scene.glow(glow.id()).filter(RunGlow::dimming).isPresent())
            .map(glow -> glow.glow().name())
            .toList();
    if (fixed.isEmpty()) {
      return;
    }
    add(
        scene,
        Severity.RISK,
        "modes",
        "%s can’t be dimmed, and “%s” asks for it"
            .formatted(String.join(", ", fixed), scene.name()),
        "On and off, or modes of its own: shown here at full, in its own colour.",
        "It is found out on camera, when it is built in.",
        Remedy.byHand("Others that take colours, or none that are lit"),
        Remedy.byHand("Leave them off in this scene"));
  }

  /** Lights are dimmed by pulses, which a shutter cuts. */
  private void bands(Scene scene, List<SceneGlow> glows) {
    List<String> dimmed =
        glows.stream()
            .filter(glow -> glow.brightness() > 0 && glow.brightness() < 1)
            .map(glow -> glow.glow().name())
            .toList();
    if (scene.use() != SceneUse.CAMERA || dimmed.isEmpty()) {
      return;
    }
    add(
        scene,
        Severity.NOTE,
        "bands",
        "Dimmed light bands on camera in “%s”".formatted(scene.name()),
        String.join(", ", dimmed) + ": dimmed by pulses.",
        "A short shutter cuts the pulses: stripes run over the picture.",
        Remedy.byHand("Shutter 1/50 or 1/100, and a test shot"));
  }
}
