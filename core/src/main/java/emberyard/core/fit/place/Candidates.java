package emberyard.core.fit.place;

import emberyard.core.geometry.Box;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Places where one thing might lie while all others stay, bays of its own kind first: before its
 * opening; at a wall or touching another thing along each axis; and each of these in the middle of
 * what is free to its left and right, front and back.
 */
final class Candidates {
  private final Item item;
  private final List<Placed> others;
  private final List<Box> boxes;
  private final Predicate<Placed> taken;
  private final Set<Spot> seen = new HashSet<>();
  private int looks;

  private Candidates(Item item, List<Placed> others, Predicate<Placed> taken, int mostLooks) {
    this.item = item;
    this.others = others;
    this.boxes = others.stream().flatMap(each -> each.hard().stream()).map(Solid::box).toList();
    this.taken = taken;
    this.looks = mostLooks;
  }

  /** A corner in an option, by the hundredth of a millimetre. */
  private record Spot(Cavity cavity, Posture posture, long x, long y, long z) {}

  /**
   * Whether one of them was taken.
   *
   * @param aim the opening it should lie before, flat in its face; null for none
   * @param taken asked about free places, one by one
   * @param mostLooks corners tested before it is given up
   */
  static boolean any(
      Item item,
      List<Cavity> cavities,
      List<Placed> others,
      @Nullable Box aim,
      Predicate<Placed> taken,
      int mostLooks) {
    Candidates candidates = new Candidates(item, others, taken, mostLooks);
    return Option.of(item, cavities).stream().anyMatch(option -> candidates.in(option, aim));
  }

  private boolean in(Option option, @Nullable Box aim) {
    seen.clear();
    if (aim != null && at(before(aim, option))) {
      return true;
    }
    Cavity cavity = option.cavity();
    Posture posture = option.posture();
    double[][] starts = {starts(0, option), starts(1, option), starts(2, option)};
    for (double z : starts[2]) {
      for (double y : starts[1]) {
        for (double x : starts[0]) {
          if (looks-- <= 0) {
            return false;
          }
          if (at(new Placed(item, cavity, posture, x, y, z))) {
            return true;
          }
        }
      }
    }
    return false;
  }

  /** As it is there, then in the middle of what is free. */
  private boolean at(Placed there) {
    if (!there.cavity().box().contains(there.hull()) || !free(there)) {
      return false;
    }
    return once(there) || once(Margins.alone(there, others));
  }

  private boolean once(Placed there) {
    Spot spot =
        new Spot(
            there.cavity(),
            there.posture(),
            Math.round(there.xMm() * 100),
            Math.round(there.yMm() * 100),
            Math.round(there.zMm() * 100));
    return seen.add(spot) && taken.test(there);
  }

  private boolean free(Placed there) {
    for (Solid solid : there.posture().hard()) {
      Box box = solid.box().moved(there.xMm(), there.yMm(), there.zMm());
      for (Box other : boxes) {
        if (box.overlaps(other)) {
          return false;
        }
      }
    }
    return true;
  }

  /** Over the middle of an opening and as near to it as the bay allows. */
  private Placed before(Box opening, Option option) {
    double[] at = new double[3];
    for (int axis = 0; axis < 3; axis++) {
      double length = option.posture().hull().length(axis);
      double least = option.cavity().box().from(axis);
      double most = Math.max(least, option.cavity().box().to(axis) - length);
      double middle = (opening.from(axis) + opening.to(axis) - length) / 2;
      at[axis] = Math.min(most, Math.max(least, middle));
    }
    return new Placed(item, option.cavity(), option.posture(), at[0], at[1], at[2]);
  }

  /** Walls, and the sides of what lies there: where a thing touches something. */
  private double[] starts(int axis, Option option) {
    Box space = option.cavity().box();
    double length = option.posture().hull().length(axis);
    double least = space.from(axis);
    double most = Math.max(least, space.to(axis) - length);
    TreeSet<Double> starts = new TreeSet<>(List.of(least, most));
    for (Box box : boxes) {
      if (box.overlaps(space)) {
        for (double at : new double[] {box.to(axis), box.from(axis) - length}) {
          if (at > least && at < most) {
            starts.add(at);
          }
        }
      }
    }
    return starts.stream().mapToDouble(Double::doubleValue).toArray();
  }
}
