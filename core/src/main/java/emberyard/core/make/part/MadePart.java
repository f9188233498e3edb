package emberyard.core.make.part;

import emberyard.core.build.Panel;
import emberyard.core.finding.Finding;
import emberyard.core.make.check.PartChecks;
import emberyard.core.make.drafting.Drafting;
import emberyard.core.make.drafting.JointCut;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.panel.BedPlan;
import emberyard.core.make.panel.CutTime;
import emberyard.core.make.panel.MachineChecks;
import emberyard.core.make.panel.Paces;
import emberyard.core.make.panel.PanelChecks;
import emberyard.core.make.panel.PanelCut;
import emberyard.core.make.panel.PanelFigures;
import emberyard.core.make.panel.PanelShape;
import emberyard.core.units.FigureKey;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Remembered;
import emberyard.core.work.Why;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Material;
import emberyard.core.workshop.SheetProduct;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A part with its sheet, its outline and its figures, or the sentence that says why it has none.
 *
 * @param figures null when its numbers contradict each other
 * @param problem what contradicts, empty when nothing does
 * @param problemField where, from the panel ("drawing.steps.2.figure.insetMm")
 * @param materialMinor its share of the sheets it is cut from, all pieces, minor units; what is
 *     bought is whole sheets
 * @param model its outline for screens, null where it has none
 * @param bed how it lies on the machine, null where none is known
 */
@FigureKey("panels/{panel.id}")
public record MadePart(
    Panel panel,
    SheetProduct sheet,
    @Nullable PanelFigures figures,
    String problem,
    String problemField,
    long materialMinor,
    Why materialWhy,
    @Nullable PartModel model,
    @Nullable BedPlan bed) {
  /** Share of a sheet that parts can fill before nesting says better; a default. */
  public static final double USABLE_SHARE = 0.85;

  private static final Remembered<Key, Result> DRAWN = new Remembered<>(600);

  /** What a part is drawn from. */
  private record Key(
      Panel panel, SheetProduct sheet, List<JointCut> joints, @Nullable Machine machine) {}

  /** A part worked out: shown, drawn and judged. */
  public record Result(MadePart made, @Nullable DrawnPart drawn, List<Finding> findings) {}

  /** Computes the figures for the thickness by caliper where there is one. */
  public static MadePart of(Panel panel, SheetProduct sheet) {
    return worked(panel, sheet, List.of(), null).made();
  }

  /** The same, with the joints of the build and the machine that cuts it. */
  public static Result worked(
      Panel panel, SheetProduct sheet, List<JointCut> joints, @Nullable Machine machine) {
    return DRAWN.get(new Key(panel, sheet, joints, machine), MadePart::work);
  }

  private static Result work(Key asked) {
    try {
      return drawn(asked);
    } catch (InvalidValue contradiction) {
      MadePart made =
          with(asked, null, contradiction.getMessage(), contradiction.field(), null, null);
      return new Result(made, null, List.of());
    }
  }

  private static Result drawn(Key asked) {
    Panel panel = asked.panel();
    SheetProduct sheet = asked.sheet();
    PanelShape shape = shape(panel, sheet);
    double thickness = sheet.realThicknessMm();
    DrawnPart drawn = Drafting.of(panel, thickness, asked.joints());
    PanelFigures plain = PanelFigures.of(shape, PanelCut.at(sheet.laserMmPerSecond()));
    CutTime time = CutTime.of(job(drawn), Paces.of(asked.machine(), sheet));
    BedPlan bed =
        asked.machine() == null
            ? null
            : BedPlan.of(
                drawn.outline(),
                asked.machine().bedWidthMm(),
                asked.machine().bedHeightMm(),
                Math.max(2, thickness));
    List<Finding> findings = new ArrayList<>();
    if (panel.drawing().bent() == null && !panel.drawing().bare()) {
      findings.addAll(PanelChecks.of(panel.id(), shape, panel.cutMethod()));
    }
    findings.addAll(
        MachineChecks.of(panel, drawn, sheet.material(), thickness, asked.machine(), bed));
    findings.addAll(PartChecks.of(panel, drawn, sheet.material(), thickness, judged(panel, plain)));
    MadePart made =
        with(asked, plain.drawn(shape, drawn, time), "", "", PartModel.of(drawn, thickness), bed);
    return new Result(made, drawn, List.copyOf(findings));
  }

  /** Border holes have rules of their own on a plain rectangle. */
  private static Set<String> judged(Panel panel, PanelFigures plain) {
    if (panel.drawing().bent() != null || panel.drawing().bare()) {
      return Set.of();
    }
    Set<String> keys = new HashSet<>();
    plain.holes().forEach(c -> keys.add(PartChecks.key(c.xMm(), c.yMm())));
    return keys;
  }

  private static CutTime.Job job(DrawnPart drawn) {
    return new CutTime.Job(
        drawn.outline().contourMm(),
        drawn.outline().contours().size(),
        0,
        drawn.engraved().areaMm2(),
        drawn.lineMm());
  }

  /**
   * Outline area ÷ (sheet area × usable share) × price of a sheet.
   *
   * <p>Example: 412 × 388 mm from sheets of 600 × 400 mm at 24.00, 85 % usable: 0.7836 sheets,
   * 18.81.
   */
  private static MadePart with(
      Key asked,
      @Nullable PanelFigures figures,
      String problem,
      String problemField,
      @Nullable PartModel model,
      @Nullable BedPlan bed) {
    Panel panel = asked.panel();
    SheetProduct sheet = asked.sheet();
    double width = model == null ? panel.widthMm() : model.widthMm();
    double height = model == null ? panel.heightMm() : model.heightMm();
    double sheets =
        width * height * panel.quantity() / (sheet.widthMm() * sheet.heightMm() * USABLE_SHARE);
    return new MadePart(
        panel,
        sheet,
        figures,
        problem,
        problemField,
        Math.round(sheets * sheet.priceMinor()),
        Why.of(
            "outline area ÷ (sheet × usable share) × price of a sheet",
            "%.2f of “%s”".formatted(sheets, sheet.name()),
            "usable %.0f %% (default, until sheets are laid out)".formatted(USABLE_SHARE * 100)),
        model,
        bed);
  }

  /** The panel's rectangle as geometry; a bent strip and a free outline have none of their own. */
  public static PanelShape shape(Panel panel, SheetProduct sheet) {
    boolean plain = panel.drawing().bent() == null && !panel.drawing().bare();
    Material material = sheet.material();
    return new PanelShape(
        panel.widthMm(),
        panel.heightMm(),
        sheet.realThicknessMm(),
        material,
        plain ? panel.window() : null,
        plain ? panel.holes() : null,
        plain ? panel.vent() : null);
  }
}
