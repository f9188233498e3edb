package emberyard.core.make;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.CostCategory;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Need;
import emberyard.core.build.Panel;
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
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What the panels of a build ask for: cutting, drilling, filing, a dry fit, sheets, checks. */
public final class MakeWork {
  /** Key of the gate behind which paint and assembly lie. */
  public static final String DRY_FIT = "make/dry-fit";

  /** Share of a sheet that parts can fill before nesting says better; a default. */
  static final double USABLE_SHARE = 0.85;

  private final Build build;
  private final WorkshopBook book;
  private final StepTimes times;
  private final List<Task> tasks = new ArrayList<>();
  private final List<Need> needs = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();
  private final Map<String, Double> sheetAreaMm2 = new LinkedHashMap<>();
  private final Map<String, List<String>> cutKeys = new LinkedHashMap<>();

  private final List<String> beforeDryFit;

  private MakeWork(Build build, WorkshopBook book, List<String> beforeDryFit) {
    this.beforeDryFit = beforeDryFit;
    this.build = build;
    this.book = book;
    this.times = book.workshop().times();
  }

  /**
   * @param beforeDryFit keys of other work that the dry fit waits for
   */
  public static Work derive(Build build, WorkshopBook book, List<String> beforeDryFit) {
    return new MakeWork(build, book, beforeDryFit).run();
  }

  private Work run() {
    build.panels().forEach(this::panel);
    sheetAreaMm2.forEach(this::sheetNeed);
    dryFit();
    return new Work(tasks, needs, findings);
  }

  private void panel(Panel panel) {
    SheetProduct sheet = book.sheet(panel.sheetId()).orElse(null);
    if (sheet == null) {
      findings.add(
          problem(panel, "“%s” has no sheet".formatted(panel.name()), "Its sheet is gone."));
      return;
    }
    MadePart part = MadePart.of(panel, sheet);
    if (part.figures() == null) {
      findings.add(problem(panel, "“%s” can't be cut".formatted(panel.name()), part.problem()));
      return;
    }
    findings.addAll(PanelChecks.of(panel.id(), MadePart.shape(panel, sheet), panel.cutMethod()));
    if (panel.cutMethod() == CutMethod.OUTSIDE) {
      outside(panel);
      return;
    }
    sheetAreaMm2.merge(
        sheet.id(), panel.widthMm() * panel.heightMm() * panel.quantity(), Double::sum);
    cutKeys.computeIfAbsent(sheet.id(), id -> new ArrayList<>()).add(key(panel, "cut"));
    tasks.add(cut(part));
    if (panel.cutMethod() != CutMethod.LASER) {
      handWork(part);
    }
  }

  private static Finding problem(Panel panel, String title, String detail) {
    return Finding.of(
            Severity.STOP,
            "make",
            "part:" + panel.id() + "/shape",
            title,
            detail,
            "Nothing can be derived from it until its numbers agree.")
        .about(panel.id())
        .with(Remedy.byHand("Correct the numbers"));
  }

  private Task cut(MadePart part) {
    Panel panel = part.panel();
    PanelFigures figures = part.figures();
    double machineMinutes =
        switch (panel.cutMethod()) {
          case LASER -> figures.cutSeconds() / 60;
          case SCORE_AND_SNAP -> outlineMetres(figures, panel) * times.scoreMinutesPerMetre();
          default -> outlineMetres(figures, panel) * times.sawMinutesPerMetre();
        };
    int minutes = (int) Math.ceil(times.cutSetUpMinutes() + machineMinutes * panel.quantity());
    boolean laser = panel.cutMethod() == CutMethod.LASER;
    Why why =
        Why.of(
            "set-up + time of one piece × pieces",
            "set-up %d min (default)".formatted(times.cutSetUpMinutes()),
            "one piece %s min by %s"
                .formatted(Figures.plain(machineMinutes), panel.cutMethod().words()),
            "%d pieces".formatted(panel.quantity()));
    return Task.of(key(panel, "cut"), "Cut " + panel.name(), Stage.MAKE, minutes, why)
        .about(panel.id())
        .at(laser ? StationKind.LASER : StationKind.SAW)
        .saying(List.of(cutCaution(part.sheet(), laser)));
  }

  private static Caution cutCaution(SheetProduct sheet, boolean laser) {
    if (laser) {
      return Caution.LASER;
    }
    return sheet.material().metal() ? Caution.METAL_CUTTING : Caution.SAWING;
  }

