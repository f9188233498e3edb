package emberyard.core.fit.air;

import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.Opening;
import emberyard.core.fit.space.OverOpening;
import emberyard.core.fit.space.Space;
import emberyard.core.geometry.Box;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A piece with fans that should blow through an opening.
 *
 * @param at where it lies on the opening's face, null while it has no place: then it is taken to
 *     lie over all of the opening, as was said
 * @param why it blows past it, empty where it doesn't
 */
record Blowing(Component component, String openingId, @Nullable Rect at, String why) {
  /** All pieces of a build that are said to blow through an opening. */
  static List<Blowing> of(List<Component> components, Enclosure enclosure, @Nullable Space space) {
    Map<String, List<Box>> bodies = space == null ? Map.of() : space.bodies();
    List<Blowing> all = new ArrayList<>();
    for (Component c : components) {
      Opening opening = OverOpening.given(c, enclosure).orElse(null);
      if (opening == null) {
        continue;
      }
      List<Box> placed = bodies.getOrDefault(c.id(), List.of());
      placed.forEach(box -> all.add(placed(c, opening, enclosure, box)));
      for (int piece = placed.size(); piece < c.quantity(); piece++) {
        all.add(new Blowing(c, opening.id(), null, ""));
      }
    }
    return all;
  }

  private static Blowing placed(Component c, Opening opening, Enclosure enclosure, Box box) {
    Rect at = opening.face().seen(enclosure.size(), box);
    return new Blowing(c, opening.id(), at, OverOpening.why(c, opening, enclosure, box));
  }

  /** Whether all pieces of a component are placed and lie over an opening. */
  static boolean through(
      Component component, Opening opening, Enclosure enclosure, @Nullable Space space) {
    List<Box> placed =
        space == null ? List.of() : space.bodies().getOrDefault(component.id(), List.of());
    return placed.size() == component.quantity()
        && placed.stream()
            .allMatch(box -> placed(component, opening, enclosure, box).why().isEmpty());
  }

  /** What says nothing draws in. */
  Air air() {
    return component.fitted().air() == Air.EXHAUST ? Air.EXHAUST : Air.INTAKE;
  }

  int fans() {
    return Math.max(1, component.thermal().sections());
  }

  /** Of all its fans. */
  double ratedM3PerHour() {
    return fans() * component.thermal().airM3PerHour();
  }

  double sweptMm2() {
    return fans() * FanAir.sweptMm2(OverOpening.fanMm(component));
  }

  /** Whether it lies over a place in its opening. */
  boolean over(Rect cell) {
    return why.isEmpty() && (at == null || at.contains(cell));
  }
}
