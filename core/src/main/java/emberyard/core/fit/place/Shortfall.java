package emberyard.core.fit.place;

import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * The smallest change along one axis that would let a thing into a bay. Where the others may move,
 * they are placed anew round a smaller and smaller thing until it goes in, to half a millimetre
 * ({@link Shrinking}); where that takes less than with the others as they lie, it is what counts.
 *
 * @param needMm how much more there would have to be, or how much smaller the thing
 * @param freeMm what is free there then
 * @param largestMm how long the thing may be along that axis at most
 * @param inTheWay ids of what bounds the free length
 * @param othersMoved whether others lie elsewhere for it
 */
public record Shortfall(
    Cavity cavity,
    Posture posture,
    Axis axis,
    double needMm,
    double freeMm,
    double largestMm,
    List<String> inTheWay,
    boolean othersMoved) {
  /**
   * Per bay that takes it, turn and axis, where that axis alone is enough; least first.
   *
   * <p>Example: in a row 100 long lie 30 at 35 and 20 at 80: one of 60 lacks 25 mm; where the
   * others may move, 10 mm.
   *
   * @param placed all others where they lie
   */
  public static List<Shortfall> of(Item item, List<Cavity> cavities, List<Placed> placed) {
    return new Shrinking(item, cavities, placed)
        .of(asTheyLie(item, cavities, placed)).stream()
            .filter(each -> each.largestMm() > Box.TOUCH_MM)
            .sorted(LEAST_FIRST)
            .toList();
  }

  private static final Comparator<Shortfall> LEAST_FIRST =
      Comparator.comparingDouble(Shortfall::needMm)
          .thenComparing(s -> s.cavity().id())
          .thenComparing(s -> s.posture().turn())
          .thenComparing(Shortfall::axis);

  /** With all others where they are. */
  private static List<Shortfall> asTheyLie(Item item, List<Cavity> cavities, List<Placed> placed) {
    List<Shortfall> all = new ArrayList<>();
    for (Cavity cavity : cavities) {
      if (cavity.takes(item.seats())) {
        for (Posture posture : item.postures()) {
          for (Axis axis : Axis.values()) {
            along(axis, cavity, posture, placed).ifPresent(all::add);
          }
        }
      }
    }
    all.sort(LEAST_FIRST);
    return all;
  }

  /** The same with the others elsewhere. */
  Shortfall moved() {
    return new Shortfall(cavity, posture, axis, needMm, freeMm, largestMm, inTheWay, true);
  }

  /** What each axis lacks against the empty bay: for things too large in more than one way. */
  public static double[] lacking(Cavity cavity, Posture posture) {
    double[] lacking = new double[3];
    for (int axis = 0; axis < 3; axis++) {
      lacking[axis] = Math.max(0, posture.hull().length(axis) - cavity.box().length(axis));
    }
    return lacking;
  }

  /** What is the least there, with all others where they are. */
  static Optional<Shortfall> along(Axis axis, Cavity cavity, Posture posture, List<Placed> placed) {
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
    return Optional.ofNullable(best).map(gap -> of(cavity, posture, axis, gap));
  }

  private static Shortfall of(Cavity cavity, Posture posture, Axis axis, Gap gap) {
    double free = gap.lengthMm();
    double lacking = Math.max(0, posture.hull().length(axis.ordinal()) - free);
    List<String> bounds = gap.bounds().stream().distinct().toList();
    return new Shortfall(cavity, posture, axis, lacking, free, Math.max(0, free), bounds, false);
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
