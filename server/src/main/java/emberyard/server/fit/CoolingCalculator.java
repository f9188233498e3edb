package emberyard.server.fit;

import static emberyard.server.fit.Inputs.few;
import static emberyard.server.fit.Inputs.or;

import emberyard.core.build.Fitted.Air;
import emberyard.core.build.HoleField;
import emberyard.core.fit.air.AirBalance;
import emberyard.core.fit.air.CaseAir;
import emberyard.core.fit.air.FanAir;
import emberyard.core.fit.air.Vent;
import emberyard.core.fit.air.Ventilation;
import emberyard.core.fit.heat.LoopHeat;
import emberyard.core.fit.heat.Radiator;
import emberyard.core.units.Figures;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Calculators of Fit: loops and air. */
@Component
class CoolingCalculator {
  /** A loop and the room it stands in. */
  record LoopQuestion(
      @Schema(description = "Into the loop, W", minimum = "0", maximum = "10000") double heatW,
      @Schema(description = "1 to 200") List<AskedRadiator> radiators,
      @Nullable @Schema(description = "l", minimum = "0", maximum = "100") Double coolantL,
      @Nullable @Schema(description = "kg", minimum = "0", maximum = "100") Double copperKg,
      @Nullable @Schema(description = "°C, 22 if left out", minimum = "-10", maximum = "60")
          Double roomC,
      @Nullable
          @Schema(
              description = "How much warmer the air is that it breathes, K",
              minimum = "0",
              maximum = "500")
          Double airK,
      @Nullable @Schema(description = "0 to 200") List<AskedChip> chips) {}

  record AskedRadiator(
      @Schema(minimum = "1", maximum = "12") int sections,
      @Schema(description = "mm a section", minimum = "80", maximum = "240") double sizeMm,
      @Schema(description = "mm", minimum = "15", maximum = "100") double thicknessMm,
      @Schema(description = "rpm", minimum = "0", maximum = "6000") double rpm,
      @Nullable @Schema(description = "Warm air, panel in front", minimum = "0", maximum = "1")
          Double factor) {}

  record AskedChip(
      @Nullable String name,
      @Schema(description = "W", minimum = "0", maximum = "3000") double watts,
      @Schema(description = "K/W", minimum = "0", maximum = "5") double resistance,
      @Schema(description = "°C", minimum = "30", maximum = "150") double limitC) {}

  /** Fans and the openings they blow through. */
  record AirQuestion(
      @Schema(description = "0 to 200 fans") List<AskedFan> fans,
      @Schema(description = "0 to 200 openings") List<AskedOpening> openings) {}

  record AskedFan(
      @Nullable String name,
      @Schema(description = "Frame, mm", minimum = "10", maximum = "400") double fanMm,
      @Schema(description = "Free flow, m³/h", minimum = "0", maximum = "2000")
          double flowM3PerHour,
      @Schema(description = "INTAKE or EXHAUST") Air air,
      @Nullable @Schema(description = "The opening it is behind; none: nothing before it")
          String openingId) {}

  record AskedOpening(
      String id,
      @Schema(description = "mm", minimum = "1", maximum = "5000") double widthMm,
      @Schema(description = "mm", minimum = "1", maximum = "5000") double heightMm,
      @Nullable @Schema(description = "Holes in it; open if left out") AskedField field,
      @Nullable Boolean sealed,
      @Nullable
          @Schema(
              description = "Lower edge above the floor of the case, mm; 0 if left out",
              minimum = "0",
              maximum = "5000")
          Double lowMm) {}

  /** A case: what warms it, what moves its air, what its walls let through. */
  record CaseQuestion(
      @Schema(description = "Into its air, W", minimum = "0", maximum = "100000") double heatW,
      @Nullable @Schema(description = "0 to 200 fans") List<AskedFan> fans,
      @Nullable @Schema(description = "0 to 200 openings; what fans are behind is theirs")
          List<AskedOpening> openings,
      @Nullable
          @Schema(
              description = "U A of its free walls, W/K; 0 if left out",
              minimum = "0",
              maximum = "10000")
          Double wallsWPerK,
      @Nullable @Schema(description = "°C, 22 if left out", minimum = "-10", maximum = "60")
          Double roomC) {}

  /** Equal holes; a slot needs its length. */
  record AskedField(
      HoleField.Pattern pattern,
      @Schema(description = "Diameter or slot width, mm", minimum = "0.5", maximum = "100")
          double holeMm,
      @Schema(description = "From centre to centre, mm", minimum = "1", maximum = "200")
          double pitchMm,
      @Nullable @Schema(description = "Slots only, mm", minimum = "0", maximum = "500")
          Double slotMm) {
    HoleField field() {
      return new HoleField(pattern, holeMm, pitchMm, or(slotMm, 0));
    }
  }

  /** What goes through, fan by fan, and the balance. */
  record AirAnswer(List<OpenArea> openings, List<FanAir> fans, AirBalance balance) {}

  /** How open an opening is. */
  record OpenArea(String id, double openShare, double openMm2) {}

