package emberyard.core.fit.place;

import emberyard.core.build.Fitted;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Depth-first search for places of all things of one group. With patterns it tries every edge they
 * list; without, only the corners that walls and placed things leave.
 */
final class Search {
  private final Group group;
  private final @Nullable Patterns patterns;
  private final int mostTries;
  private final List<Item> order;
  private final List<List<Option>> options;
  private final List<Placed> placed = new ArrayList<>();
  private final List<Box> boxes = new ArrayList<>();
  private int tries;

  Search(Group group, @Nullable Patterns patterns, int mostTries) {
    this.group = group;
    this.patterns = patterns;
    this.mostTries = mostTries;
    this.order =
        group.items().stream()
            .sorted(
                Comparator.comparing((Item item) -> item.pin() == null)
                    .thenComparing(this::choices)
                    .thenComparing(Item.LARGEST_FIRST))
            .toList();
    this.options =
        order.stream()
            .map(item -> Option.of(item, group.cavities()))
            .collect(Collectors.toCollection(ArrayList::new));
  }

  /** One of the things may lie in one of the spaces only. */
  Search only(Item item, Cavity cavity) {
    int index = order.indexOf(item);
    options.set(
        index, options.get(index).stream().filter(each -> each.cavity().equals(cavity)).toList());
    return this;
  }

  private long choices(Item item) {
    return group.cavities().stream().filter(cavity -> cavity.takes(item.seats())).count();
  }

  boolean find() {
    return place(0);
  }

  /** The places found. */
  List<Placed> found() {
    return List.copyOf(placed);
  }

  /** Positions tested. */
  int tries() {
    return tries;
  }

  /** Whether it gave up. */
  boolean stopped() {
    return tries >= mostTries;
  }

  private boolean place(int index) {
    if (index == order.size()) {
      return true;
    }
    Item item = order.get(index);
    if (item.pin() != null) {
      push(pinned(item, group.cavities()));
      return place(index + 1);
    }
    for (Option option : options.get(index)) {
      if (place(index, option.cavity(), option.posture())) {
        return true;
      }
    }
    return false;
  }

  private boolean place(int index, Cavity cavity, Posture posture) {
    double[] across = starts(0, cavity, posture);
    double[] deep = starts(1, cavity, posture);
    double[] up = starts(2, cavity, posture);
    for (double z : up) {
      for (double y : deep) {
        for (double x : across) {
          if (++tries >= mostTries) {
            return false;
          }
          if (free(posture, x, y, z)) {
            push(new Placed(order.get(index), cavity, posture, x, y, z));
            if (place(index + 1)) {
              return true;
            }
            pop();
          }
        }
      }
    }
    return false;
  }

  private void push(Placed what) {
    placed.add(what);
    what.hard().forEach(solid -> boxes.add(solid.box()));
  }

  private void pop() {
    Placed last = placed.remove(placed.size() - 1);
    boxes.subList(boxes.size() - last.posture().hard().size(), boxes.size()).clear();
  }

  private boolean free(Posture posture, double x, double y, double z) {
    for (Solid solid : posture.hard()) {
      Box box = solid.box().moved(x, y, z);
      for (Box other : boxes) {
        if (box.overlaps(other)) {
          return false;
        }
      }
    }
    return true;
  }

  /** Where the corner may lie along an axis so that some left edge touches something. */
  private double[] starts(int axis, Cavity cavity, Posture posture) {
    Box space = cavity.box();
    double least = space.from(axis);
    double most = space.to(axis) - posture.hull().length(axis);
    TreeSet<Double> starts = new TreeSet<>(List.of(least));
    for (Solid solid : posture.hard()) {
      double offset = solid.box().from(axis);
      if (patterns != null) {
        for (double edge : patterns.edges().get(cavity.id()).get(axis)) {
          add(starts, edge - offset, least, most);
        }
      } else {
        boxes.forEach(box -> add(starts, box.to(axis) - offset, least, most));
      }
    }
    return starts.stream().mapToDouble(Double::doubleValue).toArray();
  }

  private static void add(TreeSet<Double> starts, double at, double least, double most) {
    if (at > least && at <= most + Box.TOUCH_MM) {
      starts.add(at);
    }
  }

  /** A thing where a hand put it; in the first space where its own is gone. */
  static Placed pinned(Item item, List<Cavity> cavities) {
    Fitted.Pin pin = item.pin();
    Cavity cavity =
        cavities.stream()
            .filter(candidate -> candidate.id().equals(pin.bayId()))
            .findFirst()
            .orElseGet(() -> cavities.get(0));
    return new Placed(
        item, cavity, Posture.of(pin.turn(), item.own()), pin.xMm(), pin.yMm(), pin.zMm());
  }
}
