package emberyard.core.make;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Hold;
import emberyard.core.build.Panel;
import emberyard.core.build.PrintPart;
import emberyard.core.finding.Caution;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Contour;
import emberyard.core.make.panel.PanelFigures;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.Parts;
import emberyard.core.make.print.PrintWork;
import emberyard.core.make.sheet.CutPieces;
import emberyard.core.make.sheet.SetUps;
import emberyard.core.make.sheet.SheetNeeds;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/** What the panels of a build ask for: cutting, drilling, filing, a dry fit, sheets, checks. */
public final class MakeWork {
  /** Key of the gate behind which paint and assembly lie. */
  public static final String DRY_FIT = "make/dry-fit";

  private static final int BEND_HOLD_MINUTES = 8;

  private final Build build;
  private final WorkshopBook book;
  private final StepTimes times;
  private final List<Task> tasks = new ArrayList<>();
  private final List<Need> needs = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();
  private final Parts parts;
  private final SheetNeeds sheets;

  private final List<String> beforeDryFit;

  private MakeWork(Build build, WorkshopBook book, Parts parts, List<String> beforeDryFit) {
    this.beforeDryFit = beforeDryFit;
    this.parts = parts;
    this.build = build;
    this.book = book;
    this.times = book.workshop().times();
    this.sheets = new SheetNeeds(build, book);
  }

  /**
   * @param parts the build's parts as drawn
   * @param beforeDryFit keys of other work that the dry fit waits for
   */
  public static Work derive(
      Build build, WorkshopBook book, Parts parts, List<String> beforeDryFit) {
    return new MakeWork(build, book, parts, beforeDryFit).run();
  }

  private Work run() {
    build.panels().forEach(this::panel);
    needs.addAll(sheets.needs());
    Work prints = PrintWork.derive(build, book, DRY_FIT);
    tasks.addAll(prints.tasks());
    needs.addAll(prints.needs());
    findings.addAll(prints.findings());
    HoldWork holds = HoldWork.of(build, parts);
    needs.addAll(holds.needs(DRY_FIT));
    findings.addAll(holds.findings());
    findings.addAll(JointFindings.of(build, parts));
    findings.addAll(CutPieces.findings(build, parts));
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
    MadePart part = parts.made(panel.id()).orElseThrow();
    if (part.figures() == null) {
      findings.add(problem(panel, "“%s” can't be cut".formatted(panel.name()), part.problem()));
      return;
    }
    findings.addAll(parts.findings(panel.id()));
    if (panel.cutMethod() == CutMethod.OUTSIDE) {
      outside(panel);
      return;
    }
    sheets.add(part, key(panel, "cut"));
    tasks.add(cut(part));
    if (!panel.cutMethod().machined()) {
      handWork(part);
    }
    if (panel.drawing().bent() != null) {
      tasks.add(bend(part));
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
          case LASER, ROUTER, BLADE -> figures.cutSeconds() / 60;
          case SCORE_AND_SNAP -> outlineMetres(part) * times.scoreMinutesPerMetre();
          default -> outlineMetres(part) * times.sawMinutesPerMetre();
        };
    boolean twice = part.bed() != null && !part.bed().fits();
    double setUps = SetUps.of(build, panel.id()) * (twice ? 2 : 1);
    int minutes =
        (int) Math.ceil(times.cutSetUpMinutes() * setUps + machineMinutes * panel.quantity());
    Why why =
        Why.of(
            "set-up × its share + time of one piece × pieces",
            "set-up %d min (default) × %s%s"
                .formatted(
                    times.cutSetUpMinutes(),
                    Figures.plain(setUps),
                    twice ? ", laid on the bed twice" : ""),
            "one piece %s min by %s"
                .formatted(Figures.plain(machineMinutes), panel.cutMethod().words()),
            "%d pieces".formatted(panel.quantity()));
    return Task.of(key(panel, "cut"), "Cut " + panel.name(), Stage.MAKE, minutes, why)
        .about(panel.id())
        .at(station(panel.cutMethod()))
        .saying(cautions(part, panel.cutMethod() == CutMethod.LASER));
  }

  private static StationKind station(CutMethod method) {
    return switch (method) {
      case LASER -> StationKind.LASER;
      case BLADE -> StationKind.BENCH;
      default -> StationKind.SAW;
    };
  }

  private static List<Caution> cautions(MadePart part, boolean laser) {
    List<Caution> cautions = new ArrayList<>(List.of(cutCaution(part.sheet(), laser)));
    Hold hold = part.panel().drawing().hold();
    if (hold != null && hold.kind() == Hold.Kind.MAGNETS) {
      cautions.add(Caution.MAGNETS);
    }
    return cautions;
  }

  /** Soaking from both sides and holding, for each bend. */
  private Task bend(MadePart part) {
    Panel panel = part.panel();
    double thickness = part.sheet().realThicknessMm();
    int bends = panel.drawing().bent().bends().size();
    int minutes = (int) Math.ceil((2 * thickness + BEND_HOLD_MINUTES) * bends) * panel.quantity();
    return Task.of(
            key(panel, "bend"),
            "Bend " + panel.name(),
            Stage.MAKE,
            minutes,
            Why.of(
                "(soak on both sides + holding) × bends × pieces",
                "soak 1 min a mm on each side of %s mm".formatted(Figures.plain(thickness)),
                "holding %d min (default)".formatted(BEND_HOLD_MINUTES),
                "%d bends".formatted(bends)))
        .about(panel.id())
        .at(StationKind.BENCH)
        .behind(key(panel, panel.cutMethod().machined() ? "cut" : "file"))
        .inOneGo()
        .saying(List.of(Caution.HEAT_BENDING));
  }

  private static Caution cutCaution(SheetProduct sheet, boolean laser) {
    if (laser) {
      return Caution.LASER;
    }
    return sheet.material().metal() ? Caution.METAL_CUTTING : Caution.SAWING;
  }

  /** Contour without round holes: they are drilled. */
  private double outlineMetres(MadePart part) {
    return parts.drawn(part.panel().id()).orElseThrow().outline().contours().stream()
            .filter(contour -> contour.circle().isEmpty())
            .mapToDouble(Contour::lengthMm)
            .sum()
        / 1000;
  }

  private int roundHoles(MadePart part) {
    return (int)
        parts.drawn(part.panel().id()).orElseThrow().outline().holes().stream()
            .filter(hole -> hole.circle().isPresent())
            .count();
  }

  private void handWork(MadePart part) {
    Panel panel = part.panel();
    List<Caution> cautions = List.of(cutCaution(part.sheet(), false));
    String before = key(panel, "cut");
    int inOne = roundHoles(part);
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
    double metres = outlineMetres(part) * panel.quantity();
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

  private void dryFit() {
    if (build.panels().isEmpty() && build.prints().isEmpty()) {
      return;
    }
    int pieces =
        build.panels().stream().mapToInt(Panel::quantity).sum()
            + build.prints().stream().mapToInt(PrintPart::quantity).sum();
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
