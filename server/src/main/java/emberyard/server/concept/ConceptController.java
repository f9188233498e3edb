package emberyard.server.concept;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Frozen;
import emberyard.core.build.Snapshot;
import emberyard.core.concept.ConceptWork;
import emberyard.core.units.Require;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.PlannedCurve;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Versioned;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The look of a build, what lies on its faces, and freezing it with its date and price. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class ConceptController {
  private final ThingApi things;
  private final ThingStore store;
  private final YardReader yard;
  private final Clock clock;

  ConceptController(ThingApi things, ThingStore store, YardReader yard, Clock clock) {
    this.things = things;
    this.store = store;
    this.yard = yard;
    this.clock = clock;
  }

  /**
   * Who chose, and what was agreed.
   *
   * @param priceMinor agreed price with tax, minor units; null for the derived quote
   */
  record Choice(String by, @Nullable Long priceMinor) {}

  /** Changes the look or the option's name. What was frozen stays as it was frozen. */
  @PutMapping("/concepts/{id}")
  Versioned<Concept> putConcept(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Concept value) {
    Concept stored = store.find(Concept.class, id).map(Versioned::value).orElse(value);
    Concept wanted = new Concept(id, value.look(), stored.frozen(), stored.letter(), value.name());
    return things.put(who, buildId, id, wanted, ifMatch);
  }

  /** Freezes the design with the planned finish, the plan's curve and the price of this moment. */
  @PostMapping("/freeze")
  Versioned<Concept> freeze(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Choice choice) {
    Require.text("by", choice.by());
    BuildModel model = yard.read().build(buildId);
    Build build = model.build();
    ConceptWork.checkFreezable(build.design());
    long price = choice.priceMinor() == null ? model.budget().quoteMinor() : choice.priceMinor();
    Frozen frozen = frozen(model, choice.by(), price, clock);
    Concept concept = build.concept().with(frozen);
    Snapshot snapshot = snapshot(concept, frozen, "Chosen");
    long version =
        store
            .apply(
                who.id(),
                List.of(Write.overwrite(buildId, concept), Write.create(buildId, snapshot)))
            .get(0);
    return new Versioned<>(version, concept);
  }

  /** The design of a picture as a record of what was agreed now. */
  static Frozen frozen(BuildModel model, String by, long priceMinor, Clock clock) {
    LocalDate finish = model.fuse().finish();
    return new Frozen(
        by,
        clock.instant(),
        priceMinor,
        finish == null ? LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC) : finish,
        model.build().design(),
        PlannedCurve.of(model));
  }

  static Snapshot snapshot(Concept concept, Frozen frozen, String note) {
    return new Snapshot(
        UUID.randomUUID().toString(), concept.letter(), concept.name(), frozen, note);
  }
}
