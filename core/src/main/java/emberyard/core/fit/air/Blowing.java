package emberyard.core.fit.air;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.Opening;
import emberyard.core.build.Thermal;
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
  private static final double USUAL_FAN_MM = 120;
  private static final double THINNER = 0.999;

  /** All pieces of a build that are said to blow through an opening. */
  static List<Blowing> of(List<Component> components, Enclosure enclosure, @Nullable Space space) {
    Map<String, List<Box>> bodies = space == null ? Map.of() : space.bodies();
    List<Blowing> all = new ArrayList<>();
    for (Component c : components) {
      Opening opening = breathes(c) ? enclosure.opening(c.fitted().openingId()).orElse(null) : null;
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

  /** A fan that is told which way to blow, and whatever cools a chip. */
  private static boolean breathes(Component c) {
    Thermal thermal = c.thermal();
    return thermal != null
        && (thermal.resistanceKPerW() != null
            || (thermal.airM3PerHour() > 0 && c.fitted().air() != null));
  }

  private static Blowing placed(Component c, Opening opening, Enclosure enclosure, Box box) {
    Face face = opening.face();
    Rect at = face.seen(enclosure.size(), box);
    String why = "";
    if (flat(c) && !thinnest(box, face.deepMm(box))) {
      why = "it blows along its thickness, not to the " + face.words();
    } else if (face.behindMm(enclosure.size(), box) > fanMm(c)) {
      why = "it stands %.0f mm behind the opening".formatted(face.behindMm(enclosure.size(), box));
    } else if (!at.overlaps(opening.at())) {
      why = "it doesn't lie over the opening";
    }
    return new Blowing(c, opening.id(), at, why);
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

  /**
   * Fans and radiators blow along their thickness; how a cooler stands on its chip is not known.
   */
  private static boolean flat(Component c) {
    return c.kind() == ComponentKind.FAN || c.thermal().sections() > 0;
  }

  private static boolean thinnest(Box box, double deepMm) {
    double least = Math.min(box.widthMm(), Math.min(box.depthMm(), box.heightMm()));
    return deepMm * THINNER <= least;
  }

  static double fanMm(Component c) {
    Thermal thermal = c.thermal();
    return thermal.fanMm() > 0
        ? thermal.fanMm()
        : thermal.sectionMm() > 0 ? thermal.sectionMm() : USUAL_FAN_MM;
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
    return fans() * FanAir.sweptMm2(fanMm(component));
  }

  /** Whether it lies over a place in its opening. */
  boolean over(Rect cell) {
    return why.isEmpty() && (at == null || at.contains(cell));
  }
}
