package emberyard.server.brief;

import emberyard.core.build.Brief;
import emberyard.core.build.Remark;
import emberyard.core.build.Requirement;
import emberyard.core.build.RequirementKind;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.Kept;
import emberyard.server.store.ThingKind;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the client asked for, and what the client may know. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class BriefController {
  private final ThingApi things;
  private final ThingStore store;
  private final YardReader yard;

  BriefController(ThingApi things, ThingStore store, YardReader yard) {
    this.things = things;
    this.store = store;
    this.yard = yard;
  }

  @PutMapping("/briefs/{id}")
  Kept<Brief> putBrief(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Brief value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  @PutMapping("/requirements/{id}")
  Kept<Requirement> putRequirement(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Requirement value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  @PutMapping("/remarks/{id}")
  Kept<Remark> putRemark(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Remark value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  /** Turns something that was said into a requirement, in one step of undo. */
  @PostMapping("/remarks/{id}/require")
  Kept<Requirement> require(
      @AuthenticationPrincipal Account who, @PathVariable String buildId, @PathVariable String id) {
    Remark remark = store.get(ThingKind.REMARK, id, Remark.class).value();
    Requirement requirement =
        Requirement.wish(id, remark.text(), Requirement.Priority.SHOULD, RequirementKind.LOOK);
    List<Long> versions =
        store.apply(
            who.id(),
            List.of(
                Write.remove(ThingKind.REMARK, buildId, id),
                Write.overwrite(buildId, id, requirement)));
    return new Kept<>(versions.get(1), requirement);
  }

  /** What the client may see today. */
  @GetMapping("/client")
  ClientView client(@PathVariable String buildId) {
    YardReader.Reading reading = yard.read();
    return ClientView.of(reading.build(buildId), reading.book(), true);
  }
}
