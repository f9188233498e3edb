package emberyard.core.finish;

import emberyard.core.build.Build;
import emberyard.core.build.CostCategory;
import emberyard.core.build.Need;
import emberyard.core.build.Stage;
import emberyard.core.build.StationKind;
import emberyard.core.build.Task;
import emberyard.core.build.Why;
import emberyard.core.build.Work;
import emberyard.core.finding.Caution;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.RoomClimate;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** What the schemes of a build ask for: coats and their waits, cans, and the air to spray in. */
public final class FinishWork {
  private static final int CURE_CHECK_MINUTES = 3;

  private final List<SchemePlan> plans;
  private final WorkshopBook book;
  private final StepTimes times;
  private final String behind;
  private final List<Task> tasks = new ArrayList<>();

  private FinishWork(List<SchemePlan> plans, WorkshopBook book, String behind) {
    this.plans = plans;
    this.book = book;
    this.times = book.workshop().times();
    this.behind = behind;
  }

  /**
   * @param behind key of the gate that painting waits for
   */
  public static Work derive(Build build, List<SchemePlan> plans, WorkshopBook book, String behind) {
    return new FinishWork(plans, book, behind).run(build);
  }

  private Work run(Build build) {
    plans.forEach(this::scheme);
    List<Finding> findings = new ArrayList<>();
    for (var scheme : build.schemes()) {
      if (plans.stream().noneMatch(plan -> plan.scheme().id().equals(scheme.id()))) {
        findings.add(withoutPart(scheme.id(), scheme.name()));
      }
    }
    plans.stream()
        .filter(plan -> plan.coats().isEmpty())
        .forEach(plan -> findings.add(withoutPaint(plan)));
    findings.addAll(airFindings());
    return new Work(tasks, cans(), findings);
  }

  private void scheme(SchemePlan plan) {
    if (plan.coats().isEmpty()) {
      return;
    }
    String part = part(plan.panel().id());
    String id = plan.scheme().id();
    String name = plan.panel().name();
    Task wash =
        step(plan, "wash", "Wash and degrease " + name, times.washMinutes(), washWhy())
            .behind(part)
            .behind(behind);
    Task key = keying(plan, name).behind(wash.key());
    tasks.add(wash);
    tasks.add(key);
    String before = key.key();
    for (int i = 0; i < plan.coats().size(); i++) {
      before = coat(plan, i, before);
    }
    cure(plan, id, name, before);
  }

  private static String part(String panelId) {
    return "part:" + panelId + "/cut";
  }

  private Why washWhy() {
    return Why.of("a default", times.washMinutes() + " min (default)");
  }

  private Task keying(SchemePlan plan, String name) {
    int minutes = (int) Math.ceil(5 + plan.areaM2() * times.keyMinutesPerM2());
    return step(
            plan,
            "key",
            "Key %s with 600 grit, tack off".formatted(name),
            minutes,
            Why.of(
                "5 min + area × time a m²",
                Figures.plain(plan.areaM2()) + " m²",
                Figures.plain(times.keyMinutesPerM2()) + " min/m² (default)"))
        .saying(List.of(Caution.SANDING));
  }

  /**
   * Adds one coat, and flatting behind the last primer; returns the key the next step waits for.
   */
  private String coat(SchemePlan plan, int index, String before) {
    CoatStep coat = plan.coats().get(index);
    boolean last = index == plan.coats().size() - 1;
    boolean sideEnds = last || !plan.coats().get(index + 1).side().equals(coat.side());
    int wait = sideEnds ? coat.handleMinutes() : coat.recoatFromMinutes();
    Why why = new Why("set-up + area ÷ spray rate", SchemePlan.handsOnInputs(plan.areaM2(), times));
    Task task =
        Task.of(coat.key(), title(plan, coat), Stage.FINISH, coat.handsOnMinutes(), why)
            .about(plan.scheme().id())
            .at(StationKind.SPRAY_CORNER)
            .thenWaits(wait, sideEnds ? "dry to handle" : "flash and recoat")
            .holding()
            .inOneGo()
            .behind(before)
            .saying(List.of(sprayCaution(coat.paint().base())));
    tasks.add(task);
    boolean primerEnds =
        coat.layer().equals("primer")
            && !last
            && !plan.coats().get(index + 1).layer().equals("primer");
    return primerEnds ? flat(plan, coat).key() : task.key();
  }

  private Task flat(SchemePlan plan, CoatStep coat) {
    int minutes = (int) Math.ceil(5 + plan.areaM2() * times.flatMinutesPerM2());
    Task flat =
        step(
                plan,
                coat.side().equals("back") ? "back/flat" : "flat",
                "Flat the primer on " + plan.panel().name(),
                minutes,
                Why.of(
                    "5 min + area × time a m²",
                    Figures.plain(plan.areaM2()) + " m²",
                    Figures.plain(times.flatMinutesPerM2()) + " min/m² (default)"))
            .behind(coat.key())
            .saying(List.of(Caution.SANDING));
    tasks.add(flat);
    return flat;
  }

  private void cure(SchemePlan plan, String id, String name, String before) {
    CoatStep last = plan.coats().get(plan.coats().size() - 1);
    Why why =
        Why.of(
            "cure − dry to handle, × drying factor of the room",
            "cure %s".formatted(Figures.minutes(last.cureMinutes())),
            "handle %s".formatted(Figures.minutes(last.handleMinutes())));
    Task cure =
        Task.of(SchemePlan.key(plan.scheme(), "cure"), name + " cures", Stage.FINISH, 0, why)
            .about(id)
            .thenWaits(last.cureMinutes() - last.handleMinutes(), "cure: do not mount")
            .behind(before);
    tasks.add(cure);
    tasks.add(
        step(
                plan,
                "cured",
                "Paint on %s is cured".formatted(name),
                CURE_CHECK_MINUTES,
                Why.of("a default", CURE_CHECK_MINUTES + " min (default)"))
            .behind(cure.key())
            .asGate());
  }

