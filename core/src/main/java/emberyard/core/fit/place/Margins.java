package emberyard.core.fit.place;

import emberyard.core.build.Face;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;

/**
 * How much is free on each side of a placed thing: to the next hard box or to the wall of its bay.
 *
 * @param play free length along width, depth and height, both sides together
 * @param tightest the smallest play, where things could still be moved
 * @param between what bounds the tightest
 */
public record Margins(
    double leftMm,
    double rightMm,
    double frontMm,
    double backMm,
    double belowMm,
    double aboveMm,
    Axis tightest,
    String between) {
  /** Margins of one thing among the others. */
  public static Margins of(Placed placed, List<Placed> all) {
    double[] low = new double[3];
    double[] high = new double[3];
    String[] by = new String[3];
    for (int axis = 0; axis < 3; axis++) {
      Room room = Room.of(placed, all, axis);
      low[axis] = room.belowMm();
      high[axis] = room.aboveMm();
      by[axis] = room.words();
    }
    int tight = 0;
    for (int axis = 1; axis < 3; axis++) {
      if (low[axis] + high[axis] < low[tight] + high[tight] - Box.TOUCH_MM) {
        tight = axis;
      }
    }
    return new Margins(
        low[0], high[0], low[1], high[1], low[2], high[2], Axis.values()[tight], by[tight]);
  }

  /** Free length along an axis, both sides together. */
  public double playMm(Axis axis) {
    return switch (axis) {
      case X -> leftMm + rightMm;
      case Y -> frontMm + backMm;
      case Z -> belowMm + aboveMm;
    };
  }

  /** The smallest play. */
  public double tightestMm() {
    return playMm(tightest);
  }

  /** The margin on one side. */
  public double on(Face side) {
    return switch (side) {
      case LEFT -> leftMm;
      case RIGHT -> rightMm;
      case FRONT -> frontMm;
      case BACK -> backMm;
      case BOTTOM -> belowMm;
      case TOP -> aboveMm;
    };
  }

  /**
   * Moves each thing to the middle of what is free to its left and right, front and back; it stays
   * on what it stands on. No move takes it through another.
   */
  public static List<Placed> centred(List<Placed> placed) {
    List<Placed> now = new ArrayList<>(placed);
    for (int i = 0; i < now.size(); i++) {
      if (now.get(i).item().pin() == null) {
        now.set(i, alone(now.get(i), now));
      }
    }
    return List.copyOf(now);
  }

  /**
   * One thing in the middle of what the others leave free to its left and right, front and back.
   */
  static Placed alone(Placed thing, List<Placed> all) {
    Placed one = thing;
    for (int axis = 0; axis < 2; axis++) {
      Room room = Room.of(one, all, axis);
      one = one.moved(axis, one.hull().from(axis) + (room.aboveMm() - room.belowMm()) / 2);
    }
    return one;
  }

  /** What is free below and above along one axis, and what ends it. */
  private record Room(double belowMm, double aboveMm, String below, String above) {
    static Room of(Placed placed, List<Placed> all, int axis) {
      Box wall = placed.cavity().box();
      double least = placed.hull().from(axis) - wall.from(axis);
      double most = wall.to(axis) - placed.hull().to(axis);
      String under = "the wall";
      String over = "the wall";
      Box hull = placed.hull();
      List<Solid> own = placed.hard();
      for (Placed other : all) {
        Box beside = other.hull();
        // what is past the wall or not beside it ends nothing: most things, and hulls are cheap
        if (!facing(hull, beside, axis)
            || beside.from(axis) - hull.to(axis) >= most
            || hull.from(axis) - beside.to(axis) >= least
            || other.item().id().equals(placed.item().id())) {
          continue;
        }
        List<Solid> others = other.hard();
        for (Solid mine : own) {
          for (Solid its : others) {
            if (!facing(mine.box(), its.box(), axis)) {
              continue;
            }
            double above = its.box().from(axis) - mine.box().to(axis);
            double below = mine.box().from(axis) - its.box().to(axis);
            if (above > -Box.TOUCH_MM && above < most) {
              most = Math.max(0, above);
              over = other.item().name();
            }
            if (below > -Box.TOUCH_MM && below < least) {
              least = Math.max(0, below);
              under = other.item().name();
            }
          }
        }
      }
      return new Room(least, most, under, over);
    }

    private static boolean facing(Box mine, Box its, int axis) {
      return mine.along((axis + 1) % 3, its) && mine.along((axis + 2) % 3, its);
    }

    String words() {
      return below.equals(above) ? below : below + " and " + above;
    }
  }
}
