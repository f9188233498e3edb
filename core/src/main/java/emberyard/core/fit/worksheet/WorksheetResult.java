package emberyard.core.fit.worksheet;

import emberyard.core.build.ScrewInto;
import emberyard.core.build.Worksheet;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A worksheet with its answer: the one of its sort, the others null. */
public record WorksheetResult(
    Worksheet sheet,
    @Nullable StackUp stack,
    @Nullable ScrewLength screw,
    @Nullable StandoffLoad standoffs,
    @Nullable ShelfLoad shelf) {

  public static WorksheetResult of(Worksheet sheet) {
    return new WorksheetResult(
        sheet,
        sheet.stack() == null ? null : StackUp.of(sheet.stack()),
        sheet.screw() == null ? null : ScrewLength.of(sheet.screw()),
        sheet.standoffs() == null ? null : StandoffLoad.of(sheet.standoffs()),
        sheet.shelf() == null ? null : ShelfLoad.of(sheet.shelf()));
  }

  /** What is wrong with it, null where nothing is. */
  public @Nullable Finding finding() {
    if (stack != null && !stack.fitsWorst()) {
      return stackFinding();
    }
    if (screw != null && screw.lengthMm() == null) {
      return screwFinding();
    }
    if (screw != null && pullsOut()) {
      return woodFinding();
    }
    if (shelf != null && !shelf.holds()) {
      return shelf.loaded() ? shelfFinding() : unloaded();
    }
    if (standoffs == null || standoffs.holds()) {
      return null;
    }
    return standoffs.verdict() == StandoffLoad.Verdict.NOT_KNOWN ? noLoad() : standoffFinding();
  }

  private Finding stackFinding() {
    double wanted = sheet.stack().wantedGapMm();
    double lacks = wanted - stack.worstGapMm();
    return found(
            stack.fitsStatistically() ? Severity.RISK : Severity.STOP,
            "%s: %s free at worst, %s wanted"
                .formatted(sheet.name(), Figures.mm(stack.worstGapMm()), Figures.mm(wanted)),
            "Nominal %s, statistical %s."
                .formatted(Figures.mm(stack.gapMm()), Figures.mm(stack.statisticalGapMm())),
            stack.fitsStatistically()
                ? "It fits nearly always; with all tolerances against you it jams."
                : "It jams, or presses on the board.")
        .with(
            Remedy.byHand("Take %s out of the stack".formatted(Figures.mm(lacks))),
            Remedy.byHand("Measure the layers: a caliper replaces tolerances"));
  }

  private Finding screwFinding() {
    return found(
            Severity.STOP,
            "%s: no screw length does".formatted(sheet.name()),
            "At least %s to hold, at most %s before it comes through."
                .formatted(Figures.mm(screw.leastMm()), Figures.mm(screw.mostMm())),
            "Too short strips the thread, too long comes through the face.")
        .with(
            Remedy.byHand("A washer under the head takes up the difference"),
            Remedy.byHand("A deeper hole, or a through bolt with a nut"));
  }

  private boolean pullsOut() {
    return sheet.screw().into() == ScrewInto.WOOD && screw.bitesMm() < ScrewLength.WOOD_MM - 1e-9;
  }

  private Finding woodFinding() {
    return found(
            Severity.RISK,
            "%s: %s in the wood, %s wanted"
                .formatted(
                    sheet.name(), Figures.mm(screw.bitesMm()), Figures.mm(ScrewLength.WOOD_MM)),
            "%d mm long through %s; the wood is %s deep."
                .formatted(
                    screw.lengthMm(),
                    Figures.mm(sheet.screw().gripMm()),
                    Figures.mm(sheet.screw().depthMm())),
            "It pulls out the first time somebody lifts the machine by it.")
        .with(
            Remedy.byHand("Glue a block behind it and screw into that"),
            Remedy.byHand("A threaded insert, or a bolt through it with a nut"));
  }

  private Finding standoffFinding() {
    return found(
            Severity.STOP,
            "%s: %s-fold safe, %s-fold wanted"
                .formatted(
                    sheet.name(),
                    Figures.plain(standoffs.safety()),
                    Figures.plain(standoffs.wantedSafety())),
            "%.0f MPa from the side, %.1f MPa from above, it yields at %.0f MPa; shear %.1f MPa; one post buckles at %.0f N. An estimate, not a certificate."
                .formatted(
                    standoffs.bendingMpa(),
                    standoffs.axialMpa(),
                    standoffs.yieldMpa(),
                    standoffs.shearMpa(),
                    standoffs.bucklingN()),
            "Posts that bend drop what stands on them, or who leans on it.")
        .with(standoffRemedies());
  }

  private Remedy[] standoffRemedies() {
    Stream<String> sizes = standoffs.remedies().stream();
    String more =
        sheet.standoffs().clamped() ? "Shorter posts" : "Shorter posts, clamped at both ends";
    return Stream.concat(sizes, Stream.of(more + ", or a bracket that takes the side load"))
        .map(Remedy::byHand)
        .toArray(Remedy[]::new);
  }

  private Finding noLoad() {
    return found(
            Severity.NOTE,
            "%s: no load given, so it is not known whether it holds".formatted(sheet.name()),
            "%d posts of core %s mm."
                .formatted(sheet.standoffs().count(), Figures.plain(sheet.standoffs().coreMm())),
            "Posts without a load are not proved.")
        .with(Remedy.byHand("Type what stands on them, in N or kg, and what pushes from the side"));
  }

  private Finding shelfFinding() {
    return found(
            Severity.RISK,
            "%s: it bends by %s over months, %s are allowed"
                .formatted(sheet.name(), Figures.mm(shelf.monthsMm()), Figures.mm(shelf.limitMm())),
            "%s on the first day, %s with the load in the middle, %s spread out. An estimate, not a certificate."
                .formatted(
                    Figures.mm(shelf.bendsMm()),
                    Figures.mm(shelf.centreMm()),
                    Figures.mm(shelf.spreadMm())),
            "What stands on it leans, doors under it jam, and one day it lets go.")
        .with(
            Remedy.byHand(
                "Take %s or thicker"
                    .formatted(Figures.mm(Math.ceil(shelf.thicknessMm() * 10) / 10))),
            Remedy.byHand(
                "Feet under it at most %s apart".formatted(Figures.mm(Math.floor(shelf.spanMm())))),
            Remedy.byHand("A rail along its free edges"));
  }

  private Finding unloaded() {
    return found(
            Severity.NOTE,
            "%s: nothing stands on it yet, so it is not known whether it holds"
                .formatted(sheet.name()),
            "Span %s.".formatted(Figures.mm(sheet.shelf().spanMm())),
            "A shelf without a load is not proved.")
        .with(Remedy.byHand("Type what stands on it, in kg"));
  }

  private Finding found(Severity severity, String title, String detail, String why) {
    return Finding.of(severity, "fit", "worksheet:" + sheet.id(), title, detail, why)
        .about(sheet.id());
  }
}
