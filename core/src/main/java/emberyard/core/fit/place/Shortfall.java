package emberyard.core.fit.place;

import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

/**
 * The smallest change along one axis that would let a thing into a bay, everything else staying
 * where it is.
 *
 * @param needMm how much more there would have to be, or how much smaller the thing
 * @param freeMm what is free there now
 * @param largestMm how long the thing may be along that axis at most
 * @param inTheWay names of what bounds the free length
 */
public record Shortfall(
    Cavity cavity,
    Posture posture,
    Axis axis,
    double needMm,
    double freeMm,
    double largestMm,
    List<String> inTheWay) {

  /** Per bay that takes it, turn and axis, where that axis alone is enough; least first. */
  public static List<Shortfall> of(Item item, List<Cavity> cavities, List<Placed> placed) {
    List<Shortfall> all = new ArrayList<>();
    for (Cavity cavity : cavities) {
      if (cavity.takes(item.seats())) {
        for (Posture posture : item.postures()) {
          for (Axis axis : Axis.values()) {
            along(axis, cavity, posture, placed, all);
          }
        }
      }
    }
    all.sort(
        Comparator.comparingDouble(Shortfall::needMm)
            .thenComparing(s -> s.cavity().id())
            .thenComparing(s -> s.posture().turn())
            .thenComparing(Shortfall::axis));
    return all;
  }

  /** What each axis lacks against the empty bay: for things too large in more than one way. */
  public static double[] lacking(Cavity cavity, Posture posture) {
    double[] lacking = new double[3];
    for (int axis = 0; axis < 3; axis++) {
      lacking[axis] = Math.max(0, posture.hull().length(axis) - cavity.box().length(axis));
    }
    return lacking;
  }

  private static void along(
      Axis axis, Cavity cavity, Posture posture, List<Placed> placed, List<Shortfall> all) {
    int a = axis.ordinal();
    int b = (a + 1) % 3;
    int c = (a + 2) % 3;
    List<Solid> solids = placed.stream().flatMap(p -> p.hard().stream()).toList();
    Gap best = null;
    for (double atB : starts(b, cavity.box(), posture.hull(), solids)) {
      for (double atC : starts(c, cavity.box(), posture.hull(), solids)) {
        Box column =
            cavity
                .box()
                .between(b, atB, atB + posture.hull().length(b))
                .between(c, atC, atC + posture.hull().length(c));
        Gap gap = Gap.largest(a, column, solids);
        if (best == null || gap.lengthMm() > best.lengthMm() + Box.TOUCH_MM) {
          best = gap;
        }
      }
    }
    if (best != null) {
      double length = posture.hull().length(a);
      List<String> names = best.bounds().stream().distinct().toList();
      all.add(
          new Shortfall(
              cavity,
              posture,
              axis,
              Math.max(0, length - best.lengthMm()),
              best.lengthMm(),
              Math.max(0, best.lengthMm()),
              names));
    }
  }

  private static TreeSet<Double> starts(int axis, Box space, Box hull, List<Solid> solids) {
    double least = space.from(axis);
    double most = space.to(axis) - hull.length(axis);
    TreeSet<Double> starts = new TreeSet<>();
    if (most < least - Box.TOUCH_MM) {
      return starts;
    }
    starts.add(least);
    starts.add(Math.max(least, most));
    for (Solid solid : solids) {
      for (double at :
          new double[] {solid.box().to(axis), solid.box().from(axis) - hull.length(axis)}) {
        if (at > least && at < most) {
          starts.add(at);
        }
      }
    }
    return starts;
  }

  /** A free length in a column, and the things at its ends. */
  private record Gap(double lengthMm, List<String> bounds) {
    static Gap largest(int axis, Box column, List<Solid> solids) {
      List<Solid> inside =
          solids.stream()
              .filter(solid -> solid.box().overlaps(column))
              .sorted(Comparator.comparingDouble(solid -> solid.box().from(axis)))
              .toList();
      double free = column.from(axis);
      Solid before = null;
      Gap best = new Gap(-1, List.of());
      for (Solid solid : inside) {
        best = best.or(solid.box().from(axis) - free, before, solid);
        if (solid.box().to(axis) > free) {
          free = solid.box().to(axis);
          before = solid;
        }
      }
      return best.or(column.to(axis) - free, before, null);
    }

    private Gap or(double length, Solid before, Solid after) {
      if (length <= lengthMm) {
        return this;
      }
      List<String> bounds = new ArrayList<>();
      if (before != null) {
        bounds.add(before.ofId());
      }
      if (after != null) {
        bounds.add(after.ofId());
      }
      return new Gap(length, bounds);
    }
  }
}
