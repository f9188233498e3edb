package emberyard.core.finish.chain;

import emberyard.core.build.FinishHabits;
import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.optic.CoatCount;
import emberyard.core.finish.optic.Coating;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/** What lies under the colour, whether it hides, and when the part is mounted. */
public final class GroundFindings {
  private final SchemePlan plan;
  private final WorkshopBook book;
  private final List<Finding> findings = new ArrayList<>();

  private GroundFindings(SchemePlan plan, WorkshopBook book) {
    this.plan = plan;
    this.book = book;
  }

  public static List<Finding> of(SchemePlan plan, WorkshopBook book) {
    GroundFindings ground = new GroundFindings(plan, book);
    if (plan.coats().stream().anyMatch(CoatStep::coat)) {
      ground.primer();
      ground.hiding();
      ground.print();
      ground.blotches();
      ground.mounting();
    }
    return ground.findings;
  }

  private void primer() {
    boolean always = plan.scheme().habits().priming() == FinishHabits.Priming.ALWAYS;
    for (Side side : Side.values()) {
      List<LayerStep> own =
          plan.stack().steps().stream().filter(s -> s.side() == side && s.op().coats()).toList();
      boolean through = side != plan.scheme().seenFrom() && plan.stack().sheet().clear();
      if (!always || own.isEmpty() || through || own.stream().anyMatch(this::ground)) {
        continue;
      }
      book.paints().stream()
          .filter(paint -> paint.kind() == PaintKind.PRIMER)
          .findFirst()
          .ifPresent(primer -> findings.add(noPrimer(side, primer)));
    }
  }

  private boolean ground(LayerStep step) {
    return book.paint(String.valueOf(step.productId()))
        .filter(paint -> paint.kind().ground())
        .isPresent();
  }

  private Finding noPrimer(Side side, PaintProduct primer) {
    List<LayerStep> steps = new ArrayList<>(plan.scheme().layers());
    int at = 0;
    while (at < steps.size() && steps.get(at).side() != side) {
      at++;
    }
    String id = side == Side.BACK ? "back/primer" : "primer";
    steps.add(at, LayerStep.coats(id, side, LayerOp.PAINT, primer.id(), 1));
    return finding(
            Severity.RISK,
            "primer/" + side.words(),
            "No primer on the %s, and it is always primed here".formatted(side.words()),
            "The habit of this finish is to prime always.",
            "Bare %s holds paint less well.".formatted(plan.painted().substrate().words()))
        .with(
            new Remedy(
                "Prime with %s, 1 coat".formatted(primer.name()),
                Remedy.Change.items("schemes", plan.scheme().id(), "layers", steps)),
            Remedy.byHand("Prime only where it is needed"));
  }

  /** Fewer coats than it takes, or more. */
  private void hiding() {
    // a light guide is to let light through
    if (plan.scheme().layeredArt() || plan.painted().litFromBehind().isPresent()) {
      return;
    }
    for (CoatStep coat : plan.coats()) {
      boolean last =
          plan.coats().stream()
              .noneMatch(c -> c.stepId().equals(coat.stepId()) && c.number() > coat.number());
      boolean coloured =
          coat.coat()
              && (coat.paint().kind() == PaintKind.COLOUR
                  || coat.paint().kind() == PaintKind.METALLIC);
      if (last && coloured && shown(coat)) {
        thin(coat);
      }
    }
  }

  private boolean shown(CoatStep coat) {
    return !plan.painted().optic().clear() || coat.on(plan.scheme().seenFrom());
  }

