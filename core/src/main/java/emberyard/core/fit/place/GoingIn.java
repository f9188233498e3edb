package emberyard.core.fit.place;

import emberyard.core.build.Face;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * In which order placed things go in: a thing needs a free way from the access side of its bay.
 *
 * @param order ids, first in first
 * @param closedInBy for each thing, what bars its way out once it is in
 * @param trapped things that bar each other's way in a circle: none can go in last
 */
public record GoingIn(
    List<String> order, Map<String, List<String>> closedInBy, List<String> trapped) {

  /** Derives the order; among equals the larger goes first. */
  public static GoingIn of(List<Placed> placed, Box outer) {
    Map<String, List<String>> barredBy = new LinkedHashMap<>();
    List<Placed> things =
        placed.stream()
            .sorted((one, other) -> Item.LARGEST_FIRST.compare(one.item(), other.item()))
            .toList();
    for (Placed thing : things) {
      List<String> bars = new ArrayList<>();
      for (Placed other : things) {
        if (other != thing && bars(other, thing, outer)) {
          bars.add(other.item().id());
        }
      }
      barredBy.put(thing.item().id(), List.copyOf(bars));
    }
    Set<String> in = new LinkedHashSet<>();
    while (in.size() < things.size() && addNext(things, barredBy, in)) {
      // each round adds one
    }
    List<String> trapped = new ArrayList<>();
    for (Placed thing : things) {
      if (!in.contains(thing.item().id())) {
        trapped.add(thing.item().id());
      }
    }
    List<String> order = new ArrayList<>(in);
    order.addAll(trapped);
    return new GoingIn(List.copyOf(order), barredBy, List.copyOf(trapped));
  }

  /** The first thing that bars nobody who is still outside. */
  private static boolean addNext(
      List<Placed> things, Map<String, List<String>> barredBy, Set<String> in) {
    for (Placed thing : things) {
      String id = thing.item().id();
      boolean barsOne =
          barredBy.entrySet().stream()
              .anyMatch(e -> !in.contains(e.getKey()) && e.getValue().contains(id));
      if (!in.contains(id) && !barsOne) {
        return in.add(id);
      }
    }
    return false;
  }

  /** Whether a thing lies in another's straight way out. Both are taken as they are, with plugs. */
  private static boolean bars(Placed other, Placed thing, Box outer) {
    Box way = wayOut(thing, outer);
    return other.hard().stream().filter(Solid::body).anyMatch(s -> s.box().overlaps(way));
  }

  /** What a thing passes on its straight way out, without itself. */
  public static Box wayOut(Placed thing, Box outer) {
    Box hull = thing.hull();
    Face access = thing.cavity().access();
    int axis = Axis.of(access).ordinal();
    boolean low = access == Face.LEFT || access == Face.FRONT || access == Face.BOTTOM;
    return low
        ? hull.between(axis, Math.min(outer.from(axis), hull.from(axis)), hull.from(axis))
        : hull.between(axis, hull.to(axis), Math.max(outer.to(axis), hull.to(axis)));
  }
}
