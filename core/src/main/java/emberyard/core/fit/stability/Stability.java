package emberyard.core.fit.stability;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenPlace;
import emberyard.core.build.Supports;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Solid;
import emberyard.core.fit.space.Space;
import emberyard.core.fit.stability.Balance.Footing;
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

  /**
   * @param screens that stand on faces; others count in the middle
   * @param parts made parts, where they sit
   * @param coolantL in all loops
   */
  public static Stability of(
      Build build,
      @Nullable Space space,
      List<ScreenPlace> screens,
      List<Weight> parts,
      double coolantL) {
    Enclosure enclosure = Space.enclosure(build).orElse(null);
    Map<String, Box> places = space == null ? Map.of() : places(space);
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
    boolean any = weights.stream().anyMatch(w -> w.massKg() > 0);
    return new Stability(
        List.copyOf(weights), any ? Balance.of(weights, footing(enclosure)) : null);
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

  private static Map<String, Box> places(Space space) {
    Map<String, Box> places = new HashMap<>();
    for (Placed placed : space.placed()) {
      placed.hard().stream()
          .filter(Solid::body)
          .forEach(solid -> places.put(solid.ofId(), solid.box()));
    }
    return places;
  }

  private static @Nullable Footing footing(@Nullable Enclosure enclosure) {
    if (enclosure == null) {
      return null;
    }
    Supports on = enclosure.supports();
    return new Footing(on.frontMm(), on.backMm(), on.leftMm(), on.rightMm());
  }
}