  LoopHeat loop(LoopQuestion asked) {
    Require.between("heatW", asked.heatW(), 0, 10_000, "W");
    double room = or(asked.roomC(), 22);
    Require.between("roomC", room, -10, 60, "°C");
    double coolant = Require.between("coolantL", or(asked.coolantL(), 0), 0, 100, "l");
    double copper = Require.between("copperKg", or(asked.copperKg(), 0), 0, 100, "kg");
    List<AskedRadiator> given = few("radiators", asked.radiators(), 1);
    List<Radiator> radiators = Require.each("radiators", given, (a, index) -> radiator(a));
    List<AskedChip> hot = few("chips", asked.chips(), 0);
    List<LoopHeat.Chip> chips = Require.each("chips", hot, CoolingCalculator::chip);
    double through = chips.stream().mapToDouble(LoopHeat.Chip::watts).sum();
    Require.that(
        through <= asked.heatW() + 1e-9,
        "heatW",
        "The chips alone give %s W to the loop: at least that much has to leave."
            .formatted(Figures.plain(through)));
    double air = Require.between("airK", or(asked.airK(), 0), 0, 500, "K");
    return LoopHeat.of(asked.heatW(), radiators, coolant, copper, room, air, chips);
  }

  private static Radiator radiator(AskedRadiator a) {
    return new Radiator(a.sections(), a.sizeMm(), a.thicknessMm(), a.rpm(), or(a.factor(), 1));
  }

  private static LoopHeat.Chip chip(AskedChip a, int index) {
    String name = a.name() == null ? "chip " + (index + 1) : a.name();
    return new LoopHeat.Chip(name, a.watts(), a.resistance(), a.limitC());
  }

  AirAnswer air(AirQuestion asked) {
    List<OpenArea> areas = new ArrayList<>();
    List<AskedOpening> openings = few("openings", asked.openings(), 0);
    for (int i = 0; i < openings.size(); i++) {
      String id = openings.get(i).id();
      Require.that(
          areas.stream().noneMatch(area -> area.id().equals(id)),
          "openings.%d.id".formatted(i),
          "Two openings are called “%s”.".formatted(id));
      areas.add(area(openings.get(i), i));
    }
    List<FanAir> fans = new ArrayList<>();
    List<AskedFan> given = few("fans", asked.fans(), 0);
    for (int i = 0; i < given.size(); i++) {
      fans.add(fan(given.get(i), i, areas, given));
    }
    return new AirAnswer(areas, fans, AirBalance.of(fans));
  }

  CaseAir caseAir(CaseQuestion asked) {
    List<AskedOpening> openings = few("openings", asked.openings(), 0);
    List<AskedFan> fans = few("fans", asked.fans(), 0);
    AirAnswer air = air(new AirQuestion(fans, openings));
    List<Vent> vents = new ArrayList<>();
    for (int i = 0; i < openings.size(); i++) {
      AskedOpening opening = openings.get(i);
      double low = or(opening.lowMm(), 0);
      Require.between("openings.%d.lowMm".formatted(i), low, 0, 5_000, "mm");
      boolean taken = fans.stream().anyMatch(fan -> opening.id().equals(fan.openingId()));
      if (!taken) {
        vents.add(new Vent(low, low + opening.heightMm(), air.openings().get(i).openMm2()));
      }
    }
    return CaseAir.of(
        asked.heatW(),
        Ventilation.of(air.fans(), vents),
        or(asked.wallsWPerK(), 0),
        Require.between("roomC", or(asked.roomC(), 22), -10, 60, "°C"));
  }

  private static OpenArea area(AskedOpening o, int index) {
    String at = "openings.%d.".formatted(index);
    Require.between(at + "widthMm", o.widthMm(), 1, 5_000, "mm");
    Require.between(at + "heightMm", o.heightMm(), 1, 5_000, "mm");
    double share = o.field() == null ? 1 : share(o.field(), at);
    share = Boolean.TRUE.equals(o.sealed()) ? 0 : share;
    return new OpenArea(o.id(), share, o.widthMm() * o.heightMm() * share);
  }

  private static double share(AskedField asked, String at) {
    try {
      return asked.field().openShare();
    } catch (InvalidValue problem) {
      throw problem.within(at + "field");
    }
  }

  /** Fans behind one opening share it. */
  private static FanAir fan(AskedFan a, int index, List<OpenArea> areas, List<AskedFan> all) {
    String at = "fans.%d.".formatted(index);
    Require.between(at + "fanMm", a.fanMm(), 10, 400, "mm");
    Require.between(at + "flowM3PerHour", a.flowM3PerHour(), 0, 2_000, "m³/h");
    Require.given(at + "air", a.air());
    double open = a.openingId() == null ? FanAir.sweptMm2(a.fanMm()) : shared(a, at, areas, all);
    String name = a.name() == null ? "fan " + (index + 1) : a.name();
    return FanAir.of(name, a.fanMm(), a.flowM3PerHour(), a.air(), open);
  }

  private static double shared(AskedFan fan, String at, List<OpenArea> areas, List<AskedFan> all) {
    long sharing = all.stream().filter(f -> fan.openingId().equals(f.openingId())).count();
    return areas.stream()
            .filter(area -> fan.openingId().equals(area.id()))
            .findFirst()
            .orElseThrow(() -> new InvalidValue(at + "openingId", "There is no such opening."))
            .openMm2()
        / sharing;
  }
}
