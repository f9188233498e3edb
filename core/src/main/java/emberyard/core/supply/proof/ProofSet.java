package emberyard.core.supply.proof;

import static emberyard.core.build.ComponentKind.BOARD;
import static emberyard.core.build.ComponentKind.COOLER;
import static emberyard.core.build.ComponentKind.GRAPHICS;
import static emberyard.core.build.ComponentKind.MEMORY;
import static emberyard.core.build.ComponentKind.PROCESSOR;
import static emberyard.core.build.ComponentKind.SUPPLY;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What has to stand on the bench for a component to show that it works. */
final class ProofSet {
  /** What starts: a picture, a drive, a card are proven on it. */
  private static final Set<ComponentKind> MACHINE =
      Set.of(BOARD, PROCESSOR, MEMORY, COOLER, SUPPLY);

  private ProofSet() {}

  /**
   * The kinds that one of this kind is proven with; the client’s own and those on the shelf too.
   */
  static Set<ComponentKind> kinds(ComponentKind kind) {
    return switch (kind) {
      case BOARD, PROCESSOR, MEMORY, SUPPLY, GRAPHICS, DRIVE, HUB, CONTROLLER, ADAPTER, SPLITTER ->
          besides(kind);
      case RISER -> with(GRAPHICS);
      case COOLER, FAN, PUMP -> Set.of(SUPPLY);
      case ENCLOSURE, RADIATOR, BLOCK, RESERVOIR, SCREEN, BREAKOUT, LEAD, CHARGER, OTHER ->
          Set.of();
    };
  }

  private static Set<ComponentKind> besides(ComponentKind kind) {
    EnumSet<ComponentKind> others = EnumSet.copyOf(MACHINE);
    others.remove(kind);
    return others;
  }

  private static Set<ComponentKind> with(ComponentKind kind) {
    EnumSet<ComponentKind> more = EnumSet.copyOf(MACHINE);
    more.add(kind);
    return more;
  }

  static List<Component> of(Component component, List<Component> all) {
    Set<ComponentKind> kinds = kinds(component.kind());
    return all.stream()
        .filter(each -> kinds.contains(each.kind()) && !each.id().equals(component.id()))
        .toList();
  }
}
