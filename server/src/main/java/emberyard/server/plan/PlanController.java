package emberyard.server.plan;

import emberyard.core.build.ManualTask;
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

/** Work added by hand. */
@RestController
class PlanController {
  private final ThingApi things;

  PlanController(ThingApi things) {
    this.things = things;
  }

  @PutMapping("/api/builds/{buildId}/manual-tasks/{id}")
  Kept<ManualTask> putManualTask(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody ManualTask value) {
    return things.put(who, buildId, id, value, ifMatch);
  }
}
