package emberyard.server.brief;

import emberyard.core.build.Brief;
import emberyard.core.build.Requirement;
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

/** What the client asked for. */
@RestController
class BriefController {
  private final ThingApi things;

  BriefController(ThingApi things) {
    this.things = things;
  }

  @PutMapping("/api/builds/{buildId}/briefs/{id}")
  Kept<Brief> putBrief(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Brief value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  @PutMapping("/api/builds/{buildId}/requirements/{id}")
  Kept<Requirement> putRequirement(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Requirement value) {
    return things.put(who, buildId, id, value, ifMatch);
  }
}