  private void thin(CoatStep coat) {
    Coating paint = plan.stack().products().get(coat.paint().id());
    var under = under(coat);
    CoatCount needed = CoatCount.of(paint, under, CoatCount.QUICK);
    if (needed.coats() <= coat.number()) {
      return;
    }
    List<LayerStep> steps = new ArrayList<>(plan.scheme().layers());
    steps.replaceAll(s -> s.id().equals(coat.stepId()) ? s.with(needed.coats()) : s);
    double off = needed.steps().get(coat.number() - 1).deltaE00();
    findings.add(
        finding(
                Severity.RISK,
                "hiding/" + coat.stepId(),
                "%d coats of %s don't hide; %d needed"
                    .formatted(coat.number(), coat.paint().name(), needed.coats()),
                "Over %s ΔE00 is %.1f after %d coats; %.1f is the quick limit."
                    .formatted(under.hex(), off, coat.number(), CoatCount.QUICK),
                "The ground shines through, most of all at edges.")
            .with(
                new Remedy(
                    "Plan %d coats".formatted(needed.coats()),
                    Remedy.Change.items("schemes", plan.scheme().id(), "layers", steps)),
                Remedy.byHand("Take a primer nearer to the colour: see the plans offered")));
  }

  /** The colour that the layer lies on. */
  private emberyard.core.colour.Colour under(CoatStep coat) {
    List<LayerStep> before = new ArrayList<>();
    for (LayerStep step : plan.stack().steps()) {
      if (step.id().equals(coat.stepId())) {
        break;
      }
      before.add(step);
    }
    Side side = coat.on(Side.FRONT) ? Side.FRONT : Side.BACK;
    return plan.stack().with(before).shown(plan.regions().get(0).shapes(), side);
  }

  private void print() {
    boolean filled =
        plan.coats().stream()
            .anyMatch(c -> c.paint() != null && c.paint().kind() == PaintKind.FILLER);
    if (plan.painted().substrate() == Substrate.PRINT && !filled) {
      findings.add(
          finding(
                  Severity.RISK,
                  "filler",
                  "The print's layers will show through the paint",
                  "There is no filler under the colour.",
                  "Gloss paint shows steps of a tenth of a millimetre.")
              .with(Remedy.byHand("Add a filler as the first layer")));
    }
  }

  /** Birch and pine take stain in blotches. */
  private void blotches() {
    boolean stained = has(PaintKind.STAIN);
    if (plan.painted().substrate() != Substrate.WOOD || !stained || has(PaintKind.CONDITIONER)) {
      return;
    }
    Finding finding =
        finding(
            Severity.NOTE,
            "conditioner",
            "Stain on ply without conditioner may blotch",
            "There is no conditioner under the stain.",
            "Birch takes stain unevenly; look at the test on the offcut first.");
    findings.add(
        book.paints().stream()
            .filter(paint -> paint.kind() == PaintKind.CONDITIONER)
            .findFirst()
            .map(this::conditioned)
            .map(finding::with)
            .orElse(finding.with(Remedy.byHand("Get a conditioner"))));
  }

  private boolean has(PaintKind kind) {
    return plan.coats().stream().anyMatch(c -> c.paint() != null && c.paint().kind() == kind);
  }

  private Remedy conditioned(PaintProduct conditioner) {
    List<LayerStep> steps = new ArrayList<>(plan.scheme().layers());
    Side side = steps.get(0).side();
    steps.add(0, LayerStep.coats("conditioner", side, LayerOp.PAINT, conditioner.id(), 1));
    return new Remedy(
        "Condition it first, 1 coat",
        Remedy.Change.items("schemes", plan.scheme().id(), "layers", steps));
  }

  private void mounting() {
    if (plan.scheme().habits().mounting() == FinishHabits.Mounting.HANDLE) {
      findings.add(
          finding(
                  Severity.RISK,
                  "early",
                  "%s is mounted before its paint has cured".formatted(plan.painted().name()),
                  "By habit it is mounted when it can be handled.",
                  "Screws, gaskets and straps print into paint that is not cured.")
              .with(
                  new Remedy(
                      "Wait for the cure",
                      new Remedy.Change(
                          "schemes", plan.scheme().id(), "habits.mounting", 0, "CURE")),
                  Remedy.byHand("Pad every place that touches")));
    }
  }

  private Finding finding(Severity severity, String rule, String title, String detail, String why) {
    return Finding.of(
            severity, "finish", "scheme:" + plan.scheme().id() + "/" + rule, title, detail, why)
        .about(plan.scheme().id());
  }
}
