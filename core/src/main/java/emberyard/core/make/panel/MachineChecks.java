package emberyard.core.make.panel;

import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Rect;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.units.Figures;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Material;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A part against the machine that is to cut it. */
public final class MachineChecks {
  private static final double BLADE_MM = 1;

  private MachineChecks() {}

  public static List<Finding> of(
      Panel panel,
      DrawnPart drawn,
      Material material,
      double thicknessMm,
      @Nullable Machine machine,
      @Nullable BedPlan bed) {
    List<Finding> findings = new ArrayList<>();
    PanelShape shape = new PanelShape(100, 100, thicknessMm, material, null, null);
    if (panel.drawing().bent() != null || panel.drawing().bare()) {
      findings.addAll(PanelChecks.laserOnly(panel.id(), shape, panel.cutMethod()));
    }
    if (panel.cutMethod() == CutMethod.BLADE && thicknessMm > BLADE_MM) {
      findings.add(
          finding(
                  panel,
                  Severity.STOP,
                  "blade",
                  "A blade cutter can't cut %s".formatted(Figures.mm(thicknessMm)),
                  "Film and card up to 1.0 mm.",
                  "The blade breaks.")
              .with(Remedy.byHand("Cut it by laser or saw")));
    }
    if (machine != null && bed != null && !bed.fits()) {
      findings.add(bed(panel, drawn, machine, bed));
    }
    return findings;
  }

  private static Finding finding(
      Panel panel, Severity severity, String rule, String title, String detail, String why) {
    Finding finding =
        Finding.of(severity, "make", "part:" + panel.id() + "/" + rule, title, detail, why);
    return panel.id().isEmpty() ? finding : finding.about(panel.id());
  }

  private static Finding bed(Panel panel, DrawnPart drawn, Machine machine, BedPlan bed) {
    Rect box = drawn.outline().bounds();
    boolean twice = bed.way() == BedPlan.Way.TWO_SET_UPS;
    String line =
        "%s from the %s".formatted(Figures.mm(bed.lineMm()), bed.across() ? "left" : "lower edge");
    String way =
        twice
            ? "Cut it in two set-ups meeting %s, with two register holes outside it".formatted(line)
            : "Split it %s, where the least material and no hole is crossed, and join it"
                .formatted(line);
    return finding(
            panel,
            twice ? Severity.RISK : Severity.STOP,
            "bed",
            "%.0f × %.0f mm does not lie on %s"
                .formatted(box.widthMm(), box.heightMm(), machine.name()),
            "Bed %.0f × %.0f mm less a margin of 5 mm on each side."
                .formatted(machine.bedWidthMm(), machine.bedHeightMm()),
            twice
                ? "Two set-ups that don't register leave a step in the edge."
                : "It can't be cut in one piece here.")
        .at(
            bed.across() ? bed.lineMm() : box.centreX(),
            bed.across() ? box.centreY() : bed.lineMm(),
            20)
        .with(
            Remedy.byHand(way),
            new Remedy(
                "Have it cut outside",
                new Remedy.Change("panels", panel.id(), "cutMethod", 0, "OUTSIDE")));
  }
}
