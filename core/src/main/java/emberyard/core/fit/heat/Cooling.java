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
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How warm everything gets.
 *
 * @param circuits loops, sealed coolers, coolers in the air
 * @param uncooled chips that nothing cools
 * @param warmed radiators that breathe what another has warmed
 */
public record Cooling(
    List<Circuit> circuits,
    List<String> uncooled,
    List<String> warmed,
    double roomC,
    double hotRoomC) {
  /** More coolant is ordered than the loop holds: some stays in the jug and the towels. */
  static final double ORDER_MORE = 1.2;

  private static final double WARMED = 0.5;

  public static Cooling of(Build build) {
    Enclosure enclosure = Breathing.enclosure(build).orElse(null);
    return new Reckoning(build, enclosure).cooling();
  }

  private static final class Reckoning {
    private final Build build;
    private final Enclosure enclosure;
    private final double roomC;
    private final double hotRoomC;
    private final List<Circuit> circuits = new ArrayList<>();
    private final Set<String> cooledIds = new HashSet<>();
    private final List<String> warmed;

    Reckoning(Build build, Enclosure enclosure) {
      this.build = build;
      this.enclosure = enclosure;
      this.roomC = enclosure == null ? Enclosure.ROOM_C : enclosure.roomC();
      this.hotRoomC = enclosure == null ? Enclosure.HOT_ROOM_C : enclosure.hotRoomC();
      this.warmed = warmed(build);
    }

    Cooling cooling() {
      Set<String> inLoops = new HashSet<>();
      for (Loop loop : build.loops()) {
        inLoops.addAll(loop.memberIds());
        circuits.add(loop(loop));
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
      return new Cooling(List.copyOf(circuits), uncooled, warmed, roomC, hotRoomC);
    }

    private Circuit loop(Loop loop) {
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
      return circuit(
          loop.id(),
          loop.name(),
          Circuit.Sort.LOOP,
          radiators,
          chips,
          heat,
          coolant,
          copper,
          coolant * ORDER_MORE,
          members.stream().filter(m -> m.thermal() != null && m.thermal().sections() > 0).toList());
    }

    private void cooler(Component cooler) {
      List<LoopHeat.Chip> chips = new ArrayList<>();
      chip(cooler, chips);
      if (chips.isEmpty()) {
        return;
      }
      boolean sealed = cooler.thermal().sections() > 0;
      double heat = chips.stream().mapToDouble(LoopHeat.Chip::watts).sum();
      circuits.add(
          circuit(
              cooler.id(),
              cooler.name(),
              sealed ? Circuit.Sort.SEALED : Circuit.Sort.AIR,
              sealed ? radiators(cooler) : List.of(),
              chips,
              heat,
              cooler.thermal().coolantL(),
              cooler.thermal().copperKg(),
              0,
              List.of(cooler)));
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

    /** "through “Grille”", or from inside: what breathes no opening breathes the case. */
    private String airFrom(List<Component> breathers) {
      if (enclosure == null || breathers.isEmpty()) {
        return "the room";
      }
      return breathers.stream()
          .map(this::opening)
          .map(at -> at == null ? "inside the case" : "through “%s”".formatted(at.name()))
          .distinct()
          .collect(Collectors.joining(", "));
    }

    private double openFactor(Component component) {
      if (enclosure == null || component.fitted().openingId().isEmpty()) {
        return 1;
      }
      Opening opening = enclosure.opening(component.fitted().openingId()).orElse(null);
      return opening == null ? 1 : Airflow.behind(component, opening).factor();
    }

    private Circuit circuit(
        String id,
        String name,
        Circuit.Sort sort,
        List<Radiator> radiators,
        List<LoopHeat.Chip> chips,
        double heat,
        double coolant,
        double copper,
        double order,
        List<Component> breathers) {
      boolean inside = enclosure != null && breathers.stream().anyMatch(c -> opening(c) == null);
      String from = airFrom(breathers);
      try {
        boolean air = sort == Circuit.Sort.AIR;
        LoopHeat normal = heat(air, heat, radiators, coolant, copper, roomC, chips);
        LoopHeat hot = heat(air, heat, radiators, coolant, copper, hotRoomC, chips);
        return new Circuit(
            id, name, sort, radiators, chips, heat, coolant, copper, normal, hot, order, from,
            inside, "");
      } catch (InvalidValue dead) {
        return new Circuit(
            id,
            name,
            sort,
            radiators,
            chips,
            heat,
            coolant,
            copper,
            null,
            null,
            order,
            from,
            inside,
            dead.getMessage());
      }
    }

    /** In the air there is no coolant that warms up: chip = room + R × W. */
    private static LoopHeat heat(
        boolean air,
        double heat,
        List<Radiator> radiators,
        double coolant,
        double copper,
        double room,
        List<LoopHeat.Chip> chips) {
      return air
          ? LoopHeat.of(0, List.of(), 0, 0, room, chips)
          : LoopHeat.of(heat, radiators, coolant, copper, room, chips);
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
