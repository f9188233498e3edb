package emberyard.core.finish.art;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.colour.Colour;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.layer.LayerChecks;
import emberyard.core.finish.layer.LayerModel;
import emberyard.core.finish.layer.LayerStack;
import emberyard.core.finish.layer.Region;
import emberyard.core.glow.PartLight;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What a replayed finish says about itself. */
public final class LayerFindings {
  /** From here on what is seen is another colour than what is wanted. */
  public static final double OTHER_COLOUR = 5;

  /** Closer than that nobody tells a pattern from its field. */
  private static final double ALIKE = 2;

  /** What lets half as much through as the brightest region is meant to glow. */
  private static final double GLOWS = 0.5;

  private LayerFindings() {}

  public static List<Finding> of(SchemePlan plan) {
    List<Finding> findings = new ArrayList<>();
    Scheme scheme = plan.scheme();
    if (!scheme.layeredArt()) {
      if (plan.painted().litFromBehind().isPresent()) {
        uneven(plan, findings);
      }
      return findings;
    }
    Finding order = order(plan);
    if (order != null) {
      findings.add(order);
    }
    for (LayerStep left : LayerChecks.stencilsLeft(plan.stack().steps())) {
      findings.add(stencilLeft(scheme, left));
    }
    burntFilm(plan, findings);
    uneven(plan, findings);
    ArtFindings.add(plan, findings);
    plan.painted()
        .problems()
        .forEach((shape, problem) -> findings.add(undrawn(scheme, shape, problem)));
    return findings;
  }

  /** A wish that is not met, or a stencil that nobody sees. */
  private static Finding order(SchemePlan plan) {
    LayerStack stack = plan.stack();
    LayerModel.RegionModel worst =
        plan.layers().regions().stream()
            .filter(r -> r.deltaE00() != null && r.deltaE00() > OTHER_COLOUR)
            .max(Comparator.comparingDouble(LayerModel.RegionModel::deltaE00))
            .orElse(null);
    Optional<LayerStep> vanished = vanished(stack, plan.regions());
    if (worst == null && vanished.isEmpty()) {
      return null;
    }
    Scheme scheme = plan.scheme();
    String from = scheme.seenFrom().words();
    boolean over = vanished.isPresent() && LayerChecks.paintedOver(stack.steps(), vanished.get());
    String title =
        vanished.isEmpty()
            ? "“%s” comes out in another colour".formatted(worst.name())
            : over
                ? "Painted over after the peel: the pattern is gone"
                : "Pattern vanishes from the " + from;
    Finding finding =
        Finding.of(
                Severity.STOP,
                "finish",
                "scheme:" + scheme.id() + "/order",
                title,
                worst == null
                    ? "From the %s all regions show the same colour.".formatted(from)
                    : "%s region “%s”: %s, wanted %s, ΔE00 %.1f."
                        .formatted(
                            capital(from),
                            worst.name(),
                            seen(worst, scheme),
                            worst.wantedHex(),
                            worst.deltaE00()),
                why(plan, worst))
            .about(scheme.id());
    return finding.with(OrderRemedies.of(plan).toArray(Remedy[]::new));
  }

  private static String seen(LayerModel.RegionModel region, Scheme scheme) {
    return scheme.seenFrom() == emberyard.core.build.Side.FRONT
        ? region.front().unlit()
        : region.back().unlit();
  }

  private static String capital(String word) {
    return word.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + word.substring(1);
  }

  private static String why(SchemePlan plan, LayerModel.RegionModel worst) {
    boolean before =
        plan.stack().steps().stream()
            .anyMatch(s -> s.op().coats() && s.side() == plan.scheme().seenFrom());
    boolean behind = !before && plan.stack().sheet().clear();
    if (worst == null) {
      return "The work of the stencil is lost.";
    }
    return behind
        ? "Through the sheet the first coat is the one that is seen."
        : "The last coat is the one that is seen.";
  }

  /** A stencil whose inside and outside look alike from the side that is looked at. */
  private static Optional<LayerStep> vanished(LayerStack stack, List<Region> regions) {
    return stack.steps().stream()
        .filter(step -> step.op() == LayerOp.STENCIL && !step.allOver())
        .filter(step -> allAlike(stack, regions, step))
        .findFirst();
  }