  /** Contour without the holes: they are drilled. */
  private static double outlineMetres(PanelFigures figures, Panel panel) {
    double vents = panel.vent() == null ? 0 : VentHoles.of(panel.vent()).contourMm();
    double holes =
        panel.holes() == null ? 0 : figures.holeCount() * Math.PI * panel.holes().diameterMm();
    return (figures.contourMm() - holes - vents) / 1000;
  }

  private void handWork(MadePart part) {
    Panel panel = part.panel();
    PanelFigures figures = part.figures();
    List<Caution> cautions = List.of(cutCaution(part.sheet(), false));
    String before = key(panel, "cut");
    int inOne = figures.holeCount() + figures.vents().size();
    if (inOne > 0) {
      int holes = inOne * panel.quantity();
      int minutes = (int) Math.ceil(holes * times.drillMinutesPerHole());
      Why why =
          Why.of(
              "holes × time of one",
              holes + " holes",
              Figures.plain(times.drillMinutesPerHole()) + " min each (default)");
      tasks.add(
          Task.of(key(panel, "drill"), "Drill " + panel.name(), Stage.MAKE, minutes, why)
              .about(panel.id())
              .at(StationKind.BENCH)
              .behind(before)
              .saying(cautions));
      before = key(panel, "drill");
    }
    double metres = outlineMetres(figures, panel) * panel.quantity();
    int minutes = (int) Math.ceil(metres * times.filingMinutesPerMetre() * times.edgeGrits());
    Why why =
        Why.of(
            "edge length × time a metre × grits",
            Figures.plain(metres) + " m",
            Figures.plain(times.filingMinutesPerMetre()) + " min/m (default)",
            times.edgeGrits() + " grits (default)");
    tasks.add(
        Task.of(key(panel, "file"), "File the edges of " + panel.name(), Stage.MAKE, minutes, why)
            .about(panel.id())
            .at(StationKind.BENCH)
            .behind(before)
            .saying(List.of(Caution.SANDING)));
  }

  private void outside(Panel panel) {
    needs.add(
        new Need(
            "outside:" + panel.id(),
            panel.name() + ", cut outside",
            CostCategory.OUTSIDE_WORK,
            book.sheet(panel.sheetId()).map(SheetProduct::supplierId).orElse(""),
            panel.quantity(),
            0,
            "pieces",
            panel.outsidePriceMinor(),
            book.leadDays(book.sheet(panel.sheetId()).map(SheetProduct::supplierId).orElse("")),
            List.of(DRY_FIT),
            Why.of("pieces of the part", panel.quantity() + " pieces")));
  }

  private void sheetNeed(String sheetId, double areaMm2) {
    SheetProduct sheet = book.sheet(sheetId).orElseThrow();
    double sheetArea = sheet.widthMm() * sheet.heightMm();
    double wanted = Math.ceil(areaMm2 / (sheetArea * USABLE_SHARE) - 1e-9);
    needs.add(
        new Need(
            "sheet:" + sheetId,
            sheet.name(),
            CostCategory.MADE_PART_MATERIAL,
            sheet.supplierId(),
            wanted,
            0,
            "sheets",
            sheet.priceMinor(),
            book.leadDays(sheet.supplierId()),
            cutKeys.get(sheetId),
            Why.of(
                "outline area of the parts ÷ (sheet × usable share), rounded up",
                "parts %.0f mm²".formatted(areaMm2),
                "sheet %.0f × %.0f mm".formatted(sheet.widthMm(), sheet.heightMm()),
                "usable %.0f %% (default, until sheets are laid out)"
                    .formatted(USABLE_SHARE * 100))));
  }

  private void dryFit() {
    if (build.panels().isEmpty()) {
      return;
    }
    int pieces = build.panels().stream().mapToInt(Panel::quantity).sum();
    List<String> before = new ArrayList<>(tasks.stream().map(Task::key).toList());
    before.addAll(beforeDryFit);
    build.components().stream()
        .filter(c -> c.kind() == ComponentKind.ENCLOSURE)
        .map(Component::id)
        .forEach(id -> before.add("component:" + id + "/receive"));
    build.panels().stream()
        .filter(p -> p.cutMethod() == CutMethod.OUTSIDE)
        .forEach(p -> before.add("outside:" + p.id() + "/receive"));
    tasks.add(
        Task.of(
                DRY_FIT,
                "Dry fit: all parts together, no glue, no paint",
                Stage.MAKE,
                times.dryFitMinutesPerPanel() * pieces,
                Why.of(
                    "pieces × time of one",
                    pieces + " pieces",
                    times.dryFitMinutesPerPanel() + " min each (default)"))
            .at(StationKind.BENCH)
            .behind(before)
            .asGate());
  }

  private static String key(Panel panel, String step) {
    return "part:" + panel.id() + "/" + step;
  }
}
