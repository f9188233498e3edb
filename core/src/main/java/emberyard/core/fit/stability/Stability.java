package emberyard.core.fit.stability;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenPlace;
import emberyard.core.build.Supports;
import emberyard.core.fit.place.Leaning;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Solid;
import emberyard.core.fit.space.Space;
import emberyard.core.fit.stability.Balance.Stand;
import emberyard.core.fit.stability.Balance.Weight;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a build weighs and how it stands.
 *
 * @param weights components where they were placed, screens and parts on their faces, coolant
 * @param balance null while nothing weighs anything
 */
public record Stability(List<Weight> weights, @Nullable Balance balance) {
  private static final double COOLANT_KG_PER_L = 1.03;

  /** Of what is listed. Source: handbook, Weight and balance. */
  private static final double LEADS_SHARE = 0.05;

  private static final String LEADS = "leads, screws and paint";

  /**
   * @param placed components where they lie; others count in the middle
   * @param screens that stand on faces; others count in the middle
   * @param parts made parts, where they sit
   * @param coolantL in all loops
   */
  public static Stability of(
      Build build,
      List<Placed> placed,
      List<ScreenPlace> screens,
      List<Weight> parts,
      double coolantL) {
    Enclosure enclosure = Space.enclosure(build).orElse(null);
    Map<String, Box> places = places(placed);
    List<Weight> weights = new ArrayList<>();
    for (Component component : build.components()) {
      for (int number = 1; number <= component.quantity() && component.massKg() > 0; number++) {
        String piece = number == 1 ? component.id() : component.id() + "#" + number;
        Box box = component.kind() == ComponentKind.ENCLOSURE ? null : places.get(piece);
        weights.add(weight(component.name(), component.massKg(), box, enclosure));
      }
    }
    Map<String, Box> stands = new HashMap<>();
    screens.forEach(each -> stands.put(each.screen().id(), each.box()));
    for (Screen screen : build.screens()) {
      if (screen.massKg() > 0) {
        weights.add(weight(screen.name(), screen.massKg(), stands.get(screen.id()), enclosure));
      }
    }
    weights.addAll(parts);
    if (coolantL > 0) {
      weights.add(weight("coolant", coolantL * COOLANT_KG_PER_L, null, enclosure));
    }
    if (enclosure != null
        && enclosure.massKg() != null
        && enclosure.massKg() > 0
        && !cased(build)) {
      weights.add(weight(enclosure.name(), enclosure.massKg(), null, enclosure));
    }
    List<Weight> all = whole(weights, enclosure == null ? null : enclosure.weighedKg());
    return new Stability(all, all.isEmpty() ? null : balance(all, enclosure));
  }

  /** What the weight makes too much for: supports, and edges it tips over too early. */
  public Leaning leaning() {
    if (balance == null) {
      return Leaning.NONE;
    }
    int faults = 0;
    double excess = 0;
    for (Balance.Load load : balance.loads()) {
      faults += load.over() ? 2 : load.kept() ? 0 : 1;
      excess += load.excess();
    }
    for (Balance.Tip tip : balance.tips()) {
      double early = 1 - tip.degrees() / Balance.LEAST_TIP_DEGREES;
      faults += tip.degrees() <= 0 ? 2 : early > 0 ? 1 : 0;
      excess += Math.max(0, early);
    }
    return new Leaning(faults, (int) Math.round(excess * 1_000));
  }

  /** Whether a component stands for the enclosure and brings its mass. */
  private static boolean cased(Build build) {
    return build.components().stream()
        .anyMatch(each -> each.kind() == ComponentKind.ENCLOSURE && each.massKg() > 0);
  }

  /**
   * With what nobody lists: leads, screws and paint are 5 % of the rest until the whole was
   * weighed. Where the scales show less than the list, all of it is that much lighter.
   */
  private static List<Weight> whole(List<Weight> listed, @Nullable Double weighedKg) {
    double sum = listed.stream().mapToDouble(Weight::massKg).sum();
    if (sum <= 0) {
      return List.of();
    }
    double whole = weighedKg == null ? sum * (1 + LEADS_SHARE) : weighedKg;
    if (whole < sum) {
      return listed.stream().map(w -> w.times(whole / sum)).toList();
    }
    List<Weight> all = new ArrayList<>(listed);
    if (whole > sum) {
      Balance.Point centre = Balance.of(listed).centre();
      all.add(new Weight(LEADS, whole - sum, centre.xMm(), centre.yMm(), centre.zMm()));
    }
    return List.copyOf(all);
  }

  private static Balance balance(List<Weight> weights, @Nullable Enclosure enclosure) {
    List<Stand> stands =
        enclosure == null ? List.of() : enclosure.supports().on().stream().map(Stand::of).toList();
    if (!stands.isEmpty() && enclosure.supports().kind() == Supports.Kind.WALL) {
      return Balance.hung(weights, stands);
    }
    return Stand.enough(stands) ? Balance.on(weights, stands) : Balance.of(weights);
  }

  /** What is not placed counts in the middle of the enclosure. */
  private static Weight weight(
      String name, double kg, @Nullable Box box, @Nullable Enclosure enclosure) {
    Box at = box != null ? box : enclosure != null ? enclosure.outer() : new Box(0, 0, 0, 0, 0, 0);
    return new Weight(
        name,
        kg,
        at.xMm() + at.widthMm() / 2,
        at.yMm() + at.depthMm() / 2,
        at.zMm() + at.heightMm() / 2);
  }

  private static Map<String, Box> places(List<Placed> placed) {
    Map<String, Box> places = new HashMap<>();
    for (Placed thing : placed) {
      thing.hard().stream()
          .filter(Solid::body)
          .forEach(solid -> places.put(solid.ofId(), solid.box()));
    }
    return places;
  }
}
