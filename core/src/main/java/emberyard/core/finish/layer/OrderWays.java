package emberyard.core.finish.layer;

import emberyard.core.build.LayerStep;
import emberyard.core.colour.Colour;
import emberyard.core.finish.layer.OrderSearch.ColourGroup;
import emberyard.core.finish.layer.OrderSearch.Where;
import emberyard.core.finish.optic.CoatCount;
import emberyard.core.finish.optic.Coating;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Tries all ways of one search; groups stand for shapes. */
final class OrderWays {
  private static final int MOST_COATS = 12;

  private final LayerStack asked;
  private final List<ColourGroup> groups;
  private final double tolerance;
  private final Map<ColourGroup, Coating> paintOf = new LinkedHashMap<>();
  private @Nullable OrderTrial best;

  OrderWays(LayerStack asked, List<ColourGroup> groups, double tolerance) {
    this.asked = asked;
    this.groups = groups;
    this.tolerance = tolerance;
  }

  @Nullable OrderTrial best() {
    assign(0, new LinkedHashMap<>());
    return best;
  }

  /** Gives each group in turn a place and a paint. */
  private void assign(int next, Map<ColourGroup, Where> places) {
    if (next == groups.size()) {
      orders(places);
      return;
    }
    ColourGroup group = groups.get(next);
    if (group.staysBare()) {
      places.put(group, Where.BARE);
      assign(next + 1, places);
    }
    for (Coating paint : group.paints()) {
      paintOf.put(group, paint);
      places.put(group, Where.VIEWING_SIDE);
      assign(next + 1, places);
      if (asked.sheet().clear()) {
        places.put(group, Where.FAR_SIDE);
        assign(next + 1, places);
      }
    }
    places.remove(group);
  }

  private void orders(Map<ColourGroup, Where> places) {
    List<ColourGroup> before = at(places, Where.VIEWING_SIDE);
    List<ColourGroup> behind = at(places, Where.FAR_SIDE);
    if (CoatCount.LEAST * (before.size() + behind.size()) > bestCoats()) {
      return;
    }
    List<ColourGroup> bare = at(places, Where.BARE);
    for (List<ColourGroup> far : permutations(behind)) {
      List<LayerStep> back = SideWays.far(far, bare, paintOf, asked.seenFrom());
      List<ColourGroup> free = new ArrayList<>(bare);
      free.addAll(behind);
      for (List<ColourGroup> near : permutations(before)) {
        for (boolean overAll : new boolean[] {true, false}) {
          List<LayerStep> steps = new ArrayList<>(back);
          steps.addAll(SideWays.near(near, free, paintOf, asked.seenFrom(), overAll));
          attempt(steps);
          if (near.size() < 2) {
            break;
          }
        }
      }
    }
  }

  private int bestCoats() {
    return best == null ? Integer.MAX_VALUE : best.coats();
  }

  private static List<ColourGroup> at(Map<ColourGroup, Where> places, Where where) {
    return places.entrySet().stream()
        .filter(entry -> entry.getValue() == where)
        .map(Map.Entry::getKey)
        .toList();
  }

  /** Adds coats where a region is not near enough yet, until all are or it is no use. */
  private void attempt(List<LayerStep> steps) {
    List<LayerStep> tried = new ArrayList<>(steps);
    while (coats(tried) <= bestCoats()) {
      ColourGroup off = firstOff(tried);
      if (off == null) {
        OrderTrial trial = new OrderTrial(List.copyOf(tried), coats(tried));
        best = trial.betterThan(best) ? trial : best;
        return;
      }
      if (!thicker(tried, off)) {
        return;
      }
    }
  }

  private static int coats(List<LayerStep> steps) {
    return steps.stream().filter(s -> s.op().coats()).mapToInt(LayerStep::coats).sum();
  }

  private @Nullable ColourGroup firstOff(List<LayerStep> steps) {
    LayerStack stack = asked.with(steps);
    for (ColourGroup group : groups) {
      Colour wanted = group.wanted();
      if (wanted != null
          && stack.shown(Set.of(group.id()), asked.seenFrom()).deltaE00(wanted) > tolerance) {
        return group;
      }
    }
    return null;
  }

  private static boolean thicker(List<LayerStep> steps, ColourGroup group) {
    for (int i = 0; i < steps.size(); i++) {
      LayerStep step = steps.get(i);
      if (step.id().equals("paint-" + group.id()) && step.coats() < MOST_COATS) {
        steps.set(i, step.with(step.coats() + 1));
        return true;
      }
    }
    return false;
  }

  private static List<List<ColourGroup>> permutations(List<ColourGroup> groups) {
    if (groups.isEmpty()) {
      return List.of(List.of());
    }
    List<List<ColourGroup>> all = new ArrayList<>();
    for (ColourGroup first : groups) {
      List<ColourGroup> rest = new ArrayList<>(groups);
      rest.remove(first);
      for (List<ColourGroup> tail : permutations(rest)) {
        List<ColourGroup> one = new ArrayList<>(List.of(first));
        one.addAll(tail);
        all.add(one);
      }
    }
    return all;
  }
}
