package emberyard.core.finish;

import emberyard.core.build.FinishHabits;
import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.art.LayerFindings;
import emberyard.core.finish.chain.FinishChain;
import emberyard.core.finish.chain.Repairs;
import emberyard.core.finish.coat.FinishStack;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.coat.Weather;
import emberyard.core.finish.optic.CoatCount;
import emberyard.core.finish.optic.Coating;
import emberyard.core.units.FigureKey;
import emberyard.core.units.Require;
import emberyard.core.work.Task;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Schemes from the stock for a target colour: the nearest paints, with and without each primer,
 * careful and quick. What is compared are hours, days, cans, cost and risk.
 */
public final class SchemeProposals {
  private static final int MOST_COLOURS = 3;
  private static final int MOST_OFFERED = 12;
  private static final double FAR = 12;

  private final SchemePlan plan;
  private final WorkshopBook book;
  private final Colour target;
  private final Colour ground;
  private final Side side;

  private SchemeProposals(SchemePlan plan, WorkshopBook book, Colour target) {
    this.plan = plan;
    this.book = book;
    this.target = target;
    this.side = plan.scheme().seenFrom();
    this.ground = FinishStack.ground(plan.painted());
  }

  /**
   * One scheme.
   *
   * @param label colour and primer
   * @param way "careful" or "quick"
   * @param layers what taking it sets
   * @param primer null for none
   * @param swatches the colour after each coat, primer included
   * @param deltaE00 of the last coat to the target
   * @param coats primer included
   * @param handsOnMinutes of the whole finish, preparation included
   * @param elapsedMinutes hands-on and waits until it is cured, one after the other
   * @param cans per paint by name
   * @param costMinor cans at today's price, minor units
   * @param risks a sentence each
   */
  @FigureKey("build/{buildId}/schemes/{id}/{target}/{label}/{coats}")
  public record Proposal(
      String label,
      String way,
      List<LayerStep> layers,
      String colour,
      @Nullable String primer,
      List<CoatCount.AfterCoat> swatches,
      double deltaE00,
      int coats,
      int handsOnMinutes,
      int elapsedMinutes,
      Map<String, Integer> cans,
      long costMinor,
      List<String> risks) {}

  /**
   * Proposals for the side that is looked at, those with the fewest hours first.
   *
   * @param targetHex {@code #RRGGBB}
   */
  public static List<Proposal> of(SchemePlan plan, WorkshopBook book, String targetHex) {
    return new SchemeProposals(plan, book, Colour.hex("targetHex", targetHex)).all();
  }

  private List<Proposal> all() {
    List<Proposal> proposals = new ArrayList<>();
    boolean always = plan.scheme().habits().priming() == FinishHabits.Priming.ALWAYS;
    for (PaintProduct colour : colours()) {
      for (double tolerance : new double[] {CoatCount.CAREFUL, CoatCount.QUICK}) {
        if (!always) {
          proposals.add(proposal(colour, null, 0, tolerance));
        }
        primers().forEach(primer -> proposals.add(bestPrimed(colour, primer, tolerance)));
      }
    }
    Require.that(
        !proposals.isEmpty(), "targetHex", "There is no colour paint in the stock to choose from.");
    Set<String> seen = new HashSet<>();
    return proposals.stream()
        .sorted(
            Comparator.<Proposal>comparingInt(p -> p.deltaE00() > FAR ? 1 : 0)
                .thenComparingInt(p -> p.handsOnMinutes())
                .thenComparingInt(Proposal::elapsedMinutes)
                .thenComparingLong(Proposal::costMinor)
                .thenComparing(Proposal::label)
                .thenComparing(Proposal::way))
        .filter(p -> seen.add(p.label() + p.coats()))
        .limit(MOST_OFFERED)
        .toList();
  }

  private List<PaintProduct> colours() {
    return book.paints().stream()
        .filter(p -> p.kind() == PaintKind.COLOUR || p.kind() == PaintKind.METALLIC)
        .sorted(
            Comparator.<PaintProduct>comparingDouble(
                    p -> Colour.hex(p.colourHex()).deltaE00(target))
                .thenComparing(PaintProduct::id))
        .limit(MOST_COLOURS)
        .filter(p -> Colour.hex(p.colourHex()).deltaE00(target) <= FAR)
        .toList();
  }

  private List<PaintProduct> primers() {
    return book.paints().stream().filter(p -> p.kind() == PaintKind.PRIMER).toList();
  }

  /** One coat of primer or two, whichever leaves fewer coats in all. */
  private Proposal bestPrimed(PaintProduct colour, PaintProduct primer, double tolerance) {
    Proposal one = proposal(colour, primer, 1, tolerance);
    Proposal two = proposal(colour, primer, 2, tolerance);
    return two.coats() < one.coats() ? two : one;
  }

