package emberyard.server.fit;

import static emberyard.server.fit.Inputs.few;
import static emberyard.server.fit.Inputs.or;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.M2Slot;
import emberyard.core.build.Port;
import emberyard.core.fit.power.PowerBudget;
import emberyard.core.fit.stability.Balance;
import emberyard.core.units.Require;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Calculators of Fit: power and balance. */
@Service
class ProofCalculator {
  /** Components as far as power and plugs are concerned. */
  record PowerQuestion(
      @Schema(description = "1 to 200 components") List<PoweredComponent> components,
      @Nullable @Schema(description = "Screens and lights, W", minimum = "0", maximum = "3000")
          Double otherWatts) {}

  record PoweredComponent(
      @Nullable String name,
      @Schema(description = "PROCESSOR and GRAPHICS count with their peak") ComponentKind kind,
      @Nullable @Schema(minimum = "1", maximum = "500") Integer quantity,
      @Nullable @Schema(description = "W", minimum = "0", maximum = "3000") Double peakWatts,
      @Nullable @Schema(description = "W; the peak if left out", minimum = "0", maximum = "3000")
          Double typicalWatts,
      @Nullable @Schema(description = "W", minimum = "0", maximum = "3000") Double supplyWatts,
      @Nullable @Schema(description = "Borne for an instant, W", minimum = "0", maximum = "6000")
          Double excursionWatts,
      @Nullable List<Port> asks,
      @Nullable List<Port> offers,
      @Nullable List<M2Slot> m2Slots) {}

  /** Weights and what they stand on. */
  record BalanceQuestion(
      @Schema(description = "1 to 200 weights") List<AskedWeight> items,
      @Nullable
          @Schema(
              description =
                  "Two or more points of support, three give exact loads; with one coordinate each, lines across x")
          List<AskedSupport> supports) {}

  record AskedWeight(
      @Nullable String name,
      @Schema(description = "kg", minimum = "0", maximum = "2000") double massKg,
      @Schema(description = "mm", minimum = "-10000", maximum = "10000") double xMm,
      @Nullable @Schema(description = "mm", minimum = "-10000", maximum = "10000") Double yMm,
      @Nullable @Schema(description = "mm", minimum = "-10000", maximum = "10000") Double zMm) {}

  record AskedSupport(
      @Schema(description = "mm", minimum = "-10000", maximum = "10000") double xMm,
      @Nullable @Schema(description = "mm", minimum = "-10000", maximum = "10000") Double yMm) {}

  PowerBudget power(PowerQuestion asked) {
    List<PoweredComponent> given = few("components", asked.components(), 1);
    List<Component> components = Require.each("components", given, ProofCalculator::component);
    double other = or(asked.otherWatts(), 0);
    Require.between("otherWatts", other, 0, 3_000, "W");
    return PowerBudget.of(components, List.of(), List.of(), other);
  }

  private static Component component(PoweredComponent a, int index) {
    Component plain =
        plain(
            "c" + (index + 1),
            a.name() == null ? "c" + (index + 1) : a.name(),
            a.kind(),
            a.quantity() == null ? 1 : a.quantity(),
            or(a.peakWatts(), or(a.typicalWatts(), 0)),
            or(a.supplyWatts(), 0));
    return plain.withElectric(
        new Electric(
            a.typicalWatts(), a.excursionWatts(), a.asks(), a.offers(), a.m2Slots(), false, null));
  }

  private static Component plain(
      String id, String name, ComponentKind kind, int quantity, double watts, double gives) {
    return Component.one(id, name, kind)
        .quantity(quantity)
        .peakWatts(watts)
        .supplyWatts(gives)
        .build();
  }

  /**
   * With one coordinate per support the lines lie across x; else front and back, left and right.
   */
  Balance balance(BalanceQuestion asked) {
    List<AskedWeight> given = few("items", asked.items(), 1);
    List<AskedSupport> supports = few("supports", asked.supports(), 0);
    boolean lines = supports.stream().allMatch(s -> s.yMm() == null);
    return BalanceLines.of(weights(given), supports(supports), lines);
  }

  private static List<BalanceLines.At> supports(List<AskedSupport> supports) {
    List<BalanceLines.At> points = new ArrayList<>();
    for (int i = 0; i < supports.size(); i++) {
      AskedSupport s = supports.get(i);
      Require.between("supports." + i + ".xMm", s.xMm(), -10_000, 10_000, "mm");
      Require.between("supports." + i + ".yMm", or(s.yMm(), 0), -10_000, 10_000, "mm");
      points.add(new BalanceLines.At(s.xMm(), or(s.yMm(), 0)));
    }
    return points;
  }

  private static List<Balance.Weight> weights(List<AskedWeight> given) {
    return Require.each("items", given, ProofCalculator::weight);
  }

  private static Balance.Weight weight(AskedWeight a, int index) {
    String name = a.name() == null ? "item " + (index + 1) : a.name();
    return new Balance.Weight(name, a.massKg(), a.xMm(), or(a.yMm(), 0), or(a.zMm(), 0));
  }
}
