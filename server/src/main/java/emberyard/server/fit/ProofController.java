package emberyard.server.fit;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.HoleField;
import emberyard.core.build.M2Slot;
import emberyard.core.build.Port;
import emberyard.core.build.Source;
import emberyard.core.build.Worksheet;
import emberyard.core.fit.AirBalance;
import emberyard.core.fit.Balance;
import emberyard.core.fit.FanAir;
import emberyard.core.fit.Fed;
import emberyard.core.fit.LoopHeat;
import emberyard.core.fit.Radiator;
import emberyard.core.fit.ScrewLength;
import emberyard.core.fit.StackUp;
import emberyard.core.fit.StandoffLoad;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Calculators of Fit beside placing: stacks, screws, standoffs, power, loops, air, balance. */
@RestController
@RequestMapping("/api/calc/fit")
class ProofController {
  private static final int MOST = 200;

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

  /** A loop and the room it stands in. */
  record LoopQuestion(
      @Schema(description = "Into the loop, W", minimum = "0", maximum = "10000") double heatW,
      @Schema(description = "1 to 200") List<AskedRadiator> radiators,
      @Nullable @Schema(description = "l", minimum = "0", maximum = "100") Double coolantL,
      @Nullable @Schema(description = "kg", minimum = "0", maximum = "100") Double copperKg,
      @Nullable @Schema(description = "°C, 22 if left out", minimum = "-10", maximum = "60")
          Double roomC,
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
      @Nullable @Schema(description = "Holes in it; open if left out") HoleField field,
      @Nullable Boolean sealed) {}

  /** What goes through, fan by fan, and the balance. */
  record AirAnswer(List<OpenArea> openings, List<FanAir> fans, AirBalance balance) {}

  /** How open an opening is. */
  record OpenArea(String id, double openShare, double openMm2) {}

  /** Weights and what they stand on. */
  record BalanceQuestion(
      @Schema(description = "1 to 200 weights") List<AskedWeight> items,
      @Nullable
          @Schema(
              description =
                  "Two or more points of support; with one coordinate each, two lines across x")
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

  @PostMapping("/stack")
  StackUp stack(@RequestBody Worksheet.Stack asked) {
    return StackUp.of(asked);
  }

  @PostMapping("/screw")
  ScrewLength screw(@RequestBody Worksheet.Screw asked) {
    return ScrewLength.of(asked);
  }

  @PostMapping("/standoff")
  StandoffLoad standoff(@RequestBody Worksheet.Standoffs asked) {
    return StandoffLoad.of(asked);
  }

  @PostMapping("/power")
  Fed power(@RequestBody PowerQuestion asked) {
    List<PoweredComponent> given = few("components", asked.components(), 1);
    List<Component> components = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      try {
        components.add(component(given.get(i), i));
      } catch (InvalidValue problem) {
        throw problem.within("components." + i);
      }
    }
    double other = or(asked.otherWatts(), 0);
    Require.between("otherWatts", other, 0, 3_000, "W");
    if (other > 0) {
      components.add(plain("other", "screens and lights", ComponentKind.OTHER, 1, other, 0));
    }
    return Fed.of(components, List.of(), List.of());
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
    return plain.with(
        new Electric(
            a.typicalWatts(), a.excursionWatts(), a.asks(), a.offers(), a.m2Slots(), false, null));
  }

  private static Component plain(
      String id, String name, ComponentKind kind, int quantity, double watts, double gives) {
    return new Component(
        id,
        name,
        kind,
        quantity,
        Source.BUY,
        false,
        0,
        "",
        -1,
        0,
        watts,
        gives,
        0,
        0,
        0,
        0,
        null,
        null,
        null,
        null);
  }

