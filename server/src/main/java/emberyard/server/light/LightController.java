package emberyard.server.light;

import emberyard.core.build.LightStrip;
import emberyard.core.build.Screen;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.Kept;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Screens and light strips. */
@RestController
class LightController {
  private final ThingApi things;

  LightController(ThingApi things) {
    this.things = things;
  }

  @PutMapping("/api/builds/{buildId}/screens/{id}")
  Kept<Screen> putScreen(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Screen value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  @PutMapping("/api/builds/{buildId}/strips/{id}")
  Kept<LightStrip> putLightStrip(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody LightStrip value) {
    return things.put(who, buildId, id, value, ifMatch);
  }
}
