package emberyard.core.fit.stability;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.finding.Remedy;
import emberyard.core.fit.stability.Balance.Stand;
import emberyard.core.fit.stability.Balance.Weight;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What to move, and how far, so that no support carries more than it may. */
final class ShiftedWeight {
  private static final int TRIED = 4;
  private static final int TOLD = 2;

  private ShiftedWeight() {}

  /** The shortest ways for the heaviest components; empty where none helps by itself. */
  static List<Remedy> of(Build build, Enclosure enclosure, Stability stability) {
    List<Stand> stands = enclosure.supports().on().stream().map(Stand::of).toList();
    Set<String> movable =
        build.components().stream()
            .filter(each -> each.kind() != ComponentKind.ENCLOSURE)
            .map(Component::name)
            .collect(Collectors.toSet());
    List<Weight> heaviest =
        stability.weights().stream()
            .filter(weight -> movable.contains(weight.name()))
            .sorted(Comparator.comparingDouble(Weight::massKg).reversed())
            .limit(TRIED)
            .toList();
    List<Told> told = new ArrayList<>();
    for (Weight weight : heaviest) {
      Way.shortest(
              way -> way.room(weight.xMm(), weight.xMm(), weight.yMm(), weight.yMm(), enclosure),
              (way, mm) -> Balance.on(shifted(stability, weight, way, mm), stands).kept())
          .ifPresent(shift -> told.add(new Told(weight, shift)));
    }
    return told.stream()
        .sorted(Comparator.comparingDouble(each -> each.shift().mm()))
        .limit(TOLD)
        .map(Told::remedy)
        .toList();
  }

  private record Told(Weight weight, Way.Shift shift) {
    Remedy remedy() {
      return Remedy.byHand(
          "Move %s (%.2f kg) %.0f mm further %s"
              .formatted(weight.name(), weight.massKg(), shift.mm(), shift.way().words()));
    }
  }

  private static List<Weight> shifted(Stability stability, Weight weight, Way way, double mm) {
    return stability.weights().stream()
        .map(each -> each == weight ? weight.moved(way.right() * mm, way.back() * mm) : each)
        .toList();
  }
}
