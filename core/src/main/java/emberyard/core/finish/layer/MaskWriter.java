package emberyard.core.finish.layer;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.finish.layer.OrderSearch.ColourGroup;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Writes steps that name groups of regions as steps that name shapes. A group that is no plain
 * union of shapes becomes several stencils, which are peeled together.
 */
final class MaskWriter {
  private final List<Region> regions;
  private final List<String> order;
  private final Map<String, ColourGroup> groups = new HashMap<>();
  private final Map<String, List<String>> laid = new HashMap<>();

  MaskWriter(LayerStack asked, List<Region> regions, List<ColourGroup> groups) {
    this.regions = regions;
    this.order = List.copyOf(asked.shapes().keySet());
    groups.forEach(group -> this.groups.put(group.id(), group));
  }

  List<LayerStep> written(List<LayerStep> steps) {
    List<LayerStep> written = new ArrayList<>();
    for (LayerStep step : steps) {
      if (step.op() == LayerOp.STENCIL) {
        written.addAll(stencils(step));
      } else if (step.op() == LayerOp.PEEL) {
        List<String> all = new ArrayList<>();
        step.peels().forEach(id -> all.addAll(laid.getOrDefault(id, List.of())));
        written.add(step.peeling(all));
      } else {
        written.add(step);
      }
    }
    return written;
  }

  private List<LayerStep> stencils(LayerStep step) {
    Set<Set<String>> wanted = new HashSet<>();
    step.shapes()
        .forEach(id -> groups.get(id).members().forEach(region -> wanted.add(region.shapes())));
    List<LayerStep> stencils = areas(step, wanted);
    laid.put(step.id(), stencils.stream().map(LayerStep::id).toList());
    return stencils;
  }

  private List<LayerStep> areas(LayerStep step, Set<Set<String>> wanted) {
    Set<String> tops = new HashSet<>();
    wanted.forEach(region -> tops.add(top(region)));
    List<String> mine = order.stream().filter(tops::contains).toList();
    if (!wanted.contains(Set.<String>of())) {
      return within(step, wanted, mine);
    }
    List<String> others =
        order.stream().filter(shape -> !tops.contains(shape) && present(shape)).toList();
    LayerStep field = step.on(others, !others.isEmpty(), List.of());
    Set<Set<String>> left = new HashSet<>();
    wanted.stream().filter(region -> !field.reaches(region)).forEach(left::add);
    List<LayerStep> all = new ArrayList<>(List.of(field));
    if (!left.isEmpty()) {
      List<String> tipped =
          order.stream().filter(s -> left.stream().anyMatch(r -> top(r).equals(s))).toList();
      all.addAll(within(renamed(step, "-more"), left, tipped));
    }
    return all;
  }

  /** Shapes less those that lie on them; one stencil where that is right everywhere. */
  private List<LayerStep> within(LayerStep step, Set<Set<String>> wanted, List<String> mine) {
    LayerStep one = step.on(mine, false, over(mine, wanted));
    if (exact(one, wanted)) {
      return List.of(one);
    }
    List<LayerStep> each = new ArrayList<>();
    for (String shape : mine) {
      LayerStep named = each.isEmpty() ? step : renamed(step, "-" + (each.size() + 1));
      each.add(named.on(List.of(shape), false, over(List.of(shape), wanted)));
    }
    return each;
  }

  private boolean exact(LayerStep step, Set<Set<String>> wanted) {
    return regions.stream().allMatch(r -> step.reaches(r.shapes()) == wanted.contains(r.shapes()));
  }

  /** Shapes that lie on these somewhere and are not wanted there. */
  private List<String> over(List<String> mine, Set<Set<String>> wanted) {
    Set<String> over = new HashSet<>();
    for (Region region : regions) {
      if (mine.stream().anyMatch(region.shapes()::contains) && !wanted.contains(region.shapes())) {
        over.add(top(region.shapes()));
      }
    }
    return order.stream().filter(shape -> over.contains(shape) && !mine.contains(shape)).toList();
  }

  private boolean present(String shape) {
    return regions.stream().anyMatch(region -> region.shapes().contains(shape));
  }

  private String top(Set<String> region) {
    String top = "";
    for (String shape : order) {
      top = region.contains(shape) ? shape : top;
    }
    return top;
  }

  private static LayerStep renamed(LayerStep step, String suffix) {
    return new LayerStep(
        step.id() + suffix,
        step.side(),
        step.op(),
        step.productId(),
        step.coats(),
        step.shapes(),
        step.outside(),
        step.less(),
        step.peels(),
        step.times());
  }
}
