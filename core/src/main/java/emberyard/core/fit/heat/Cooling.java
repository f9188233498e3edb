package emberyard.core.fit.heat;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.Loop;
import emberyard.core.build.Opening;
import emberyard.core.build.Thermal;
import emberyard.core.fit.air.Airflow;
import emberyard.core.fit.air.Breathing;
import emberyard.core.fit.air.CaseAir;
import emberyard.core.fit.air.OpeningFlow;
import emberyard.core.fit.power.PowerBudget;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How warm everything gets.
 *
 * @param circuits loops, sealed coolers, coolers in the air
 * @param uncooled chips that nothing cools
 * @param warmed radiators that breathe what another has warmed
 * @param caseAir the air inside, in a usual room; null without an enclosure
 * @param hotCaseAir the same in a hot room
 * @param through what goes through each opening in a usual room
 */
public record Cooling(
    List<Circuit> circuits,
    List<String> uncooled,
    List<String> warmed,
    double roomC,
    double hotRoomC,
    @Nullable CaseAir caseAir,
    @Nullable CaseAir hotCaseAir,
    List<OpeningFlow> through) {
  /** More coolant is ordered than the loop holds: some stays in the jug and the towels. */
  static final double ORDER_MORE = 1.2;

  private static final double WARMED = 0.5;

  private static final String CASE = "inside the case";

  /** So that breathers of which none gives off anything share alike. */
  private static final double LEAST_WEIGHT = 1e-9;

  /**
   * @param airflow what blows through which opening
   * @param budget what draws inside
   */
  public static Cooling of(Build build, Airflow airflow, PowerBudget budget) {
    return new Reckoning(build, airflow, budget).cooling();
  }

  private static final class Reckoning {
    private final Build build;
    private final @Nullable Enclosure enclosure;
    private final double roomC;
    private final double hotRoomC;
    private final Airflow airflow;
    private final PowerBudget budget;
    private final List<Warm> warm = new ArrayList<>();
    private final Set<String> cooledIds = new HashSet<>();
    private final List<String> warmed;

    Reckoning(Build build, Airflow airflow, PowerBudget budget) {
      this.build = build;
      this.airflow = airflow;
      this.budget = budget;
      this.enclosure = Breathing.enclosure(build).orElse(null);
      this.roomC = enclosure == null ? Enclosure.ROOM_C : enclosure.roomC();
      this.hotRoomC = enclosure == null ? Enclosure.HOT_ROOM_C : enclosure.hotRoomC();
      this.warmed = warmed(build);
    }

    Cooling cooling() {
      Set<String> inLoops = new HashSet<>();
      for (Loop loop : build.loops()) {
        inLoops.addAll(loop.memberIds());
        warm.add(loop(loop));
      }
      for (Component c : build.components()) {
        Thermal thermal = c.thermal();
        if (thermal != null && thermal.resistanceKPerW() != null && !inLoops.contains(c.id())) {
          cooler(c);
        }
      }
      List<String> uncooled =
          build.components().stream()
              .filter(c -> c.thermal() != null && c.thermal().limitC() != null)
              .filter(c -> c.peakWatts() > 0 && !cooledIds.contains(c.id()))
              .map(Component::id)
              .toList();
      CaseAir usual = caseAir(roomC);
      CaseAir hot = caseAir(hotRoomC);
      List<Circuit> circuits =
          warm.stream()
              .map(each -> each.circuit(roomC, riseK(usual), hotRoomC, riseK(hot)))
              .toList();
      List<OpeningFlow> through =
          enclosure == null || usual == null
              ? List.of()
              : OpeningFlow.of(enclosure, airflow, usual);
      return new Cooling(circuits, uncooled, warmed, roomC, hotRoomC, usual, hot, through);
    }

    private static double riseK(@Nullable CaseAir air) {
      return air == null ? 0 : air.riseK();
    }

    /** All that is drawn inside, less what blows out before the case has it. */
    private @Nullable CaseAir caseAir(double room) {
      if (enclosure == null) {
        return null;
      }
      double drawn =
          budget.power().hungryPeakWatts()
              + budget.power().restTypicalWatts()
              + budget.besideWatts();
      double out = warm.stream().mapToDouble(Warm::blownOutW).sum();
      double heat = Math.max(0, drawn - out);
      return CaseAir.of(heat, airflow.ventilation(), enclosure.wallsWPerK(), room);
    }

    private Warm loop(Loop loop) {
      List<Component> members =
          loop.memberIds().stream().flatMap(id -> build.component(id).stream()).toList();
      List<Radiator> radiators = new ArrayList<>();
      List<LoopHeat.Chip> chips = new ArrayList<>();
      double heat = 0;
      double coolant = loop.extraL() + loop.runs().stream().mapToDouble(Loop.Run::coolantL).sum();
      double copper = 0;
      for (Component member : members) {
        Thermal thermal = member.thermal();
        if (member.kind() == ComponentKind.PUMP) {
          heat += member.peakWatts() * member.quantity();
        }
        if (thermal == null) {
          continue;
        }
        coolant += thermal.coolantL() * member.quantity();
        copper += thermal.copperKg() * member.quantity();
        if (thermal.sections() > 0) {
          radiators.addAll(radiators(member));
        }
        if (thermal.resistanceKPerW() != null) {
          chip(member, chips);
        }
      }
      heat += chips.stream().mapToDouble(LoopHeat.Chip::watts).sum();
      return new Warm(
          loop.id(),
          loop.name(),
          Circuit.Sort.LOOP,
          radiators,
          chips,
          heat,
          coolant,
          copper,
          coolant * ORDER_MORE,
          breath(
              members.stream()
                  .filter(m -> m.thermal() != null && m.thermal().sections() > 0)
                  .toList()));
    }

    private void cooler(Component cooler) {
      List<LoopHeat.Chip> chips = new ArrayList<>();
      chip(cooler, chips);
      if (chips.isEmpty()) {
        return;
      }
      boolean sealed = cooler.thermal().sections() > 0;
      double heat = chips.stream().mapToDouble(LoopHeat.Chip::watts).sum();
      warm.add(
          new Warm(
              cooler.id(),
              cooler.name(),
              sealed ? Circuit.Sort.SEALED : Circuit.Sort.AIR,
              sealed ? radiators(cooler) : List.of(),
              chips,
              heat,
              cooler.thermal().coolantL(),
              cooler.thermal().copperKg(),
              0,
              breath(List.of(cooler))));
    }

    /** The chip a cooler sits on: as said, itself, or the only processor. */
    private void chip(Component cooler, List<LoopHeat.Chip> chips) {
      Component chip =
          cooler.thermal().limitC() != null
              ? cooler
              : build
                  .component(cooler.fitted().coolsId())
                  .or(
                      () ->
                          build.components().stream()
                              .filter(c -> c.kind() == ComponentKind.PROCESSOR)
                              .filter(c -> cooler.fitted().coolsId().isEmpty())
                              .findFirst())
                  .orElse(null);
      if (chip == null || chip.thermal() == null || chip.thermal().limitC() == null) {
        return;
      }
      if (cooledIds.add(chip.id())) {
        chips.add(
            new LoopHeat.Chip(
                chip.name(),
                chip.peakWatts(),
                cooler.thermal().resistanceKPerW(),
                chip.thermal().limitC()));
      }
    }

    private List<Radiator> radiators(Component component) {
      Thermal thermal = component.thermal();
      double factor = warmed.contains(component.id()) ? WARMED : 1;
      factor *= openFactor(component);
      List<Radiator> radiators = new ArrayList<>();
      for (int i = 0; i < component.quantity(); i++) {
        radiators.add(
            new Radiator(
                thermal.sections(),
                thermal.sectionMm() == 0 ? 120 : thermal.sectionMm(),
                Math.max(15, thermal.thicknessMm()),
                thermal.rpm(),
                factor));
      }
      return radiators;
    }

    private @Nullable Opening opening(Component component) {
      return component.fitted().openingId().isEmpty()
          ? null
          : enclosure.opening(component.fitted().openingId()).orElse(null);
    }

    /** Of what its fans would move freely, what is left by its opening or moves in the case. */
    private double openFactor(Component component) {
      return airflow.of(component.id()).map(flow -> flow.air().factor() + flow.aside()).orElse(1.0);
    }

    private Breath breath(List<Component> breathers) {
      if (enclosure == null || breathers.isEmpty()) {
        return Breath.OF_THE_ROOM;
      }
      String from =
          breathers.stream().flatMap(this::sources).distinct().collect(Collectors.joining(", "));
      return new Breath(
          share(breathers, each -> 1 - fromRoom(each)), share(breathers, this::blownOut), from);
    }

    private Stream<String> sources(Component breather) {
      double room = fromRoom(breather);
      Stream<String> outside =
          room > 0 ? Stream.of("through “%s”".formatted(opening(breather).name())) : Stream.empty();
      return room < 1 ? Stream.concat(outside, Stream.of(CASE)) : outside;
    }

    /** What these have in shares, by what each gives off. */
    private double share(List<Component> breathers, ToDoubleFunction<Component> of) {
      double all = breathers.stream().mapToDouble(this::weight).sum();
      return breathers.stream().mapToDouble(each -> of.applyAsDouble(each) * weight(each)).sum()
          / all;
    }

    private double weight(Component breather) {
      double conductance =
          breather.thermal().sections() == 0
              ? 0
              : radiators(breather).stream().mapToDouble(Radiator::conductance).sum();
      return Math.max(conductance, LEAST_WEIGHT);
    }

    private double fromRoom(Component breather) {
      return breather.fitted().air() == Air.EXHAUST ? 0 : through(breather);
    }

    private double blownOut(Component breather) {
      return breather.fitted().air() == Air.EXHAUST ? through(breather) : 0;
    }

    /**
     * The share of the air that cools it that goes through its opening. A radiator with less air
     * cools less, a cooler makes up for it with air of the case.
     */
    private double through(Component breather) {
      Airflow.Flow flow = airflow.of(breather.id()).orElse(null);
      if (flow == null || flow.air().factor() == 0) {
        return 0;
      }
      double factor = flow.air().factor();
      return breather.thermal().sections() > 0 ? factor / (factor + flow.aside()) : factor;
    }
  }

  /** A radiator that blows out breathes what one that blows in has warmed. */
  private static List<String> warmed(Build build) {
    List<Component> radiators =
        build.components().stream()
            .filter(c -> c.thermal() != null && c.thermal().sections() > 0)
            .toList();
    boolean inward = radiators.stream().anyMatch(c -> c.fitted().air() == Air.INTAKE);
    return radiators.stream()
        .filter(c -> inward && c.fitted().air() == Air.EXHAUST)
        .map(Component::id)
        .toList();
  }
}
