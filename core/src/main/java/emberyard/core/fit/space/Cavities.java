package emberyard.core.fit.space;

import emberyard.core.build.Bay;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Seat;
import emberyard.core.fit.place.Cavity;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;

/** The spaces of an enclosure as they are after the work at the bench, at their worst size. */
public final class Cavities {
  private Cavities() {}

  /**
   * Bays after moving, widening and cutting away, less their tolerance. The space of a bay that is
   * cut away goes to the bays beside it that it covers wholly; where it covers none it stays as
   * free space.
   */
  public static List<Cavity> of(Enclosure enclosure) {
    List<Cavity> cavities = new ArrayList<>();
    for (Bay bay : enclosure.bays()) {
      if (!bay.change().cutAway()) {
        Box box = bay.changedBox();
        for (Bay other : enclosure.bays()) {
          if (other.change().cutAway() && opens(other, bay)) {
            box = box.around(other.changedBox());
          }
        }
        cavities.add(cavity(bay, box, bay.accepts()));
      } else if (enclosure.bays().stream().noneMatch(each -> opens(bay, each))) {
        cavities.add(cavity(bay, bay.changedBox(), List.of(Seat.FREE)));
      }
    }
    return List.copyOf(cavities);
  }

  /** Whether taking one bay out makes another larger: it lies against it and covers it. */
  static boolean opens(Bay away, Bay beside) {
    if (away.id().equals(beside.id()) || beside.change().cutAway()) {
      return false;
    }
    Box gone = away.changedBox();
    Box kept = beside.changedBox();
    for (int axis = 0; axis < 3; axis++) {
      boolean touches =
          Math.abs(gone.to(axis) - kept.from(axis)) < WALL_MM
              || Math.abs(kept.to(axis) - gone.from(axis)) < WALL_MM;
      if (touches && covers(gone, kept, (axis + 1) % 3) && covers(gone, kept, (axis + 2) % 3)) {
        return true;
      }
    }
    return false;
  }

  /** The sheet between two bays. */
  private static final double WALL_MM = 3;

  private static boolean covers(Box gone, Box kept, int axis) {
    return gone.from(axis) <= kept.from(axis) + Box.TOUCH_MM
        && gone.to(axis) >= kept.to(axis) - Box.TOUCH_MM;
  }

  private static Cavity cavity(Bay bay, Box box, List<Seat> accepts) {
    double[] tolerance = {bay.toleranceXMm(), bay.toleranceYMm(), bay.toleranceZMm()};
    Box usable = box;
    for (int axis = 0; axis < 3; axis++) {
      double less = Math.min(tolerance[axis], usable.length(axis) - 0.5);
      usable = usable.between(axis, usable.from(axis) + less / 2, usable.to(axis) - less / 2);
    }
    return new Cavity(bay.id(), bay.name(), usable, accepts, bay.access());
  }
}
