package emberyard.core.light.scene;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.build.Movement;
import emberyard.core.build.RunGlow;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenGlow;
import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SceneLight;
import emberyard.core.glow.SentValue;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A scene as it leaves and comes in: lights and screens by their names, so that a controller, or
 * another build, can read it.
 *
 * @param format {@link #FORMAT}
 * @param version of the format, 1
 */
public record SceneFile(
    String format,
    int version,
    String name,
    SceneUse use,
    @Nullable Double roomLux,
    List<FileLight> lights,
    List<FileScreen> screens) {
  public static final String FORMAT = "ember-yard scene";
  private static final int MOST = 200;

  public SceneFile {
    Require.that(
        FORMAT.equals(format), "format", "This is no scene: its format is “%s”.".formatted(FORMAT));
    Require.that(version == 1, "version", "This program knows version 1 of a scene.");
    Require.text("name", name);
    Require.given("use", use);
    lights = Require.list(lights);
    screens = Require.list(screens);
    Require.between("lights", lights.size(), 0, MOST, "lights");
    Require.between("screens", screens.size(), 0, MOST, "screens");
  }

  /**
   * One light.
   *
   * @param leds how many it has here, 0 where nobody says
   * @param colour {@code #RRGGBB} as it looks; null for its own
   * @param sent what is sent to each LED at full brightness, for who reads the file; not read here
   */
  public record FileLight(
      String name,
      Integer leds,
      @Nullable String colour,
      @Nullable SentValue sent,
      Double brightnessPercent,
      Movement movement,
      Double periodSeconds) {
    public FileLight {
      Require.text("name", name);
      leds = leds == null ? 0 : leds;
    }
  }

  /**
   * One screen.
   *
   * @param canvas name of what it shows, null or empty for what it shows anyway
   */
  public record FileScreen(String name, Double brightnessPercent, @Nullable String canvas) {
    public FileScreen {
      Require.text("name", name);
    }
  }

  /** All of a scene, also what it leaves as usual. */
  public static SceneFile of(Build build, Scene scene) {
    List<FileLight> lights = new ArrayList<>();
    for (SceneGlow glow : SceneLight.glows(build, scene)) {
      lights.add(
          new FileLight(
              glow.glow().name(),
              glow.glow().leds(),
              glow.colour().hex(),
              SentValue.of(glow.colour()),
              glow.brightness() * 100,
              glow.movement(),
              glow.periodSeconds()));
    }
    List<FileScreen> screens = new ArrayList<>();
    for (Screen screen : build.screens()) {
      screens.add(
          new FileScreen(
              screen.name(),
              scene.screenBrightness(screen.id()) * 100,
              scene.canvas(build, screen.id()).map(Canvas::name).orElse("")));
    }
    return new SceneFile(FORMAT, 1, scene.name(), scene.use(), scene.roomLux(), lights, screens);
  }

  /**
   * A scene taken in.
   *
   * @param unknown names of lights, screens and what they show that this build has not
   */
  public record TakenScene(Scene scene, List<String> unknown) {}

  /**
   * The scene in this build: what has the same name, the first where several have.
   *
   * @param id of the new scene
   */
  public TakenScene in(Build build, String id) {
    List<String> unknown = new ArrayList<>();
    List<RunGlow> runs = new ArrayList<>();
    List<SceneGlow> glows = SceneLight.glows(build, Scene.of("none", use));
    for (int i = 0; i < lights.size(); i++) {
      FileLight light = lights.get(i);
      String there =
          glows.stream()
              .filter(each -> each.glow().name().equals(light.name()))
              .map(SceneGlow::id)
              .filter(each -> runs.stream().noneMatch(run -> run.runId().equals(each)))
              .findFirst()
              .orElse(null);
      if (there == null) {
        unknown.add(light.name());
      } else {
        runs.add(
            Require.inside(
                "lights." + i,
                () ->
                    new RunGlow(
                        there,
                        light.colour(),
                        light.brightnessPercent(),
                        light.movement(),
                        light.periodSeconds())));
      }
    }
    List<ScreenGlow> shown = new ArrayList<>();
    for (FileScreen screen : screens) {
      Optional<Screen> there =
          build.screens().stream()
              .filter(each -> each.name().equals(screen.name()))
              .filter(each -> shown.stream().noneMatch(s -> s.screenId().equals(each.id())))
              .findFirst();
      there.ifPresentOrElse(
          each -> shown.add(shown(build, each.id(), screen, unknown)),
          () -> unknown.add(screen.name()));
    }
    return new TakenScene(new Scene(id, name, use, roomLux, runs, shown), unknown);
  }

  /** As bright as it says, showing what has that name here; what has none is usual. */
  private static ScreenGlow shown(
      Build build, String screenId, FileScreen screen, List<String> unknown) {
    String name = screen.canvas() == null ? "" : screen.canvas();
    String canvasId =
        build.canvases().stream()
            .filter(each -> each.on(screenId) && each.name().equals(name))
            .map(Canvas::id)
            .findFirst()
            .orElse("");
    if (canvasId.isEmpty() && !name.isEmpty()) {
      unknown.add(name);
    }
    return new ScreenGlow(screenId, screen.brightnessPercent(), canvasId);
  }
}
