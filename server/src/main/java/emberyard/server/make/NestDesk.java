package emberyard.server.make;

import emberyard.core.build.Build;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.geometry.SvgPath;
import emberyard.core.kind.ThingKind;
import emberyard.core.make.part.Parts;
import emberyard.core.make.sheet.SheetPlan;
import emberyard.core.make.sheet.SheetSizes;
import emberyard.core.nest.NestJob;
import emberyard.core.nest.NestResult;
import emberyard.core.units.Require;
import emberyard.server.access.Account;
import emberyard.server.live.LiveTopic;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Searches for layouts in the background; one is kept when somebody says so. */
@Component
class NestDesk implements LiveTopic {
  private static final double MOST_SECONDS = 120;
  private static final int MOST_RUNS = 20;
  private static final int MOST_WAITING = 8;

  private final YardReader yard;
  private final ThingStore store;
  private final SimulatedLaser laser;
  private final Map<String, NestRun> runs = new ConcurrentHashMap<>();
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "nesting");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
          });

  NestDesk(YardReader yard, ThingStore store, SimulatedLaser laser) {
    this.laser = laser;
    this.yard = yard;
    this.store = store;
  }

  /** What is to be laid out. */
  record NestWish(
      String id,
      String sheetId,
      Boolean onOffcuts,
      NestJob.Rotation rotation,
      Long seed,
      Double seconds) {}

  /**
   * How far a search is.
   *
   * @param progress 0 to 1
   * @param share area placed ÷ area of the sheets used
   * @param sheets what the best layout so far looks like
   */
  record NestProgress(
      String id,
      boolean over,
      double progress,
      int tries,
      double share,
      int unplaced,
      int leastSheets,
      List<NestSheetView> sheets,
      String problem) {}

  /** A sheet of the best layout so far, as path data. */
  record NestSheetView(
      String name,
      double widthMm,
      double heightMm,
      String blank,
      String pieces,
      double utilisation) {}

  /** What other sheet sizes would take for the pieces that wait. */
  List<SheetSizes.SheetSize> sizes(String buildId, String sheetId) {
    YardReader.Reading reading = yard.read();
    Build build = reading.build(buildId).build();
    SheetPlan.Question asked =
        new SheetPlan.Question(sheetId, false, NestJob.Rotation.QUARTERS, 1, Set.of());
    SheetPlan plan = SheetPlan.of(build, Parts.of(build, reading.book()), reading.book(), asked);
    return SheetSizes.of(plan.job(), reading.book().sheet(sheetId).orElseThrow());
  }

  /**
   * Begins a search, or answers how far it is when it was begun before.
   *
   * @throws Refused 503 while too many wait
   */
  NestProgress begin(Account who, String buildId, NestWish wish) {
    Require.text("id", wish.id());
    double seconds = wish.seconds() == null ? 5 : wish.seconds();
    Require.between("seconds", seconds, 0.2, MOST_SECONDS, "s");
    YardReader.Reading reading = yard.read();
    Build build = reading.build(buildId).build();
    SheetPlan.Question asked =
        new SheetPlan.Question(
            String.valueOf(wish.sheetId()),
            wish.onOffcuts() == null || wish.onOffcuts(),
            wish.rotation() == null ? NestJob.Rotation.QUARTERS : wish.rotation(),
            wish.seed() == null ? 1 : wish.seed(),
            taken(reading, buildId));
    SheetPlan plan = SheetPlan.of(build, Parts.of(build, reading.book()), reading.book(), asked);
    enqueue(new NestRun(wish.id(), who.id(), buildId, plan, seconds));
    return progress(find(buildId, wish.id()));
  }

  /** Offcuts that lie under another build's pieces. */
  private static Set<String> taken(YardReader.Reading reading, String buildId) {
    Set<String> taken = new HashSet<>();
    for (Build build : reading.builds()) {
      for (SheetLayout layout : build.layouts()) {
        if (!build.id().equals(buildId) && layout.offcutId() != null) {
          taken.add(layout.offcutId());
        }
      }
    }
    return taken;
  }

  private synchronized void enqueue(NestRun run) {
    if (runs.containsKey(run.id())) {
      return;
    }
    tidy();
    if (runs.values().stream().filter(each -> !each.over()).count() >= MOST_WAITING) {
      throw new Refused(
          HttpStatus.SERVICE_UNAVAILABLE,
          "%d searches for a layout wait already: stop one, or try again later."
              .formatted(MOST_WAITING));
    }
    runs.put(run.id(), run);
    worker.execute(run::work);
  }

  @Override
  public Map<String, Object> now(Account who) {
    Map<String, Object> now = new HashMap<>();
    for (NestRun run : runs.values()) {
      if (run.isNews() && run.accountId().equals(who.id())) {
        now.put("nest/" + run.id(), progress(run));
      }
    }
    return now;
  }

  private void tidy() {
    if (runs.size() > MOST_RUNS) {
      runs.values().removeIf(NestRun::over);
    }
  }

  NestRun find(String buildId, String id) {
    NestRun run = runs.get(id);
    if (run == null || !run.buildId().equals(buildId)) {
      throw new MissingThing("This search is not running here.");
    }
    return run;
  }

  NestProgress progress(NestRun run) {
    NestResult best = run.best();
    return new NestProgress(
        run.id(),
        run.over(),
        run.progress(),
        best == null ? 0 : best.tries(),
        run.share(),
        best == null ? 0 : best.unplaced().size(),
        best == null ? 0 : best.leastSheets(),
        best == null ? List.of() : views(run.plan(), best),
        run.problem());
  }

  private static List<NestSheetView> views(SheetPlan plan, NestResult best) {
    List<NestSheetView> views = new ArrayList<>();
    for (NestResult.SheetUse use : best.sheets()) {
      NestJob.Blank blank = plan.job().sheets().get(use.sheet());
      var box = blank.outline().bounds();
      views.add(
          new NestSheetView(
              blank.offcut() ? "offcut" : "whole sheet",
              box.widthMm(),
              box.heightMm(),
              SvgPath.of(blank.outline().contours()),
              SvgPath.of(plan.placed(best, use.sheet())),
              use.utilisation()));
    }
    return views;
  }

  NestProgress stop(String buildId, String id) {
    NestRun run = find(buildId, id);
    run.stop();
    return progress(run);
  }

  /** Keeps the best layout so far: sheets that nothing was begun on give way to it, in one step. */
  int keep(Account who, String buildId, String id) {
    NestRun run = find(buildId, id);
    NestResult best = run.best();
    if (best == null) {
      throw new Refused(HttpStatus.CONFLICT, "The search has found nothing yet: wait a moment.");
    }
    run.stop();
    refuseWhileCutting(buildId);
    Build build = yard.read().build(buildId).build();
    List<SheetLayout> layouts = run.plan().layouts(best, () -> UUID.randomUUID().toString());
    Require.that(
        !layouts.isEmpty(), "sheets", "No piece fits any sheet: a larger sheet is needed.");
    refuseWhatIsCut(build, best);
    String sheetId = layouts.get(0).sheetId();
    List<Write> writes = new ArrayList<>();
    Set<String> kept = new HashSet<>();
    layouts.forEach(layout -> kept.add(layout.id()));
    for (SheetLayout old : build.layouts()) {
      boolean waits =
          old.sheetId().equals(sheetId)
              && old.state() == SheetLayout.State.PLANNED
              && old.pieces().stream().allMatch(p -> p.state() == PieceState.PLANNED);
      if (waits && !kept.contains(old.id())) {
        writes.add(Write.remove(ThingKind.LAYOUT, buildId, old.id()));
      }
    }
    layouts.forEach(layout -> writes.add(Write.overwrite(buildId, layout)));
    store.apply(who.id(), writes);
    return layouts.size();
  }

  /** A sheet that is under the laser must stay laid out until what was cut is recorded. */
  private void refuseWhileCutting(String buildId) {
    SimulatedLaser.LaserView now = laser.view();
    if (!now.recorded() && buildId.equals(now.buildId())) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "The laser is cutting a sheet of this build: wait until it is done.");
    }
  }

  private static void refuseWhatIsCut(Build build, NestResult best) {
    Set<String> placed = new HashSet<>();
    best.placements().forEach(spot -> placed.add(spot.pieceId()));
    boolean overtaken =
        build.layouts().stream()
            .flatMap(layout -> layout.pieces().stream())
            .filter(piece -> piece.state() == PieceState.DONE)
            .anyMatch(piece -> placed.contains(SheetPlan.pieceId(piece)));
    if (overtaken) {
      throw new Refused(
          HttpStatus.CONFLICT, "Some of these pieces were cut meanwhile: lay out the rest anew.");
    }
  }

  @PreDestroy
  void close() {
    runs.values().forEach(NestRun::stop);
    worker.shutdownNow();
  }
}