  private static boolean allAlike(LayerStack stack, List<Region> regions, LayerStep stencil) {
    List<Colour> inside = new ArrayList<>();
    List<Colour> outside = new ArrayList<>();
    for (Region region : regions) {
      Colour seen = stack.shown(region.shapes(), stack.seenFrom());
      (stencil.reaches(region.shapes()) ? inside : outside).add(seen);
    }
    return !inside.isEmpty()
        && !outside.isEmpty()
        && inside.stream()
            .allMatch(in -> outside.stream().allMatch(out -> in.deltaE00(out) < ALIKE));
  }

  private static Finding stencilLeft(Scheme scheme, LayerStep left) {
    return Finding.of(
            Severity.RISK,
            "finish",
            "scheme:" + scheme.id() + "/left/" + left.id(),
            "A stencil is left in place",
            "Step %d on the %s is never peeled."
                .formatted(scheme.layers().indexOf(left) + 1, left.side().words()),
            "Its own colour is what is seen there, and its glue ages.")
        .about(scheme.id())
        .with(peelAtTheEnd(scheme, left));
  }

  private static Remedy peelAtTheEnd(Scheme scheme, LayerStep left) {
    List<LayerStep> steps = new ArrayList<>(scheme.layers());
    steps.add(
        LayerStep.on("peel-" + left.id(), left.side(), LayerOp.PEEL, left.shapes())
            .peeling(List.of(left.id())));
    return new Remedy(
        "Peel it at the end", Remedy.Change.items("schemes", scheme.id(), "layers", steps));
  }

  /** Vinyl under a laser gives off hydrogen chloride: nobody may plan that. */
  private static void burntFilm(SchemePlan plan, List<Finding> findings) {
    for (LayerStep step : LayerChecks.engravedThroughFilm(plan.stack(), plan.regions())) {
      findings.add(
          Finding.of(
                  Severity.STOP,
                  "finish",
                  "scheme:" + plan.scheme().id() + "/burnt/" + step.id(),
                  "Film lies where the laser engraves",
                  "Step %d burns through film or a stencil."
                      .formatted(plan.scheme().layers().indexOf(step) + 1),
                  "Vinyl under a laser gives off hydrogen chloride: it harms lungs and eats machines.")
              .about(plan.scheme().id())
              .with(Remedy.byHand("Peel the film first, or cut it with a blade"))
              .asRefusal());
    }
  }

  /** Blotches where light passes paint: a risk where a light of the build lies behind. */
  private static void uneven(SchemePlan plan, List<Finding> findings) {
    PartLight light = plan.painted().litFromBehind().orElse(null);
    double brightest =
        plan.layers().regions().stream()
            .mapToDouble(LayerModel.RegionModel::transmittance)
            .max()
            .orElse(0);
    for (LayerModel.RegionModel region : plan.layers().regions()) {
      if (region.unevennessPercent() > 15) {
        boolean glows = region.transmittance() >= brightest * GLOWS;
        findings.add(
            Finding.of(
                    light == null ? Severity.NOTE : Severity.RISK,
                    "finish",
                    "scheme:" + plan.scheme().id() + "/uneven/" + String.join("+", region.shapes()),
                    light == null
                        ? "“%s” would look uneven with light behind".formatted(region.name())
                        : "“%s” blotches in “%s”: light passes thin paint"
                            .formatted(region.name(), light.name()),
                    "%.1f %% of the light passes; half a coat more or less changes that by %.0f %%, 15 %% is seen."
                        .formatted(100 * region.transmittance(), region.unevennessPercent()),
                    "Nobody sprays a coat to better than half of itself.")
                .about(plan.scheme().id())
                .with(ways(light != null, glows)));
      }
    }
  }

  /** What is to glow wants something even to glow through, what is to stay dark more paint. */
  private static Remedy[] ways(boolean lit, boolean glows) {
    Remedy darker = Remedy.byHand("More coats, until it is dark");
    Remedy even = Remedy.byHand("Opal sheet or film instead of thin paint");
    if (!lit) {
      return new Remedy[] {darker, even};
    }
    return glows
        ? new Remedy[] {
          even, Remedy.byHand("No paint where it is to glow: colour the light instead")
        }
        : new Remedy[] {darker, Remedy.byHand("Black first, on the side of the light")};
  }

  private static Finding undrawn(Scheme scheme, String shape, String problem) {
    return Finding.of(
            Severity.STOP,
            "finish",
            "scheme:" + scheme.id() + "/shape/" + shape,
            "A shape can't be drawn",
            problem,
            "Steps that name it reach nothing.")
        .about(scheme.id())
        .with(Remedy.byHand("Mend the shape"));
  }
}
