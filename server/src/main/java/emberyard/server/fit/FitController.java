package emberyard.server.fit;

import emberyard.core.build.Component;
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

/** The hardware of a build. */
@RestController
class FitController {
  private final ThingApi things;

  FitController(ThingApi things) {
    this.things = things;
  }

  @PutMapping("/api/builds/{buildId}/components/{id}")
  Kept<Component> putComponent(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Component value) {
    return things.put(who, buildId, id, value, ifMatch);
  }
}
