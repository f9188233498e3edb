package emberyard.server.brief;

import emberyard.core.build.Requirement;
import emberyard.core.build.RequirementKind;
import emberyard.core.kind.ThingKind;
import emberyard.core.record.Remark;
import emberyard.server.access.Account;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Versioned;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the client asked for, and what the client may know. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class BriefController {
  private final ThingStore store;
  private final YardReader yard;

  BriefController(ThingStore store, YardReader yard) {
    this.store = store;
    this.yard = yard;
  }

  /** Turns something that was said into a requirement, in one step of undo. */
  @PostMapping("/remarks/{id}/require")
  Versioned<Requirement> require(
      @AuthenticationPrincipal Account who, @PathVariable String buildId, @PathVariable String id) {
    Remark remark = store.get(Remark.class, id).value();
    Requirement requirement =
        Requirement.wish(id, remark.text(), Requirement.Priority.SHOULD, RequirementKind.LOOK);
    List<Long> versions =
        store.apply(
            who.id(),
            List.of(
                Write.remove(ThingKind.REMARK, buildId, id),
                Write.overwrite(buildId, requirement)));
    return new Versioned<>(versions.get(1), requirement);
  }

  /** What the client may see today. */
  @GetMapping("/client")
  ClientView client(@PathVariable String buildId) {
    YardReader.Reading reading = yard.read();
    return ClientView.of(reading.build(buildId), reading.book(), true);
  }
}