  @PostMapping("/loop")
  LoopHeat loop(@RequestBody LoopQuestion asked) {
    Require.between("heatW", asked.heatW(), 0, 10_000, "W");
    double room = or(asked.roomC(), 22);
    Require.between("roomC", room, -10, 60, "°C");
    double coolant = Require.between("coolantL", or(asked.coolantL(), 0), 0, 100, "l");
    double copper = Require.between("copperKg", or(asked.copperKg(), 0), 0, 100, "kg");
    List<AskedRadiator> given = few("radiators", asked.radiators(), 1);
    List<Radiator> radiators = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      radiators.add(radiator(given.get(i), i));
    }
    List<AskedChip> hot = few("chips", asked.chips(), 0);
    List<LoopHeat.Chip> chips = new ArrayList<>();
    for (int i = 0; i < hot.size(); i++) {
      chips.add(chip(hot.get(i), i));
    }
    return LoopHeat.of(asked.heatW(), radiators, coolant, copper, room, chips);
  }

  private static Radiator radiator(AskedRadiator a, int index) {
    try {
      return new Radiator(a.sections(), a.sizeMm(), a.thicknessMm(), a.rpm(), or(a.factor(), 1));
    } catch (InvalidValue problem) {
      throw problem.within("radiators." + index);
    }
  }

  private static LoopHeat.Chip chip(AskedChip a, int index) {
    try {
      String name = a.name() == null ? "chip " + (index + 1) : a.name();
      return new LoopHeat.Chip(name, a.watts(), a.resistance(), a.limitC());
    } catch (InvalidValue problem) {
      throw problem.within("chips." + index);
    }
  }

  @PostMapping("/air")
  AirAnswer air(@RequestBody AirQuestion asked) {
    List<OpenArea> areas = new ArrayList<>();
    List<AskedOpening> openings = few("openings", asked.openings(), 0);
    for (int i = 0; i < openings.size(); i++) {
      areas.add(area(openings.get(i), i));
    }
    List<FanAir> fans = new ArrayList<>();
    List<AskedFan> given = few("fans", asked.fans(), 0);
    for (int i = 0; i < given.size(); i++) {
      fans.add(fan(given.get(i), i, areas, given));
    }
    return new AirAnswer(areas, fans, AirBalance.of(fans));
  }

  private static OpenArea area(AskedOpening o, int index) {
    String at = "openings.%d.".formatted(index);
    Require.between(at + "widthMm", o.widthMm(), 1, 5_000, "mm");
    Require.between(at + "heightMm", o.heightMm(), 1, 5_000, "mm");
    double share =
        Boolean.TRUE.equals(o.sealed()) ? 0 : o.field() == null ? 1 : o.field().openShare();
    return new OpenArea(o.id(), share, o.widthMm() * o.heightMm() * share);
  }

  /** Fans behind one opening share it. */
  private static FanAir fan(AskedFan a, int index, List<OpenArea> areas, List<AskedFan> all) {
    String at = "fans.%d.".formatted(index);
    Require.between(at + "fanMm", a.fanMm(), 10, 400, "mm");
    Require.between(at + "flowM3PerHour", a.flowM3PerHour(), 0, 2_000, "m³/h");
    Require.given(at + "air", a.air());
    double open = FanAir.sweptMm2(a.fanMm());
    if (a.openingId() != null) {
      long sharing = all.stream().filter(f -> a.openingId().equals(f.openingId())).count();
      open =
          areas.stream()
                  .filter(area -> a.openingId().equals(area.id()))
                  .findFirst()
                  .orElseThrow(
                      () -> new InvalidValue(at + "openingId", "There is no such opening."))
                  .openMm2()
              / sharing;
    }
    String name = a.name() == null ? "fan " + (index + 1) : a.name();
    return FanAir.of(name, a.fanMm(), a.flowM3PerHour(), a.air(), open);
  }

  /**
   * With one coordinate per support the lines lie across x; else front and back, left and right.
   */
  @PostMapping("/balance")
  Balance balance(@RequestBody BalanceQuestion asked) {
    List<AskedWeight> given = few("items", asked.items(), 1);
    List<AskedSupport> supports = few("supports", asked.supports(), 0);
    boolean lines = supports.stream().allMatch(s -> s.yMm() == null);
    return BalanceLines.of(weights(given), supports(supports), lines);
  }

  private static List<BalanceLines.At> supports(List<AskedSupport> supports) {
    return supports.stream().map(s -> new BalanceLines.At(s.xMm(), or(s.yMm(), 0))).toList();
  }

  private static List<Balance.Weight> weights(List<AskedWeight> given) {
    List<Balance.Weight> weights = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      AskedWeight a = given.get(i);
      String name = a.name() == null ? "item " + (i + 1) : a.name();
      try {
        weights.add(new Balance.Weight(name, a.massKg(), a.xMm(), or(a.yMm(), 0), or(a.zMm(), 0)));
      } catch (InvalidValue problem) {
        throw problem.within("items." + i);
      }
    }
    return weights;
  }

  private static double or(@Nullable Double value, double otherwise) {
    return value == null ? otherwise : value;
  }

  private static <T> List<T> few(String field, @Nullable List<T> values, int least) {
    List<T> given = Require.list(values);
    Require.between(field, given.size(), least, MOST, field);
    return given;
  }
}
