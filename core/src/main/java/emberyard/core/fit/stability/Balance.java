package emberyard.core.fit.stability;

import emberyard.core.units.Figures;
import emberyard.core.units.Require;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a build's weight lies and how it stands.
 *
 * @param loads what each line of support carries, front to back, or each point in the order given;
 *     empty without supports
 * @param tips how far it can be tilted over each edge; empty without supports
 * @param leastTipDegrees the smallest of them, null without supports
 */
public record Balance(
    double massKg,
    Point centre,
    List<Load> loads,
    List<Tip> tips,
    @Nullable Double leastTipDegrees,
    Why why) {
  /** Below this a push tips it. */
  public static final double LEAST_TIP_DEGREES = 10;

  /** Something with weight: 0 to 2,000 kg. */
  public record Weight(String name, double massKg, double xMm, double yMm, double zMm) {
    public Weight {
      Require.between("massKg", massKg, 0, 2_000, "kg");
      Require.between("xMm", xMm, -10_000, 10_000, "mm");
      Require.between("yMm", yMm, -10_000, 10_000, "mm");
      Require.between("zMm", zMm, -10_000, 10_000, "mm");
    }
  }

  /** A point, mm. */
  public record Point(double xMm, double yMm, double zMm) {}

  /**
   * What a line or point of support carries.
   *
   * @param atMm how far back it lies
   * @param acrossMm how far right; null for a line from left to right
   * @param share of the whole, negative where it would have to be held down
   */
  public record Load(double atMm, @Nullable Double acrossMm, double massKg, double share) {}

  /** How far it can be tilted over an edge, degrees; negative where it falls by itself. */
  public record Tip(String over, double degrees) {}

  /**
   * Ground it stands on: two lines across, each from left to right.
   *
   * @param leftMm null where only the lines' positions are known
   */
  public record Footing(
      double frontMm, double backMm, @Nullable Double leftMm, @Nullable Double rightMm) {
    public Footing {
      Require.that(
          backMm > frontMm, "supports", "Give two lines of support, one behind the other.");
    }
  }

  /**
   * Centre of gravity Σ m·x / Σ m; front line M (L − y)/L; tip angle atan(distance to the edge ÷
   * height). Source: statics.
   *
   * <p>Example: 1.1 kg at 90, 2.4 at 210, 1.8 at 330, 0.9 at 480 on lines at 0 and 500: 6.2 kg,
   * centre 262.7, the front one carries 47.5 %.
   */
  public static Balance of(List<Weight> weights, @Nullable Footing footing) {
    double mass = weights.stream().mapToDouble(Weight::massKg).sum();
    Require.that(mass > 0, "items", "Nothing here weighs anything.");
    Point centre =
        new Point(
            weights.stream().mapToDouble(w -> w.massKg() * w.xMm()).sum() / mass,
            weights.stream().mapToDouble(w -> w.massKg() * w.yMm()).sum() / mass,
            weights.stream().mapToDouble(w -> w.massKg() * w.zMm()).sum() / mass);
    List<Tip> tips = footing == null ? List.of() : tips(centre, footing);
    return new Balance(
        mass,
        centre,
        footing == null ? List.of() : loads(mass, centre, footing),
        tips,
        tips.isEmpty()
            ? null
            : Double.valueOf(tips.stream().mapToDouble(Tip::degrees).min().orElseThrow()),
        Why.of(
            "Σ mass × place ÷ Σ mass; tip = atan(distance to the edge ÷ height)",
            weights.stream()
                .map(
                    w ->
                        "%s %s kg at %.0f, %.0f, %.0f mm"
                            .formatted(
                                w.name(), Figures.plain(w.massKg()), w.xMm(), w.yMm(), w.zMm()))
                .limit(40)
                .toArray(String[]::new)));
  }

  /**
   * On points: what each carries ({@link Reactions}), and how far it can be tilted over each edge
   * of their convex hull.
   *
   * <p>Example: 6 kg at (150, 170, 300) and 2 kg at (80, 90, 120) on the triangle (0,0) (300,0)
   * (150,300): least tip angle 11.4°.
   *
   * @param supports 2 to 200 points that are not all one
   */
  public static Balance onPoints(List<Weight> weights, List<Point> supports) {
    Require.between("supports", supports.size(), 2, 200, "supports");
    SupportHull hull = SupportHull.of(supports);
    Balance free = of(weights, null);
    List<Double> carried = Reactions.of(supports, free.massKg(), free.centre());
    List<Load> loads = new ArrayList<>();
    for (int i = 0; i < supports.size(); i++) {
      double kg = carried.get(i);
      loads.add(new Load(supports.get(i).yMm(), supports.get(i).xMm(), kg, kg / free.massKg()));
    }
    List<Tip> tips =
        hull.edges().stream()
            .map(edge -> tip(edge.name(), edge.inside(free.centre()), free.centre()))
            .toList();
    double least = tips.stream().mapToDouble(Tip::degrees).min().orElseThrow();
    return new Balance(free.massKg(), free.centre(), List.copyOf(loads), tips, least, free.why());
  }

  private static List<Load> loads(double mass, Point centre, Footing footing) {
    double length = footing.backMm() - footing.frontMm();
    double front = (footing.backMm() - centre.yMm()) / length;
    return List.of(
        new Load(footing.frontMm(), null, mass * front, front),
        new Load(footing.backMm(), null, mass * (1 - front), 1 - front));
  }

  private static List<Tip> tips(Point centre, Footing footing) {
    List<Tip> tips = new ArrayList<>();
    tips.add(tip("front", centre.yMm() - footing.frontMm(), centre));
    tips.add(tip("back", footing.backMm() - centre.yMm(), centre));
    if (footing.leftMm() != null && footing.rightMm() != null) {
      tips.add(tip("left", centre.xMm() - footing.leftMm(), centre));
      tips.add(tip("right", footing.rightMm() - centre.xMm(), centre));
    }
    return List.copyOf(tips);
  }

  private static Tip tip(String over, double distance, Point centre) {
    return new Tip(over, Math.toDegrees(Math.atan2(distance, Math.max(centre.zMm(), 1e-6))));
  }
}
