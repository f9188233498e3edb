package emberyard.core.finish.layer;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.finish.layer.OrderSearch.ColourGroup;
import emberyard.core.finish.optic.CoatCount;
import emberyard.core.finish.optic.Coating;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The ways of masking and painting one side. */
final class SideWays {
  private SideWays() {}

  /**
   * Behind the sheet what goes on first is seen: stencils for all but the first colour lie from the
   * start, and one is peeled before each next colour.
   *
   * @param order the colours in the order in which they go on
   * @param free groups that stay without paint on this side
   */
  static List<LayerStep> far(
      List<ColourGroup> order,
      List<ColourGroup> free,
      Map<ColourGroup, Coating> paints,
      Side seenFrom) {
    Side side = seenFrom.across();
    List<LayerStep> steps = new ArrayList<>();
    if (order.isEmpty()) {
      return steps;
    }
    lay(steps, free, side);
    for (ColourGroup later : order.subList(1, order.size())) {
      lay(steps, List.of(later), side);
    }
    for (int i = 0; i < order.size(); i++) {
      if (i > 0) {
        steps.add(peel(List.of(order.get(i)), side));
      }
      steps.add(coats(order.get(i), side, paints));
    }
    if (!free.isEmpty()) {
      steps.add(peel(free, side));
    }
    return steps;
  }

  /**
   * Before the sheet what goes on last is seen.
   *
   * @param overAll whether a colour goes over all and is masked before the next, or each goes only
   *     where it is wanted
   */
  static List<LayerStep> near(
      List<ColourGroup> order,
      List<ColourGroup> free,
      Map<ColourGroup, Coating> paints,
      Side seenFrom,
      boolean overAll) {
    List<LayerStep> steps = new ArrayList<>();
    if (order.isEmpty()) {
      return steps;
    }
    if (!overAll) {
      for (ColourGroup group : order) {
        List<ColourGroup> others = new ArrayList<>(free);
        order.stream().filter(other -> other != group).forEach(others::add);
        steps.add(stencil("only-" + group.id(), others, seenFrom));
        steps.add(coats(group, seenFrom, paints));
        steps.add(peel("only-" + group.id(), seenFrom));
      }
      return steps;
    }
    lay(steps, free, seenFrom);
    for (int i = 0; i < order.size(); i++) {
      steps.add(coats(order.get(i), seenFrom, paints));
      if (i < order.size() - 1) {
        lay(steps, List.of(order.get(i)), seenFrom);
      }
    }
    List<ColourGroup> masked = new ArrayList<>(free);
    masked.addAll(order.subList(0, order.size() - 1));
    if (!masked.isEmpty()) {
      LayerStep peel = LayerStep.on("peel-" + name(masked), seenFrom, LayerOp.PEEL, List.of());
      List<String> stencils = new ArrayList<>();
      if (!free.isEmpty()) {
        stencils.add("mask-" + name(free));
      }
      order.subList(0, order.size() - 1).forEach(g -> stencils.add("mask-" + g.id()));
      steps.add(peel.peeling(stencils));
    }
    return steps;
  }

  private static void lay(List<LayerStep> steps, List<ColourGroup> over, Side side) {
    if (!over.isEmpty()) {
      steps.add(stencil("mask-" + name(over), over, side));
    }
  }

  private static LayerStep stencil(String id, List<ColourGroup> over, Side side) {
    return LayerStep.on(id, side, LayerOp.STENCIL, over.stream().map(ColourGroup::id).toList());
  }

  private static LayerStep peel(List<ColourGroup> over, Side side) {
    return peel("mask-" + name(over), side);
  }

  private static LayerStep peel(String stencil, Side side) {
    return LayerStep.on("peel-" + stencil, side, LayerOp.PEEL, List.of()).peeling(List.of(stencil));
  }

  private static LayerStep coats(ColourGroup group, Side side, Map<ColourGroup, Coating> paints) {
    return LayerStep.coats(
        "paint-" + group.id(), side, LayerOp.PAINT, paints.get(group).id(), CoatCount.LEAST);
  }

  private static String name(List<ColourGroup> groups) {
    return String.join("-", groups.stream().map(ColourGroup::id).toList());
  }
}
