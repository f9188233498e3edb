package emberyard.server.fit;

import static emberyard.server.fit.Inputs.few;
import static emberyard.server.fit.Inputs.or;

import emberyard.core.build.ShelfMaterial;
import emberyard.core.build.Worksheet;
import emberyard.core.fit.air.SeriesArea;
import emberyard.core.fit.worksheet.ShelfLoad;
import emberyard.core.work.MagnetHold;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Calculators of what holds, without a build. */
@Component
class HeldCalculator {
  /** Magnets that keep a skin from sliding down. */
  record MagnetQuestion(
      @Schema(minimum = "1", maximum = "1000") int count,
      @Schema(description = "Of one straight off, N", minimum = "0.01", maximum = "1000")
          double pullN,
      @Nullable
          @Schema(
              description = "Share that what lies between leaves; all if left out",
              minimum = "0.01",
              maximum = "1")
          Double gap,
      @Nullable
          @Schema(
              description = "Share of a magnet with steel behind it; all if left out",
              minimum = "0.01",
              maximum = "1")
          Double covered,
      @Schema(description = "Of what they hold, kg", minimum = "0", maximum = "100") double massKg,
      @Nullable @Schema(description = "Carried or driven with them on; so if left out")
          Boolean travels) {}

  /** A shelf on two edges. */
  record ShelfQuestion(
      @Schema(description = "Of what stands on it, kg", minimum = "0", maximum = "1000")
          double massKg,
      @Schema(description = "Between the edges, mm", minimum = "10", maximum = "5000")
          double spanMm,
      @Schema(description = "Across the span, mm", minimum = "10", maximum = "5000") double wideMm,
      @Schema(description = "mm", minimum = "0.5", maximum = "100") double thicknessMm,
      ShelfMaterial of,
      @Nullable @Schema(description = "All over it; in the middle if left out") Boolean spread) {}

  /** Things that air passes one behind another. */
  record SeriesQuestion(
      @Schema(description = "Free areas, cm²; 1 to 12 of 0.01 to 100,000") List<Double> areasCm2) {}

  MagnetHold magnets(MagnetQuestion a) {
    boolean travels = a.travels() == null || a.travels();
    return MagnetHold.of(
        a.count(), a.pullN(), or(a.gap(), 1), or(a.covered(), 1), a.massKg(), travels);
  }

  ShelfLoad shelf(ShelfQuestion a) {
    return ShelfLoad.of(
        new Worksheet.Shelf(
            a.massKg(), a.spanMm(), a.wideMm(), a.thicknessMm(), a.of(), a.spread()));
  }

  SeriesArea series(SeriesQuestion asked) {
    return SeriesArea.of(few("areasCm2", asked.areasCm2(), 1));
  }
}