  private static Task step(SchemePlan plan, String step, String title, int minutes, Why why) {
    return Task.of(SchemePlan.key(plan.scheme(), step), title, Stage.FINISH, minutes, why)
        .about(plan.scheme().id())
        .at(StationKind.BENCH);
  }

  private static String title(SchemePlan plan, CoatStep coat) {
    String side = plan.scheme().bothSides() ? ", " + coat.side() : "";
    return "%s%s: %s coat %d, %s"
        .formatted(plan.panel().name(), side, coat.layer(), coat.number(), coat.paint().name());
  }

  private static Caution sprayCaution(PaintBase base) {
    return switch (base) {
      case SOLVENT, ENAMEL -> Caution.SOLVENT_SPRAY;
      case WATERBORNE -> Caution.WATERBORNE_SPRAY;
      case TWO_PACK -> Caution.TWO_PACK;
    };
  }

  private List<Need> cans() {
    Map<String, Double> ml = new LinkedHashMap<>();
    Map<String, List<String>> neededBy = new LinkedHashMap<>();
    for (SchemePlan plan : plans) {
      for (CoatStep coat : plan.coats()) {
        ml.merge(coat.paint().id(), coat.ml(), Double::sum);
        neededBy.computeIfAbsent(coat.paint().id(), id -> new ArrayList<>()).add(coat.key());
      }
    }
    List<Need> needs = new ArrayList<>();
    ml.forEach((id, amount) -> needs.add(can(id, amount, neededBy.get(id))));
    return needs;
  }

  private Need can(String paintId, double ml, List<String> neededBy) {
    PaintProduct paint = book.paint(paintId).orElseThrow();
    return new Need(
        "paint:" + paintId,
        paint.name(),
        CostCategory.FINISH_MATERIAL,
        paint.supplierId(),
        PaintQuantity.cans(ml, paint.packMl()),
        0,
        "cans",
        paint.priceMinor(),
        book.leadDays(paint.supplierId()),
        neededBy,
        Why.of(
            "area × coats × ml a m² ÷ (can × 0.9), rounded up, over the whole build",
            "%.0f ml wet".formatted(ml),
            "%.1f ml/m² a coat = %s µm ÷ (solids %s × transfer %s)"
                .formatted(
                    PaintQuantity.mlPerM2(paint),
                    Figures.plain(paint.dryFilmUm()),
                    Figures.plain(paint.solids()),
                    Figures.plain(paint.transfer())),
            "can %.0f ml".formatted(paint.packMl())));
  }

  private List<Finding> airFindings() {
    TreeSet<PaintBase> bases = new TreeSet<>();
    plans.forEach(plan -> plan.coats().forEach(coat -> bases.add(coat.paint().base())));
    List<Finding> findings = new ArrayList<>();
    if (bases.isEmpty()) {
      return findings;
    }
    RoomClimate room = book.workshop().room();
    String air =
        "%s °C and %s %%"
            .formatted(Figures.plain(room.temperatureC()), Figures.plain(room.humidityPercent()));
    Drying first = Drying.in(room, bases.first());
    if (!first.sprayable()) {
      findings.add(notSprayable(air, first));
    }
    if (bases.contains(PaintBase.TWO_PACK)) {
      findings.add(twoPack());
    }
    for (PaintBase base : bases) {
      Drying drying = Drying.in(room, base);
      findings.add(
          Finding.of(
              Severity.NOTE,
              "finish",
              "finish/drying/" + base,
              "Drying × %.2f in the spray corner".formatted(drying.factor()),
              "%s: %s, dew point %.1f °C.".formatted(base.words(), air, drying.dewPointC()),
              "Cold and damp air slow every wait; the plan already counts it."));
    }
    return findings;
  }

  private static Finding notSprayable(String air, Drying drying) {
    return Finding.of(
            Severity.STOP,
            "finish",
            "finish/dew-point",
            "Do not spray at " + air,
            String.join(" ", drying.reasons()),
            "Water settles in the wet film: it blushes, and later it lifts.")
        .with(
            Remedy.byHand("Warm the spray corner and the parts"),
            Remedy.byHand("Dry the air, or wait for better weather"));
  }

  private static Finding twoPack() {
    return Finding.of(
            Severity.RISK,
            "finish",
            "finish/two-pack",
            "Two-pack paint needs a booth and air-fed protection",
            Caution.TWO_PACK.says(),
            Caution.TWO_PACK.why())
        .with(Remedy.byHand("Send it out"), Remedy.byHand("Use a one-pack paint"));
  }

  private static Finding withoutPart(String id, String name) {
    return Finding.of(
            Severity.RISK,
            "finish",
            "scheme:" + id + "/part",
            "“%s” has no part to go on".formatted(name),
            "Its part is gone or can't be cut as drawn.",
            "No coats, cans or days are planned for it.")
        .about(id)
        .with(Remedy.byHand("Choose another part"));
  }

  private static Finding withoutPaint(SchemePlan plan) {
    return Finding.of(
            Severity.NOTE,
            "finish",
            "scheme:" + plan.scheme().id() + "/paint",
            "“%s” has no coats yet".formatted(plan.scheme().name()),
            "Neither primer, colour nor clear is chosen.",
            "Nothing is planned or bought for it.")
        .about(plan.scheme().id())
        .with(Remedy.byHand("Choose a colour"));
  }
}
