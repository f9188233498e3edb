package emberyard.core.fit.place;

import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * All places along each axis at which an edge can lie in a layout that is pushed left, to the front
 * and down: walls, plus sums of what things take from one edge to another. Only walls of cavities
 * that overlap, one through another, and things that may sit in them count for a cavity.
 *
 * @param edges per cavity id sorted values of the three axes
 * @param complete false where there were too many to list
 */
record Patterns(Map<String, List<double[]>> edges, boolean complete) {
  private static final int MOST_EDGES = 3_000;

  static Patterns of(Group group) {
    Map<String, List<double[]>> edges = new HashMap<>();
    boolean complete = true;
    for (Cavity cavity : group.cavities()) {
      Group around = around(cavity, group);
      List<double[]> axes = new ArrayList<>();
      for (int axis = 0; axis < 3; axis++) {
        Sums sums = new Sums(axis, around);
        axes.add(sums.values.stream().mapToDouble(Double::doubleValue).toArray());
        complete &= sums.complete;
      }
      edges.put(cavity.id(), axes);
    }
    return new Patterns(edges, complete);
  }

  /** The cavities that a cavity overlaps, one through another, and what may sit in them. */
  private static Group around(Cavity cavity, Group group) {
    List<Cavity> reached = new ArrayList<>(List.of(cavity));
    List<Cavity> left = new ArrayList<>(group.cavities());
    left.remove(cavity);
    while (left.removeIf(
        other ->
            reached.stream().anyMatch(r -> r.box().overlaps(other.box())) && reached.add(other))) {
      // each round reaches further
    }
    List<Item> items =
        group.items().stream()
            .filter(i -> i.pin() != null || reached.stream().anyMatch(c -> c.takes(i.seats())))
            .toList();
    return new Group(reached, items);
  }

  /** Subset sums along one axis, at most as far as the last wall. */
  private static final class Sums {
    private final TreeSet<Double> values = new TreeSet<>();
    private final double last;
    private boolean complete = true;

    private Sums(int axis, Group group) {
      last = group.cavities().stream().mapToDouble(c -> c.box().to(axis)).max().orElse(0);
      group.cavities().forEach(c -> add(c.box().from(axis)));
      for (Item item : group.items()) {
        if (item.pin() != null) {
          Search.pinned(item, group.cavities()).hard().forEach(s -> add(s.box().to(axis)));
        }
      }
      for (Item item : group.items()) {
        if (item.pin() == null) {
          lengthen(steps(item, axis));
        }
      }
    }

    private void lengthen(TreeSet<Double> steps) {
      for (double from : List.copyOf(values)) {
        for (double step : steps) {
          if (values.size() >= MOST_EDGES) {
            complete = false;
            return;
          }
          add(from + step);
        }
      }
    }

    private void add(double value) {
      Double near = values.floor(value + Box.TOUCH_MM);
      if (value <= last && (near == null || near < value - Box.TOUCH_MM)) {
        values.add(value);
      }
    }

    private static TreeSet<Double> steps(Item item, int axis) {
      TreeSet<Double> steps = new TreeSet<>();
      for (Posture posture : item.postures()) {
        for (Solid left : posture.hard()) {
          for (Solid right : posture.hard()) {
            double step = right.box().to(axis) - left.box().from(axis);
            if (step > Box.TOUCH_MM) {
              steps.add(step);
            }
          }
        }
      }
      return steps;
    }
  }
}
