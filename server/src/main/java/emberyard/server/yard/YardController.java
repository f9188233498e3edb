package emberyard.server.yard;

import emberyard.core.brief.Interview;
import emberyard.core.brief.RequirementState;
import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Look;
import emberyard.core.build.Size;
import emberyard.core.finding.Finding;
import emberyard.core.finish.FinishModel;
import emberyard.core.fit.FitModel;
import emberyard.core.kind.ThingKind;
import emberyard.core.light.GlowModel;
import emberyard.core.light.wire.WiringModel;
import emberyard.core.make.MakeModel;
import emberyard.core.make.part.MadePart;
import emberyard.core.money.Budget;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.Ordered;
import emberyard.core.units.Require;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.ChainLink;
import emberyard.core.yard.Enquiry;
import emberyard.core.yard.Fuse;
import emberyard.core.yard.Moved;
import emberyard.core.yard.TaskModel;
import emberyard.server.access.Account;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The yard with all builds, one build with all that is derived from it, and undo. */
@RestController
@RequestMapping("/api")
class YardController {
  private final YardReader reader;
  private final YardDesk yard;
  private final ThingStore store;
  private final Clock clock;

  YardController(YardReader reader, YardDesk yard, ThingStore store, Clock clock) {
    this.reader = reader;
    this.yard = yard;
    this.store = store;
    this.clock = clock;
  }

  /**
   * One build with everything derived from it.
   *
   * @param versions per "kind/id" what to send back as {@code If-Match}
   * @param outer what the faces are drawn to, null where nobody said
   * @param overall the same with components that stick out
   * @param budget null for helpers
   * @param enquiry what it would hold, null once it is agreed
   * @param moved other builds whose dates moved when this one was changed last
   */
  record BuildView(
      long revision,
      LocalDateTime now,
      Map<String, Long> versions,
      Build build,
      @Nullable Size outer,
      @Nullable Size overall,
      Interview interview,
      List<RequirementState> coverage,
      List<MadePart> parts,
      MakeModel make,
      FinishModel finish,
      FitModel fit,
      WiringModel wiring,
      GlowModel glow,
      double hardwareMassKg,
      List<TaskModel> tasks,
      List<NeedLine> needs,
      Ordered ordered,
      @Nullable Budget budget,
      List<Finding> findings,
      List<ChainLink> chain,
      Fuse fuse,
      @Nullable Enquiry enquiry,
      List<TaskModel> next,
      List<Moved> moved) {
    /** Whose figures its amounts are where no address says it. */
    String buildId() {
      return build.id();
    }

    /** As somebody may see it. */
    static BuildView of(YardReader.Reading reading, LocalDateTime now, MoneySight sight) {
      BuildModel model = sight.model();
      Build build = model.build();
      return new BuildView(
          reading.revision(),
          now,
          reading.versions(build.id()),
          sight.build(),
          build.outerSize(),
          model.fit().overall(build),
          model.interview(),
          sight.coverage(),
          model.parts(),
          model.make(),
          model.finish(reading.book()),
          model.fit(),
          model.wiring(),
          model.glow(),
          model.hardwareMassKg(),
          model.tasks(),
          model.needs(),
          model.ordered(),
          sight.owner() ? model.budget() : null,
          sight.findings(),
          model.chain(),
          model.fuse(),
          model.enquiry(),
          model.next(),
          reading.movedBy(build.id()));
    }
  }

  /**
   * A new build.
   *
   * @param id made by the sender, so that a repeated request does not create twice
   */
  record NewBuild(String id, String name) {}

  /** What undo took back or redo did again; null when there was nothing. */
  record UndoAnswer(ThingStore.@Nullable Undone undone) {}

  /** The home screen, so many builds to a page. */
  @GetMapping("/yard")
  YardView yard(
      @AuthenticationPrincipal Account who,
      @RequestParam(defaultValue = "0") int page,
      @RequestParam(defaultValue = "100") int size) {
    return yard.of(who.owner(), page, size);
  }

  @PostMapping("/builds")
  BuildView begin(@AuthenticationPrincipal Account who, @RequestBody NewBuild wanted) {
    Require.text("id", wanted.id());
    Require.text("name", wanted.name());
    if (store.find(Brief.class, wanted.id()).isEmpty()) {
      Brief brief = Brief.named(wanted.id(), wanted.name(), now(reader.read()).toLocalDate());
      store.apply(
          who.id(),
          List.of(
              Write.create(wanted.id(), brief),
              Write.create(wanted.id(), Concept.open(wanted.id(), Look.open()))));
    }
    return build(who, wanted.id());
  }

  @GetMapping("/builds/{buildId}")
  BuildView build(@AuthenticationPrincipal Account who, @PathVariable String buildId) {
    YardReader.Reading reading = reader.read();
    MoneySight sight = new MoneySight(reading.build(buildId), who.owner());
    return BuildView.of(reading, now(reading), sight);
  }

  /** Removes a build from the yard; undo brings it back whole. */
  @DeleteMapping("/builds/{buildId}")
  void remove(@AuthenticationPrincipal Account who, @PathVariable String buildId) {
    store.apply(who.id(), List.of(Write.remove(ThingKind.BRIEF, buildId, buildId)));
  }

  /**
   * Takes back what one did last here.
   *
   * @param place the id of a build, or nothing for the workshop and the yard
   */
  @PostMapping("/undo")
  UndoAnswer undo(
      @AuthenticationPrincipal Account who, @RequestParam(defaultValue = "") String place) {
    return new UndoAnswer(store.undo(who.id(), place).orElse(null));
  }

  /** Does again what one took back last here, unless something was done there since. */
  @PostMapping("/redo")
  UndoAnswer redo(
      @AuthenticationPrincipal Account who, @RequestParam(defaultValue = "") String place) {
    return new UndoAnswer(store.redo(who.id(), place).orElse(null));
  }

  private LocalDateTime now(YardReader.Reading reading) {
    return LocalDateTime.ofInstant(clock.instant(), ZoneId.of(reading.book().workshop().zone()));
  }
}
