package emberyard.core.finish.art;

import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.finding.Remedy;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.layer.LayerStack;
import emberyard.core.finish.layer.OrderSearch;
import emberyard.core.finish.layer.Region;
import emberyard.core.units.Remembered;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Ways to get the colours that are wanted: one step moved, or the order that is found. */
final class OrderRemedies {
  private static final Remembered<Key, List<Remedy>> KNOWN = new Remembered<>(200);

  private OrderRemedies() {}

  /** A search may take some time: it follows from the steps, the shapes and the paints alone. */
  private record Key(Scheme scheme, LayerStack stack, List<Set<String>> regions) {}

  static List<Remedy> of(SchemePlan plan) {
    List<Set<String>> regions = plan.regions().stream().map(Region::shapes).toList();
    return KNOWN.get(new Key(plan.scheme(), plan.stack(), regions), asked -> found(plan));
  }

  private static List<Remedy> found(SchemePlan plan) {
    List<Remedy> remedies = new ArrayList<>();
    Remedy move = oneMove(plan);
    if (move != null) {
      remedies.add(move);
    }
    OrderSearch.FoundOrder found =
        OrderSearch.of(plan.stack(), plan.regions(), LayerFindings.OTHER_COLOUR);
    if (found.found() && move == null) {
      remedies.add(
          new Remedy(
              "Take the order that is found: %d steps, %d coats"
                  .formatted(found.steps().size(), found.coats()),
              Remedy.Change.items("schemes", plan.scheme().id(), "layers", found.steps())));
    }
    if (remedies.isEmpty()) {
      found.missing().forEach(sentence -> remedies.add(Remedy.byHand(sentence)));
      if (found.missing().isEmpty()) {
        remedies.add(Remedy.byHand("Take out or move the step that covers it"));
      }
    }
    return remedies;
  }

  /** The shortest move of one step after which every region is as wanted. */
  private static Remedy oneMove(SchemePlan plan) {
    List<LayerStep> steps = plan.scheme().layers();
    LayerStack stack = plan.stack();
    if (stack.steps().size() != steps.size() || plan.layers().worstDeltaE00() == null) {
      return null;
    }
    for (int distance = 1; distance < steps.size(); distance++) {
      for (int from = 0; from < steps.size(); from++) {
        for (int to : new int[] {from + distance, from - distance}) {
          if (to < 0 || to >= steps.size()) {
            continue;
          }
          List<LayerStep> moved = new ArrayList<>(steps);
          LayerStep step = moved.remove(from);
          moved.add(to, step);
          if (step.op().coats()
              && stack.with(moved).worst(plan.regions()) <= LayerFindings.OTHER_COLOUR) {
            return new Remedy(
                label(stack, moved, to, to > from),
                Remedy.Change.items("schemes", plan.scheme().id(), "layers", moved));
          }
        }
      }
    }
    return null;
  }

  private static String label(LayerStack stack, List<LayerStep> moved, int at, boolean later) {
    LayerStep beside = moved.get(later ? at - 1 : at + 1);
    return "Move %s %s the %s"
        .formatted(name(stack, moved.get(at)), later ? "after" : "before", name(stack, beside));
  }

  private static String name(LayerStack stack, LayerStep step) {
    return step.op().coats() && stack.products().containsKey(step.productId())
        ? stack.products().get(step.productId()).name()
        : step.op().words();
  }
}
