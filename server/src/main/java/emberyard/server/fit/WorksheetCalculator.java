package emberyard.server.fit;

import static emberyard.server.fit.Inputs.few;
import static emberyard.server.fit.Inputs.or;

import emberyard.core.build.PostMaterial;
import emberyard.core.build.ScrewInto;
import emberyard.core.build.Worksheet;
import emberyard.core.fit.worksheet.ScrewLength;
import emberyard.core.fit.worksheet.StackUp;
import emberyard.core.fit.worksheet.StandoffLoad;
import emberyard.core.units.Require;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Calculators of Fit: stacks, screws and posts, without a build. */
@Component
class WorksheetCalculator {
  /** Layers in a cavity. */
  record StackQuestion(
      @Schema(description = "mm", minimum = "0.5", maximum = "5000") double cavityMm,
      @Nullable @Schema(description = "±, mm; 0 if left out", minimum = "0", maximum = "100")
          Double cavityToleranceMm,
      @Schema(description = "0 to 200 layers") List<AskedLayer> layers,
      @Nullable @Schema(description = "mm; 0 if left out", minimum = "0", maximum = "500")
          Double wantedGapMm) {}

  record AskedLayer(
      @Nullable String name,
      @Schema(description = "mm", minimum = "0", maximum = "2000") double nominalMm,
      @Nullable @Schema(description = "±, mm; 0 if left out", minimum = "0", maximum = "100")
          Double toleranceMm) {}

  /** A screw through parts into something. */
  record ScrewQuestion(
      @Schema(description = "Outer diameter, mm", minimum = "1", maximum = "12") double diameterMm,
      @Schema(description = "What it holds together, mm", minimum = "0", maximum = "100")
          double gripMm,
      @Schema(description = "Depth there is behind, mm", minimum = "0.5", maximum = "200")
          double depthMm,
      ScrewInto into,
      @Nullable @Schema(minimum = "1", maximum = "500") Integer pieces) {}

  /** Posts under a load. */
  record StandoffQuestion(
      @Schema(minimum = "1", maximum = "40") int count,
      @Schema(description = "Core diameter, mm", minimum = "1", maximum = "50") double coreMm,
      @Schema(description = "mm", minimum = "1", maximum = "1000") double heightMm,
      @Nullable @Schema(description = "From above on all, N", minimum = "0", maximum = "100000")
          Double axialN,
      @Nullable @Schema(description = "From the side on all, N", minimum = "0", maximum = "100000")
          Double lateralN,
      PostMaterial material,
      @Nullable @Schema(description = "Whether someone leans or sits on it; so if left out")
          Boolean person,
      @Nullable
          @Schema(
              description = "Both ends can’t turn: shoulders on thick plates; not so if left out")
          Boolean clamped,
      @Nullable @Schema(description = "What holds the upper plate sideways; nothing if left out")
          String heldBy,
      @Nullable
          @Schema(
              description = "Posts that share the load; three of four if left out",
              minimum = "1",
              maximum = "40")
          Integer carrying) {}

  StackUp stack(StackQuestion asked) {
    List<AskedLayer> given = few("layers", asked.layers(), 0);
    List<Worksheet.StackLayer> layers = Require.each("layers", given, WorksheetCalculator::layer);
    return StackUp.of(
        new Worksheet.Stack(
            asked.cavityMm(),
            or(asked.cavityToleranceMm(), 0),
            layers,
            or(asked.wantedGapMm(), 0)));
  }

  private static Worksheet.StackLayer layer(AskedLayer a, int index) {
    String name = a.name() == null ? "layer " + (index + 1) : a.name();
    return new Worksheet.StackLayer(name, a.nominalMm(), or(a.toleranceMm(), 0));
  }

  ScrewLength screw(ScrewQuestion a) {
    return ScrewLength.of(
        new Worksheet.Screw(a.diameterMm(), a.gripMm(), a.depthMm(), a.into(), a.pieces()));
  }

  StandoffLoad standoff(StandoffQuestion a) {
    return StandoffLoad.of(
        new Worksheet.Standoffs(
            a.count(),
            a.coreMm(),
            a.heightMm(),
            a.axialN(),
            a.lateralN(),
            a.material(),
            a.person(),
            a.clamped(),
            a.heldBy(),
            a.carrying()));
  }
}
