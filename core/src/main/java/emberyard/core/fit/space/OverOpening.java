package emberyard.core.fit.space;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Opening;
import emberyard.core.build.Thermal;
import emberyard.core.geometry.Box;
import java.util.Optional;

/** Whether a fan, a radiator or a cooler lies over the opening it was given, and blows to it. */
public final class OverOpening {
  private static final double USUAL_FAN_MM = 120;
  private static final double THINNER = 0.999;

  private OverOpening() {}

  /** The opening that a component should blow or draw through; empty for what does neither. */
  public static Optional<Opening> given(Component component, Enclosure enclosure) {
    return breathes(component)
        ? enclosure.opening(component.fitted().openingId())
        : Optional.empty();
  }

  /** A fan that is told which way to blow, and whatever cools a chip. */
  private static boolean breathes(Component c) {
    Thermal thermal = c.thermal();
    return thermal != null
        && (thermal.resistanceKPerW() != null
            || (thermal.airM3PerHour() > 0 && c.fitted().air() != null));
  }

  /** Why a piece of it at this place blows past the opening; empty where it doesn't. */
  public static String why(Component component, Opening opening, Enclosure enclosure, Box piece) {
    Face face = opening.face();
    if (flat(component) && !thinnest(piece, face.deepMm(piece))) {
      return "it blows along its thickness, not to the " + face.words();
    }
    if (face.behindMm(enclosure.size(), piece) > fanMm(component)) {
      return "it stands %.0f mm behind the opening"
          .formatted(face.behindMm(enclosure.size(), piece));
    }
    return face.seen(enclosure.size(), piece).overlaps(opening.at())
        ? ""
        : "it doesn't lie over the opening";
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

  /** The frame of one of its fans. */
  public static double fanMm(Component c) {
    Thermal thermal = c.thermal();
    return thermal.fanMm() > 0
        ? thermal.fanMm()
        : thermal.sectionMm() > 0 ? thermal.sectionMm() : USUAL_FAN_MM;
  }
}
