package emberyard.core.build;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What all lights and screens of a build do together, named by what it is for. It is tuned until
 * the reveal, so it is not frozen with the design: nothing that was priced hangs on it.
 *
 * @param roomLux light in the room, 0 to 5,000 lx; null for what is usual with its use
 * @param runs what it says of runs, each once; what it says nothing of shows its own colour, and
 *     nothing while the machine sleeps
 * @param screens what it says of screens, each once
 */
@RecordBuilder
public record Scene(
    String id,
    String name,
    SceneUse use,
    @Nullable Double roomLux,
    List<RunGlow> runs,
    List<ScreenGlow> screens)
    implements Thing, SceneBuilder.With {
  private static final int MOST = 100;

  public Scene {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("use", use);
    if (roomLux != null) {
      Require.between("roomLux", roomLux, 0, 5_000, "lx");
    }
    runs = Require.list(runs);
    screens = Require.list(screens);
    Require.between("runs", runs.size(), 0, MOST, "runs");
    Require.between("screens", screens.size(), 0, MOST, "screens");
    Require.that(
        runs.stream().map(RunGlow::runId).distinct().count() == runs.size(),
        "runs",
        "A scene says of each run once what it does.");
    Require.that(
        screens.stream().map(ScreenGlow::screenId).distinct().count() == screens.size(),
        "screens",
        "A scene says of each screen once what it does.");
  }

  /** A scene that says nothing of any run. */
  public static Scene of(String id, SceneUse use) {
    return new Scene(id, use.words(), use, null, List.of(), List.of());
  }

  /** Light in the room, lx. */
  public double lux() {
    return roomLux == null ? use.roomLux() : roomLux;
  }

  /** Whether the machine sleeps in it. */
  public boolean asleep() {
    return use == SceneUse.ASLEEP;
  }

  /** What it says of a run. */
  public Optional<RunGlow> glow(String runId) {
    return runs.stream().filter(each -> each.runId().equals(runId)).findFirst();
  }

  /** What it says of a screen. */
  public Optional<ScreenGlow> screen(String screenId) {
    return screens.stream().filter(each -> each.screenId().equals(screenId)).findFirst();
  }

  /** What a screen shows in it: the canvas that is named, else the first that the screen is on. */
  public Optional<Canvas> canvas(DesignLists design, String screenId) {
    String named = screen(screenId).map(ScreenGlow::canvasId).orElse("");
    List<Canvas> all = design.canvases().stream().filter(each -> each.on(screenId)).toList();
    return all.stream()
        .filter(each -> each.id().equals(named))
        .findFirst()
        .or(() -> all.stream().findFirst());
  }

  /** How bright a screen is in it, 0 to 1. */
  public double screenBrightness(String screenId) {
    return screen(screenId)
        .map(each -> each.brightnessPercent() / 100)
        .orElse(asleep() ? 0.0 : 1.0);
  }

  /** The same with this run as said here. */
  public Scene with(RunGlow glow) {
    List<RunGlow> all = new ArrayList<>(runs);
    all.removeIf(each -> each.runId().equals(glow.runId()));
    all.add(glow);
    return withRuns(all);
  }
}
