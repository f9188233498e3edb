package emberyard.server.light;

import emberyard.core.build.Build;
import emberyard.core.build.Scene;
import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SceneLight;
import emberyard.core.light.scene.SceneFile;
import emberyard.core.units.Require;
import emberyard.server.access.Account;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Scenes, played by the simulated controller; they leave as JSON and come in, frames as CSV. */
@RestController
@RequestMapping("/api/builds/{buildId}/light/scenes")
class SceneController {
  private final YardReader yard;
  private final ThingStore store;
  private final LightStandIn player;

  SceneController(YardReader yard, ThingStore store, LightStandIn player) {
    this.yard = yard;
    this.store = store;
    this.player = player;
  }

  /** What became of a file. */
  record TakenIn(String id, List<String> unknown) {}

  @GetMapping("/{sceneId}/frames")
  LightStandIn.ScenePlay frames(
      @PathVariable String buildId,
      @PathVariable String sceneId,
      @RequestParam(defaultValue = "0") double seconds,
      @RequestParam(defaultValue = "50") int count,
      @RequestParam(defaultValue = "5") int perSecond,
      @RequestParam(defaultValue = "1") long seed) {
    return player.play(glows(buildId, sceneId), seconds, count, perSecond, seed);
  }

  /** Time, light, LED and the values that are sent, a row a LED. */
  @GetMapping(value = "/{sceneId}/frames.csv", produces = "text/csv")
  ResponseEntity<byte[]> csv(
      @PathVariable String buildId,
      @PathVariable String sceneId,
      @RequestParam(defaultValue = "10") double seconds,
      @RequestParam(defaultValue = "5") int perSecond,
      @RequestParam(defaultValue = "1") long seed) {
    String rows = player.csv(glows(buildId, sceneId), seconds, perSecond, seed);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, named(scene(build(buildId), sceneId), "csv"))
        .header(HttpHeaders.CONTENT_TYPE, "text/csv; charset=utf-8")
        .body(rows.getBytes(StandardCharsets.UTF_8));
  }

  /** A scene as a file, for a controller or another build. */
  @GetMapping("/{sceneId}.json")
  ResponseEntity<SceneFile> out(@PathVariable String buildId, @PathVariable String sceneId) {
    Build build = build(buildId);
    Scene scene = scene(build, sceneId);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, named(scene, "json"))
        .body(SceneFile.of(build, scene));
  }

  /** Takes a scene in, beside those that are there. */
  @PostMapping
  TakenIn in(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestParam String id,
      @RequestBody SceneFile file) {
    Require.text("id", id);
    SceneFile.TakenScene taken = file.in(build(buildId), id);
    store.apply(who.id(), List.of(Write.create(buildId, taken.scene())));
    return new TakenIn(id, taken.unknown());
  }

  private List<SceneGlow> glows(String buildId, String sceneId) {
    Build build = build(buildId);
    return SceneLight.glows(build, scene(build, sceneId));
  }

  private Build build(String buildId) {
    return yard.read().build(buildId).build();
  }

  private static Scene scene(Build build, String sceneId) {
    return build
        .things()
        .find(Scene.class, sceneId)
        .orElseThrow(() -> new MissingThing("That scene is gone."));
  }

  private static String named(Scene scene, String ending) {
    String plain = scene.name().replaceAll("[^A-Za-z0-9 ._-]", "-");
    return "attachment; filename=\"%s.%s\"".formatted(plain, ending);
  }
}
