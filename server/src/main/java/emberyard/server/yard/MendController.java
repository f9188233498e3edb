package emberyard.server.yard;

import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Puts back what made a build impossible to work out. */
@RestController
class MendController {
  private final YardReader yard;
  private final ThingStore store;

  MendController(YardReader yard, ThingStore store) {
    this.yard = yard;
    this.store = store;
  }

  /** Brings what broke the build back to what it was; itself an act that undo takes back. */
  @PostMapping("/api/builds/{buildId}/mend")
  void mend(@AuthenticationPrincipal Account who, @PathVariable String buildId) {
    BuildGuard.Broken broken = yard.read().broken().get(buildId);
    if (broken == null || broken.culprits().isEmpty()) {
      throw new Refused(HttpStatus.CONFLICT, "Nothing is known here that would mend it.");
    }
    List<Write> writes =
        broken.culprits().stream()
            .map(
                culprit ->
                    culprit.good() == null
                        ? Write.remove(culprit.kind(), buildId, culprit.id())
                        : Write.overwrite(buildId, culprit.good()))
            .toList();
    store.apply(who.id(), writes);
  }
}
