package emberyard.core.finish.coat;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finding.Finding;
import emberyard.core.finish.layer.LayerModel;
import emberyard.core.finish.layer.LayerStack;
import emberyard.core.finish.layer.Region;
import emberyard.core.units.Figures;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One finish worked out: its coats and steps in order, and what comes out.
 *
 * @param painted what it goes on
 * @param coats in the order in which they are done
 * @param layers what both sides show, region by region
 * @param leader the finish on whose rack it hangs, null where it hangs alone
 * @param habits what each other way of working would change
 * @param findings judgements that need no clock and no other finish
 */
public record SchemePlan(
    PaintTarget painted,
    List<CoatStep> coats,
    LayerModel layers,
    LayerStack stack,
    List<Region> regions,
    @Nullable String leader,
    List<HabitChoice> habits,
    List<Finding> findings) {
  public SchemePlan {
    coats = List.copyOf(coats);
    regions = List.copyOf(regions);
    habits = List.copyOf(habits);
    findings = List.copyOf(findings);
  }

  /** Lays out the steps for the workshop's room. Steps with an unknown paint are left out. */
  public static SchemePlan of(PaintTarget painted, WorkshopBook book) {
    LayerStack stack = FinishStack.of(painted, book);
    List<Region> regions = FinishStack.regions(painted);
    List<CoatStep> coats = new CoatWriter(painted, book, stack, regions).coats();
    return new SchemePlan(
        painted,
        coats,
        LayerModel.of(stack, regions, painted.lights()),
        stack,
        regions,
        null,
        List.of(),
        List.of());
  }

  public Scheme scheme() {
    return painted.scheme();
  }

  public double areaM2() {
    return painted.areaM2();
  }

  /** Key of the step that a gate of curing hangs on. */
  public String curedKey() {
    return key(scheme(), "cured");
  }

  /** Key of what mounting waits for: by habit the cure, or only dry to handle. */
  public String mountKey() {
    boolean early =
        scheme().habits().mounting() == emberyard.core.build.FinishHabits.Mounting.HANDLE;
    return early ? key(scheme(), "handle") : curedKey();
  }

  public static String key(Scheme scheme, String step) {
    return "scheme:" + scheme.id() + "/" + step;
  }

  /** The last coat that dries before a step, on the same side. */
  public Optional<CoatStep> coatBefore(int index) {
    for (int i = index - 1; i >= 0; i--) {
      CoatStep coat = coats.get(i);
      if (coat.coat() && coat.side().equals(coats.get(index).side())) {
        return Optional.of(coat);
      }
    }
    return Optional.empty();
  }

  /** The same plan on the rack of another finish, whose coats are done for both. */
  public SchemePlan hangingOn(SchemePlan lead) {
    List<CoatStep> shared = new ArrayList<>();
    for (int i = 0; i < coats.size(); i++) {
      CoatStep mine = coats.get(i);
      CoatStep theirs = lead.coats.get(i);
      shared.add(
          new CoatStep(
              theirs.key(),
              mine.stepId(),
              mine.op(),
              mine.paint(),
              mine.layer(),
              mine.number(),
              mine.side(),
              theirs.handsOnMinutes(),
              mine.flashMinutes(),
              mine.recoatFromMinutes(),
              mine.recoatUntilMinutes(),
              mine.handleMinutes(),
              mine.cureMinutes(),
              mine.ml(),
              mine.areaM2(),
              mine.shownHex(),
              mine.deltaE00(),
              theirs.scuffed(),
              theirs.notBefore()));
    }
    return new SchemePlan(
        painted, shared, layers, stack, regions, lead.scheme().id(), habits, findings);
  }

  public SchemePlan judged(List<HabitChoice> choices, List<Finding> found) {
    return new SchemePlan(painted, coats, layers, stack, regions, leader, choices, found);
  }

  public SchemePlan with(List<CoatStep> others, @Nullable String on) {
    return new SchemePlan(painted, others, layers, stack, regions, on, habits, findings);
  }

  /** What the colour is held against: the target, null while that is open. */
  @Nullable Colour target() {
    return scheme().targetHex() == null ? null : Colour.hex(scheme().targetHex());
  }

  static String layerName(LayerStep step, @Nullable PaintProduct paint) {
    if (step.op() == LayerOp.CLEAR) {
      return "clear";
    }
    if (paint == null) {
      return step.op().words();
    }
    return switch (paint.kind()) {
      case PRIMER, FILLER, SEALER, CONDITIONER, CLEAR, CANDY, STAIN ->
          paint.kind().name().toLowerCase(java.util.Locale.ROOT);
      default -> "colour";
    };
  }

  public static boolean sandedGround(CoatStep coat) {
    return coat.paint() != null
        && (coat.paint().kind() == PaintKind.PRIMER || coat.paint().kind() == PaintKind.FILLER);
  }

  public static int handsOn(double areaM2, int loads, StepTimes times) {
    return (int)
        Math.ceil(loads * times.coatSetUpMinutes() + areaM2 / times.sprayM2PerMinute() - 1e-9);
  }

  public static int loads(double areaM2, StepTimes times) {
    return Math.max(1, (int) Math.ceil(areaM2 / times.rackM2() - 1e-9));
  }

  /** The sentence behind a coat's hands-on time. */
  public static List<String> handsOnInputs(double areaM2, StepTimes times) {
    return List.of(
        "set-up %d min (default), %d × on a rack of %s m²"
            .formatted(
                times.coatSetUpMinutes(), loads(areaM2, times), Figures.plain(times.rackM2())),
        "area %s m², edges added".formatted(Figures.plain(areaM2)),
        "rate %s m²/min (default)".formatted(Figures.plain(times.sprayM2PerMinute())));
  }

  /** Sides that get a coat. */
  public boolean paints(Side side) {
    return coats.stream().anyMatch(coat -> coat.coat() && coat.on(side));
  }
}
