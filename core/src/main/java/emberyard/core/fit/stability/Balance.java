package emberyard.core.fit.stability;

import emberyard.core.build.Support;
import emberyard.core.units.Figures;
import emberyard.core.units.Require;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Where a build's weight lies and how it stands.
 *
 * @param loads what each support carries, in the order given; empty without supports
 * @param footing corners of the ground it stands on, counter-clockwise; empty without supports
 * @param tips how far it can be tilted over each edge; empty without supports
 * @param leastTipDegrees the smallest of them, null without supports
 */
public record Balance(
    double massKg,
    Point centre,
    List<Load> loads,
    List<Point> footing,
    List<Tip> tips,
    @Nullable Double leastTipDegrees,
    Why why) {
  /** Below this a push tips it. */
  public static final double LEAST_TIP_DEGREES = 10;

  /** Less is nothing. */
  private static final double HARDLY_KG = 1e-6;

  private static final double SAME_MM = 1e-6;

  /** Something with weight: 0 to 2,000 kg. */
  public record Weight(String name, double massKg, double xMm, double yMm, double zMm) {
    public Weight {
      Require.between("massKg", massKg, 0, 2_000, "kg");
      Require.between("xMm", xMm, -10_000, 10_000, "mm");
      Require.between("yMm", yMm, -10_000, 10_000, "mm");
      Require.between("zMm", zMm, -10_000, 10_000, "mm");
    }

    /** The same further right and back. */
    Weight moved(double rightMm, double backMm) {
      return new Weight(name, massKg, xMm + rightMm, yMm + backMm, zMm);
    }

    /** The same, so many times as heavy. */
    Weight times(double factor) {
      return new Weight(name, massKg * factor, xMm, yMm, zMm);
    }
  }

  /** A point, mm. */
  public record Point(double xMm, double yMm, double zMm) {}

  /**
   * What a support carries.
   *
   * @param name of the support
   * @param atMm how far back it lies, a line's middle
   * @param acrossMm how far right; null for a line without ends
   * @param share of the whole, negative where it would have to be held down
   * @param worstKg on a floor that isn't flat, when any three points carry all
   * @param mostKg what it may carry; null where nobody said
   */
  public record Load(
      String name,
      double atMm,
      @Nullable Double acrossMm,
      double massKg,
      double share,
      double worstKg,
      @Nullable Double mostKg) {
    private static final double NEAR = 0.9;

    /** Whether it carries more than it may. */
    public boolean over() {
      return mostKg != null && worstKg > mostKg + HARDLY_KG;
    }

    /** Whether it carries no more than nine tenths of what it may. */
    public boolean kept() {
      return mostKg == null || worstKg <= NEAR * mostKg + HARDLY_KG;
    }

    /** What it carries beyond nine tenths of what it may, as a share of that. */
    double excess() {
      return kept() ? 0 : worstKg / Math.max(HARDLY_KG, mostKg) - NEAR;
    }

    /** Whether nothing rests on it while others are pressed. */
    public boolean lifts() {
      return massKg < HARDLY_KG;
    }
  }

  /** How far it can be tilted over an edge, degrees; negative where it falls by itself. */
  public record Tip(String over, double degrees) {}

  /**
   * Something it stands on.
   *
   * @param points one for a foot, two for a line
   * @param mostKg what they may carry together; null where nobody said
   */
  public record Stand(String name, List<Point> points, @Nullable Double mostKg) {
    public static Stand of(Support support) {
      Point from = new Point(support.xMm(), support.yMm(), 0);
      Point to = new Point(support.endXMm(), support.endYMm(), 0);
      return new Stand(
          support.name(), support.line() ? List.of(from, to) : List.of(from), support.mostKg());
    }

    /** Whether a build can stand on them: two points that are not one. */
    public static boolean enough(List<Stand> stands) {
      return stands.stream().flatMap(stand -> stand.points().stream()).distinct().count() > 1;
    }

    private Point middle() {
      return new Point(
          points.stream().mapToDouble(Point::xMm).average().orElseThrow(),
          points.stream().mapToDouble(Point::yMm).average().orElseThrow(),
          0);
    }

    /** Which of its points lies there, in words. */
    private Optional<String> called(double xMm, double yMm) {
      return points.stream()
          .filter(p -> Math.hypot(p.xMm() - xMm, p.yMm() - yMm) < SAME_MM)
          .findFirst()
          .map(p -> points.size() == 1 ? name : name + ", " + end(p));
    }

    private String end(Point p) {
      double dx = p.xMm() - middle().xMm();
      double dy = p.yMm() - middle().yMm();
      if (Math.abs(dx) >= Math.abs(dy)) {
        return dx < 0 ? "left" : "right";
      }
      return dy < 0 ? "front" : "back";
    }
  }

  /**
   * Mass and centre of gravity Σ m·x / Σ m. Source: statics.
   *
   * <p>Example: 1.1 kg at 90, 2.4 at 210, 1.8 at 330, 0.9 at 480: 6.2 kg, centre 262.7.
   *
   * @param weights that weigh something together
   */
  public static Balance of(List<Weight> weights) {
    double mass = weights.stream().mapToDouble(Weight::massKg).sum();
    Require.that(mass > 0, "items", "Nothing here weighs anything.");
    Point centre =
        new Point(
            weights.stream().mapToDouble(w -> w.massKg() * w.xMm()).sum() / mass,
            weights.stream().mapToDouble(w -> w.massKg() * w.yMm()).sum() / mass,
            weights.stream().mapToDouble(w -> w.massKg() * w.zMm()).sum() / mass);
    return new Balance(
        mass,
        centre,
        List.of(),
        List.of(),
        List.of(),
        null,
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
   * On two lines across of which only the place along y is known: the front one carries M (L −
   * y)/L.
   *
   * <p>Example: the weights of {@link #of} on lines at 0 and 500: the front one carries 47.5 %.
   */
  public static Balance onLines(List<Weight> weights, double frontMm, double backMm) {
    Require.that(backMm > frontMm, "supports", "Give two lines of support, one behind the other.");
    Balance free = of(weights);
    double front = (backMm - free.centre().yMm()) / (backMm - frontMm);
    return free.with(
        List.of(
            free.load("front", frontMm, null, front), free.load("back", backMm, null, 1 - front)),
        List.of(),
        List.of(
            tip("front", free.centre().yMm() - frontMm, free.centre()),
            tip("back", backMm - free.centre().yMm(), free.centre())));
  }

  /** Whether no support carries more than nine tenths of what it may. */
  boolean kept() {
    return loads.stream().allMatch(Load::kept);
  }

  private Load load(String name, double atMm, @Nullable Double acrossMm, double share) {
    return new Load(name, atMm, acrossMm, massKg * share, share, massKg * share, null);
  }

  private Balance with(List<Load> carried, List<Point> corners, List<Tip> over) {
    OptionalDouble least = over.stream().mapToDouble(Tip::degrees).min();
    return new Balance(
        massKg,
        centre,
        List.copyOf(carried),
        corners,
        List.copyOf(over),
        least.isEmpty() ? null : least.getAsDouble(),
        why);
  }

  /**
   * Hanging on hooks: only where they lie from left to right counts, and it doesn't tip. At worst
   * only two of them hold, or one.
   *
   * @param hooks at least one
   */
  public static Balance hung(List<Weight> weights, List<Stand> hooks) {
    Balance free = of(weights);
    List<Load> loads = new ArrayList<>();
    for (Stand hook : hooks) {
      double kg = 0;
      double worst = 0;
      for (Point point : hook.points()) {
        kg += Hooks.carries(point, hooks, free);
        worst += Hooks.worst(point, hooks, free);
      }
      Point at = hook.middle();
      double most = Math.min(free.massKg(), Math.max(kg, worst));
      loads.add(
          new Load(hook.name(), at.yMm(), at.xMm(), kg, kg / free.massKg(), most, hook.mostKg()));
    }
    return free.with(loads, List.of(), List.of());
  }

  /**
   * On points.
   *
   * <p>Example: 6 kg at (150, 170, 300) and 2 kg at (80, 90, 120) on the triangle (0,0) (300,0)
   * (150,300): least tip angle 11.4°.
   *
   * @param supports 2 to 200 points that are not all one
   */
  public static Balance onPoints(List<Weight> weights, List<Point> supports) {
    Require.between("supports", supports.size(), 2, 200, "supports");
    return on(
        weights,
        supports.stream()
            .map(p -> new Stand("(%.0f, %.0f)".formatted(p.xMm(), p.yMm()), List.of(p), null))
            .toList());
  }

  /**
   * On feet and lines: what each carries ({@link Reactions}), the worst of any three points ({@link
   * Uneven}), and how far it can be tilted over each edge of their convex hull.
   *
   * @param stands with two points or more that are not all one
   */
  public static Balance on(List<Weight> weights, List<Stand> stands) {
    List<Point> points = stands.stream().flatMap(stand -> stand.points().stream()).toList();
    SupportHull hull = SupportHull.of(points);
    Balance free = of(weights);
    List<Double> carried = Reactions.of(points, free.massKg(), free.centre());
    List<Double> worst = Uneven.worst(stands, free.massKg(), free.centre());
    List<Load> loads = new ArrayList<>();
    int first = 0;
    for (int i = 0; i < stands.size(); i++) {
      Stand stand = stands.get(i);
      int next = first + stand.points().size();
      double kg = carried.subList(first, next).stream().mapToDouble(each -> each).sum();
      Point at = stand.middle();
      double most = Math.max(kg, worst.get(i));
      loads.add(
          new Load(stand.name(), at.yMm(), at.xMm(), kg, kg / free.massKg(), most, stand.mostKg()));
      first = next;
    }
    List<Tip> tips =
        hull.edges().stream()
            .map(edge -> tip(over(edge, stands), edge.inside(free.centre()), free.centre()))
            .toList();
    List<Point> corners =
        hull.edges().stream().map(edge -> new Point(edge.fromXMm(), edge.fromYMm(), 0)).toList();
    return free.with(loads, corners, tips);
  }

  /** "front", or the two supports the edge joins. */
  private static String over(SupportHull.Edge edge, List<Stand> stands) {
    return edge.side()
        .orElseGet(
            () ->
                called(stands, edge.fromXMm(), edge.fromYMm())
                    + " to "
                    + called(stands, edge.toXMm(), edge.toYMm()));
  }

  private static String called(List<Stand> stands, double xMm, double yMm) {
    return stands.stream()
        .flatMap(stand -> stand.called(xMm, yMm).stream())
        .findFirst()
        .orElseThrow();
  }

  private static Tip tip(String over, double distance, Point centre) {
    return new Tip(over, Math.toDegrees(Math.atan2(distance, Math.max(centre.zMm(), 1e-6))));
  }
}
