package emberyard.server.api;

import emberyard.server.access.Account;
import emberyard.server.store.ThingKind;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Removing things of a build; undo brings them back. */
@RestController
class ThingController {
  /** Parts of every build that can't be taken out of it. */
  private static final Set<ThingKind> FIXED = Set.of(ThingKind.BRIEF, ThingKind.CONCEPT);

  private final ThingApi things;

  ThingController(ThingApi things) {
    this.things = things;
  }

  @DeleteMapping("/api/builds/{buildId}/{kind}/{id}")
  void remove(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String kind,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    ThingKind named = ThingKind.named(kind);
    if (FIXED.contains(named) || !named.ofBuild()) {
      throw new Refused(HttpStatus.CONFLICT, "A build can't be without its " + kind + ".");
    }
    things.remove(who, buildId, named, id, ifMatch);
  }
}
