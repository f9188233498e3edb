package emberyard.core.build;

import emberyard.core.geometry.Rect;
import emberyard.core.geometry.Stretch;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A light run where it lies on a face.
 *
 * @param item what stands for it there
 * @param stretches from its start to its end; of a ring, straight pieces of its circle
 * @param given whether its length follows from where it lies; otherwise it is its own
 */
public record LaidRun(FaceItem item, List<Stretch> stretches, boolean given) {
  /** How wide a strip is drawn, mm; a default. */
  public static final double WIDE_MM = 10;

  private static final int CIRCLE = 32;

  /**
   * Where a run lies; empty while it is on no face.
   *
   * <p>Example: laid along the top and the right edge of a face 400 × 250 mm, 10 mm inwards: 380 +
   * 230 = 610 mm. Round a box of 250 × 70 mm: 640 mm.
   */
  public static Optional<LaidRun> of(DesignLists design, LightStrip strip) {
    return design.items().stream()
        .filter(item -> item.kind() == ItemKind.LIGHT_RUN && strip.id().equals(item.ofId()))
        .findFirst()
        .flatMap(item -> laid(design, strip, item));
  }

  private static Optional<LaidRun> laid(DesignLists design, LightStrip strip, FaceItem item) {
    RunPath along = item.along();
    if (along != null) {
      return FacePlaces.named(design, item.face(), along.itemId())
          .filter(place -> fits(place, along))
          .map(place -> along(item, place, along, strip.shape().byTheMetre()));
    }
    if (item.widthMm() != null && item.heightMm() != null) {
      Rect box = new Rect(item.xMm(), item.yMm(), item.widthMm(), item.heightMm());
      return Optional.of(
          switch (strip.shape()) {
            case RING -> new LaidRun(item, circle(box), false);
            case PANEL -> new LaidRun(item, filled(box), false);
            case BAR -> new LaidRun(item, List.of(middle(box)), false);
            case STRIP -> new LaidRun(item, edges(box, List.of(Edge.values())), true);
          });
    }
    return Optional.of(new LaidRun(item, List.of(middle(straight(item, strip))), false));
  }

  /** All of it, mm. */
  public double lengthMm() {
    return stretches.stream().mapToDouble(Stretch::lengthMm).sum();
  }

  /** Distance of a point from the nearest of its light, 0 on it. */
  public double distanceMm(double x, double y) {
    double nearest =
        stretches.stream().mapToDouble(each -> each.distanceMm(x, y)).min().orElseThrow();
    return Math.max(0, nearest - WIDE_MM / 2);
  }

  /** The box that a strip without a path or a box of its own takes. */
  public static Rect straight(FaceItem item, LightStrip strip) {
    return item.upright()
        ? new Rect(item.xMm(), item.yMm(), WIDE_MM, strip.lengthMm())
        : new Rect(item.xMm(), item.yMm(), strip.lengthMm(), WIDE_MM);
  }

  /** Around all of it, as wide as a strip is. */
  public Rect bounds() {
    Rect all = bar(stretches.get(0));
    for (Stretch each : stretches) {
      Rect bar = bar(each);
      double x = Math.min(all.xMm(), bar.xMm());
      double y = Math.min(all.yMm(), bar.yMm());
      all =
          new Rect(
              x, y, Math.max(all.right(), bar.right()) - x, Math.max(all.top(), bar.top()) - y);
    }
    return all;
  }

  /** What a strip takes along a stretch. */
  public static Rect bar(Stretch stretch) {
    double half = WIDE_MM / 2;
    return new Rect(
        Math.min(stretch.fromXMm(), stretch.toXMm()) - half,
        Math.min(stretch.fromYMm(), stretch.toYMm()) - half,
        Math.abs(stretch.toXMm() - stretch.fromXMm()) + WIDE_MM,
        Math.abs(stretch.toYMm() - stretch.fromYMm()) + WIDE_MM);
  }

  /** Round a box, or along its middle. */
  public static List<Stretch> inBox(Rect box, boolean round) {
    return round ? edges(box, List.of(Edge.values())) : List.of(middle(box));
  }

  private static LaidRun along(FaceItem item, Rect place, RunPath along, boolean given) {
    return new LaidRun(item, edges(place.inset(along.insetMm()), along.edges()), given);
  }

  /** What is left inside has to be something. */
  private static boolean fits(Rect place, RunPath along) {
    return Math.min(place.widthMm(), place.heightMm()) - 2 * along.insetMm() >= 1;
  }

  /** Clockwise along each edge. */
  private static List<Stretch> edges(Rect box, List<Edge> edges) {
    List<Stretch> all = new ArrayList<>();
    for (Edge edge : edges) {
      all.add(
          switch (edge) {
            case TOP -> new Stretch(box.xMm(), box.top(), box.right(), box.top());
            case RIGHT -> new Stretch(box.right(), box.top(), box.right(), box.yMm());
            case BOTTOM -> new Stretch(box.right(), box.yMm(), box.xMm(), box.yMm());
            case LEFT -> new Stretch(box.xMm(), box.yMm(), box.xMm(), box.top());
          });
    }
    return all;
  }

  private static Stretch middle(Rect box) {
    return box.widthMm() >= box.heightMm()
        ? new Stretch(box.xMm(), box.centreY(), box.right(), box.centreY())
        : new Stretch(box.centreX(), box.yMm(), box.centreX(), box.top());
  }

  /** The circle that goes into a box, from its top clockwise. */
  public static List<Stretch> circle(Rect box) {
    double radius = Math.min(box.widthMm(), box.heightMm()) / 2;
    List<Stretch> all = new ArrayList<>();
    for (int i = 0; i < CIRCLE; i++) {
      double from = 2 * Math.PI * i / CIRCLE;
      double to = 2 * Math.PI * (i + 1) / CIRCLE;
      all.add(
          new Stretch(
              box.centreX() + radius * Math.sin(from),
              box.centreY() + radius * Math.cos(from),
              box.centreX() + radius * Math.sin(to),
              box.centreY() + radius * Math.cos(to)));
    }
    return all;
  }

  /** Rows across, as far apart as a strip is wide. */
  private static List<Stretch> filled(Rect box) {
    int rows = (int) Math.max(1, Math.min(CIRCLE, Math.round(box.heightMm() / (2 * WIDE_MM))));
    List<Stretch> all = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      double y = box.yMm() + (row + 0.5) * box.heightMm() / rows;
      all.add(new Stretch(box.xMm(), y, box.right(), y));
    }
    return all;
  }

  /**
   * Stretches as an SVG path, y downwards from the upper left corner of a box; those that go on
   * from each other are one line.
   */
  public static String path(List<Stretch> stretches, Rect box) {
    StringBuilder path = new StringBuilder();
    Stretch before = null;
    for (Stretch each : stretches) {
      boolean goesOn =
          before != null && before.toXMm() == each.fromXMm() && before.toYMm() == each.fromYMm();
      if (!goesOn) {
        path.append(point('M', each.fromXMm(), each.fromYMm(), box));
      }
      path.append(point('L', each.toXMm(), each.toYMm(), box));
      before = each;
    }
    return path.toString();
  }

  private static String point(char letter, double x, double y, Rect box) {
    return String.format(Locale.ROOT, "%c%.2f %.2f", letter, x - box.xMm(), box.top() - y);
  }
}
