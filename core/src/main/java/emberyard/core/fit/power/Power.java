package emberyard.core.fit.power;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Watts of a build against its supply.
 *
 * @param hungryPeakWatts processor and graphics at their peak
 * @param restTypicalWatts everything else at usual work
 * @param wantedWatts 1.25 × both
 * @param standardWatts the smallest usual size of supply that gives it; null beyond the largest
 * @param supplyWatts what the supplies chosen give
 * @param transientWatts for an instant: graphics peak × 1.6, the rest as above
 * @param excursionWatts what the supplies bear for an instant: as stated, else what they give
 * @param excursionStated whether all supplies state it
 */
public record Power(
    double hungryPeakWatts,
    double restTypicalWatts,
    double wantedWatts,
    @Nullable Integer standardWatts,
    double supplyWatts,
    double transientWatts,
    double excursionWatts,
    boolean excursionStated,
    Why why) {
  /** Supplies as shops keep them, W. */
  public static final List<Integer> STANDARD_W =
      List.of(
          200, 250, 300, 350, 400, 450, 500, 550, 600, 650, 700, 750, 850, 1000, 1200, 1300, 1500,
          1600, 2000, 2500, 3000);

  private static final double RESERVE = 1.25;
  private static final double TRANSIENT = 1.6;

  /**
   * Smallest standard size ≥ 1.25 × (Σ peak of processor and graphics + Σ typical of the rest).
   * Source: the handbook.
   *
   * <p>Example: processor 105 W, graphics 220 W, the rest typically 39 W: 364 × 1.25 = 455 → 500 W;
   * for an instant 105 + 352 + 39 = 496 W.
   *
   * @param lightAndScreenWatts what screens and lights draw
   */
  public static Power of(List<Component> components, double lightAndScreenWatts) {
    double processors = sumPeak(components, ComponentKind.PROCESSOR);
    double graphics = sumPeak(components, ComponentKind.GRAPHICS);
    double rest =
        lightAndScreenWatts
            + components.stream()
                .filter(c -> c.kind() != ComponentKind.PROCESSOR)
                .filter(c -> c.kind() != ComponentKind.GRAPHICS)
                .mapToDouble(c -> c.typicalWatts() * c.quantity())
                .sum();
    double wanted = RESERVE * (processors + graphics + rest);
    List<Component> supplies = components.stream().filter(c -> c.supplyWatts() > 0).toList();
    return new Power(
        processors + graphics,
        rest,
        wanted,
        STANDARD_W.stream().filter(size -> size >= wanted - 1e-9).findFirst().orElse(null),
        supplies.stream().mapToDouble(c -> c.supplyWatts() * c.quantity()).sum(),
        processors + graphics * TRANSIENT + rest,
        supplies.stream().mapToDouble(c -> excursion(c) * c.quantity()).sum(),
        supplies.stream()
            .allMatch(c -> c.electric() != null && c.electric().excursionWatts() != null),
        Why.of(
            "1.25 × (Σ peak of processor and graphics + Σ typical of the rest)",
            "processors %s W, graphics %s W at their peak"
                .formatted(Figures.plain(processors), Figures.plain(graphics)),
            "the rest %s W typically, of it screens and lights %s W"
                .formatted(Figures.plain(rest), Figures.plain(lightAndScreenWatts)),
            "for an instant: graphics × 1.6"));
  }

  /** "the smallest usual size is 500 W", or that none is large enough. */
  public String sizeWords() {
    return standardWatts == null
        ? "no usual size gives that, the largest is %d W: divide it over several supplies"
            .formatted(STANDARD_W.get(STANDARD_W.size() - 1))
        : "the smallest usual size is %d W".formatted(standardWatts);
  }

  private static double excursion(Component supply) {
    return supply.electric() == null || supply.electric().excursionWatts() == null
        ? supply.supplyWatts()
        : supply.electric().excursionWatts();
  }

  private static double sumPeak(List<Component> components, ComponentKind kind) {
    return components.stream()
        .filter(c -> c.kind() == kind)
        .mapToDouble(c -> c.peakWatts() * c.quantity())
        .sum();
  }
}
