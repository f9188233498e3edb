package emberyard.core.finish.layer;

import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.optic.Coating;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Finds an order of steps that gives every region the colour that is wanted from the viewing side,
 * with the fewest coats, then the fewest steps.
 *
 * <p>Regions that want the same colour go together. Each group is left bare, or painted on the
 * viewing side, or on the far side of a clear sheet; all ways to do so are tried, with every order
 * on each side, two ways of masking and up to two paints a colour (one from the fifth colour on).
 * Coats start at two each and grow where a region is not near enough yet. The ways tried lay a
 * stencil once and peel it once; an order outside them could be shorter and is not found.
 */
public final class OrderSearch {
  /** More colours than that are not searched. */
  public static final int MOST_COLOURS = 6;

  private static final int TWO_PAINTS_UP_TO = 4;

  private final LayerStack asked;
  private final List<Region> regions;
  private final double tolerance;

  private OrderSearch(LayerStack asked, List<Region> regions, double tolerance) {
    this.asked = asked;
    this.regions = regions;
    this.tolerance = tolerance;
  }

  /**
   * What was found.
   *
   * @param steps empty where nothing was
   * @param coats of all paints
   * @param worstDeltaE00 over all regions, replayed
   * @param missing what stands in the way, a sentence each; empty where an order was found
   */
  public record FoundOrder(
      List<LayerStep> steps, int coats, double worstDeltaE00, List<String> missing) {
    public FoundOrder {
      steps = List.copyOf(steps);
      missing = List.copyOf(missing);
    }

    /** Whether there is one. */
    public boolean found() {
      return missing.isEmpty();
    }
  }

  /**
   * @param asked sheet, shapes with wanted colours, viewing side and products; its steps are not
   *     looked at
   * @param tolerance ΔE00 that a region may be off, 0.5 to 20
   */
  public static FoundOrder of(LayerStack asked, List<Region> regions, double tolerance) {
    Require.between("tolerance", tolerance, 0.5, 20, "");
    return new OrderSearch(asked, regions, tolerance).run();
  }

  private FoundOrder run() {
    List<ColourGroup> groups = groups();
    if (groups.isEmpty()) {
      return none(List.of("Say which colour at least one shape, or the field, should have."));
    }
    if (groups.size() > MOST_COLOURS) {
      return none(
          List.of(
              "%d colours are wanted; orders are searched for up to %d."
                  .formatted(groups.size(), MOST_COLOURS)));
    }
    List<String> missing = groups.stream().map(this::missing).filter(s -> !s.isEmpty()).toList();
    if (!missing.isEmpty()) {
      return none(missing);
    }
    OrderTrial best = new OrderWays(asked, groups, tolerance).best();
    if (best == null) {
      return none(
          List.of(
              "Each colour is there, but no order of them keeps all regions within ΔE00 %.1f:"
                      .formatted(tolerance)
                  + " a paint that hides better, or a primer under the palest, would help."));
    }
    List<LayerStep> steps = new MaskWriter(asked, regions, groups).written(best.steps());
    LayerStack done = asked.with(steps);
    double worst = done.worst(regions);
    return worst <= tolerance + 1e-9
        ? new FoundOrder(steps, best.coats(), worst, List.of())
        : none(
            List.of("Some shapes lie on each other so that no one stencil covers their colour."));
  }

  private static FoundOrder none(List<String> missing) {
    return new FoundOrder(List.of(), 0, 0, missing);
  }

  /** Regions by wanted colour, in the order in which the colours are first met. */
  private List<ColourGroup> groups() {
    Map<String, List<Region>> byColour = new LinkedHashMap<>();
    for (Region region : regions) {
      String wanted = asked.wantedHex(region.shapes());
      byColour.computeIfAbsent(wanted == null ? "" : wanted, hex -> new ArrayList<>()).add(region);
    }
    if (byColour.size() == 1 && byColour.containsKey("")) {
      return List.of();
    }
    List<ColourGroup> groups = new ArrayList<>();
    int most = byColour.size() > TWO_PAINTS_UP_TO ? 1 : 2;
    byColour.forEach((hex, members) -> groups.add(group(groups.size(), hex, members, most)));
    return groups;
  }

  private ColourGroup group(int number, String hex, List<Region> members, int most) {
    Colour wanted = hex.isEmpty() ? null : Colour.hex(hex);
    Colour bare = asked.with(List.of()).shown(members.get(0).shapes(), asked.seenFrom());
    boolean staysBare = wanted == null || bare.deltaE00(wanted) <= tolerance;
    List<Coating> paints =
        wanted == null
            ? List.of()
            : asked.products().values().stream()
                .filter(paint -> !paint.glazes() && !paint.ground())
                .filter(paint -> nearest(paint, wanted) <= tolerance)
                .sorted(
                    Comparator.<Coating>comparingDouble(paint -> nearest(paint, wanted))
                        .thenComparing(Coating::id))
                .limit(most)
                .toList();
    return new ColourGroup("g" + number, wanted, members, staysBare, paints);
  }

  /** The full colour as it is seen on the nearer of both sides. */
  private double nearest(Coating paint, Colour wanted) {
    Colour full = paint.coats(1_000).on(Colour.BLACK);
    double before = full.deltaE00(wanted);
    return asked.sheet().clear()
        ? Math.min(before, asked.sheet().slab().on(full).deltaE00(wanted))
        : before;
  }

  private String missing(ColourGroup group) {
    if (group.staysBare() || !group.paints().isEmpty() || group.wanted() == null) {
      return "";
    }
    Colour wanted = group.wanted();
    @Nullable Coating near =
        asked.products().values().stream()
            .filter(paint -> !paint.glazes() && !paint.ground())
            .min(Comparator.comparingDouble(paint -> nearest(paint, wanted)))
            .orElse(null);
    return "Nothing given comes within ΔE00 %.1f of %s for “%s”%s"
        .formatted(
            tolerance,
            wanted.hex(),
            asked.name(group.members().get(0).shapes()),
            near == null
                ? "."
                : "; the nearest is %s, ΔE00 %.1f.".formatted(near.name(), nearest(near, wanted)));
  }

  /**
   * Regions that want one colour.
   *
   * @param wanted null where any colour will do
   * @param staysBare whether the sheet as it is will do
   */
  record ColourGroup(
      String id,
      @Nullable Colour wanted,
      List<Region> members,
      boolean staysBare,
      List<Coating> paints) {}

  /** Where a group gets its colour. */
  enum Where {
    BARE,
    VIEWING_SIDE,
    FAR_SIDE;

    Side side(Side seenFrom) {
      return this == VIEWING_SIDE ? seenFrom : seenFrom.across();
    }
  }
}