  private Proposal proposal(
      PaintProduct colour, @Nullable PaintProduct primer, int primed, double tolerance) {
    Coating paint = FinishStack.coating(colour, book);
    List<CoatCount.AfterCoat> swatches = new ArrayList<>();
    Colour under = ground;
    List<LayerStep> layers = new ArrayList<>();
    String prefix = side == Side.BACK ? "back/" : "";
    if (primer != null) {
      Coating base = FinishStack.coating(primer, book);
      for (int n = 1; n <= primed; n++) {
        Colour shown = base.coats(n).on(ground);
        swatches.add(new CoatCount.AfterCoat(n, shown.hex(), shown.deltaE00(target)));
      }
      under = base.coats(primed).on(ground);
      layers.add(LayerStep.coats(prefix + "primer", side, LayerOp.PAINT, primer.id(), primed));
    }
    CoatCount count = CoatCount.of(paint, under, tolerance);
    for (CoatCount.AfterCoat step : count.steps()) {
      Colour shown = paint.coats(step.n()).on(under);
      swatches.add(new CoatCount.AfterCoat(step.n(), step.colour(), shown.deltaE00(target)));
    }
    layers.add(
        LayerStep.coats(
            prefix + "colour", side, LayerOp.PAINT, colour.id(), Math.min(20, count.coats())));
    keepClear(layers);
    return priced(colour, primer, layers, swatches, count, tolerance);
  }

  /** A clear that is on the finish already stays. */
  private void keepClear(List<LayerStep> layers) {
    plan.scheme().layers().stream()
        .filter(step -> step.op() == LayerOp.CLEAR && step.side() == side)
        .forEach(layers::add);
  }

  private Proposal priced(
      PaintProduct colour,
      @Nullable PaintProduct primer,
      List<LayerStep> layers,
      List<CoatCount.AfterCoat> swatches,
      CoatCount count,
      double tolerance) {
    PaintTarget painted = plan.painted();
    PaintTarget with =
        new PaintTarget(
            painted.scheme().withLayers(layers),
            painted.name(),
            painted.faceAreaM2(),
            painted.perimeterMm(),
            painted.thicknessMm(),
            painted.pieces(),
            painted.substrate(),
            painted.optic(),
            painted.outline(),
            Map.of(),
            Map.of(),
            painted.behind());
    SchemePlan then = SchemePlan.of(with, book);
    List<Task> tasks =
        new FinishChain(
                then,
                painted.scheme().habits(),
                book.workshop().times(),
                Weather.of(book),
                Repairs.NONE)
            .tasks(List.of(), List.of());
    int hands = tasks.stream().mapToInt(Task::handsOnMinutes).sum();
    int waits = tasks.stream().mapToInt(Task::waitMinutes).sum();
    FinishNeeds needs = new FinishNeeds(book, Set.of(), Map.of());
    needs.take(then, 0, Repairs.NONE);
    Map<String, Integer> cans = new LinkedHashMap<>();
    long cost = 0;
    for (var need : needs.needs()) {
      if (need.key().startsWith("paint:")) {
        cans.put(need.title(), (int) need.quantity());
        cost += Math.round(need.quantity() * need.unitPriceMinor());
      }
    }
    double off = swatches.get(swatches.size() - 1).deltaE00();
    return new Proposal(
        colour.name() + (primer == null ? ", no primer" : " over " + primer.name()),
        tolerance == CoatCount.CAREFUL ? "careful" : "quick",
        layers,
        colour.name(),
        primer == null ? null : primer.name(),
        swatches,
        off,
        swatches.size(),
        hands,
        hands + waits,
        cans,
        cost,
        risks(colour, primer, count, off));
  }

  private List<String> risks(
      PaintProduct colour, @Nullable PaintProduct primer, CoatCount count, double off) {
    List<String> risks = new ArrayList<>();
    if (!count.reached()) {
      risks.add("Does not hide in 30 coats.");
    } else if (count.coats() >= 5) {
      risks.add("%d colour coats: thick edges, runs.".formatted(count.coats()));
    }
    if (off > LayerFindings.OTHER_COLOUR) {
      risks.add("ΔE00 %.1f from the target: a different colour.".formatted(off));
    }
    boolean slick =
        plan.painted().substrate() != Substrate.WOOD
            && plan.painted().substrate() != Substrate.BOARD;
    if (primer == null && slick) {
      risks.add("No primer on %s: holds less well.".formatted(plan.painted().substrate().words()));
    }
    if (primer != null && mixed(primer.base(), colour.base())) {
      risks.add("Primer and colour have different bases: test on a card.");
    }
    if (colour.base() == PaintBase.TWO_PACK) {
      risks.add("Two-pack: booth and air-fed protection.");
    }
    return risks;
  }

  private static boolean mixed(PaintBase under, PaintBase over) {
    return under == PaintBase.ENAMEL && over != PaintBase.ENAMEL;
  }
}
