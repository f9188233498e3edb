package emberyard.core.fit.place;

import emberyard.core.build.Turn;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;

/**
 * One way a thing can lie: its hard boxes from a common corner at the origin, and its soft ones.
 *
 * @param hull around all hard boxes, from the origin
 */
public record Posture(Turn turn, List<Solid> hard, List<Solid> soft, Box hull) {
  /** Turns boxes and moves them so that the hard ones begin at the origin. */
  static Posture of(Turn turn, List<Solid> own) {
    List<Solid> turned =
        own.stream()
            .map(s -> new Solid(s.ofId(), s.what(), s.body(), s.hard(), turn.of(s.box())))
            .toList();
    Box hull =
        turned.stream().filter(Solid::hard).map(Solid::box).reduce(Box::around).orElseThrow();
    List<Solid> hard = new ArrayList<>();
    List<Solid> soft = new ArrayList<>();
    for (Solid solid : turned) {
      (solid.hard() ? hard : soft).add(solid.moved(-hull.xMm(), -hull.yMm(), -hull.zMm()));
    }
    return new Posture(
        turn,
        List.copyOf(hard),
        List.copyOf(soft),
        new Box(0, 0, 0, hull.widthMm(), hull.depthMm(), hull.heightMm()));
  }

  List<Solid> hardAt(double x, double y, double z) {
    return hard.stream().map(solid -> solid.moved(x, y, z)).toList();
  }

  List<Solid> softAt(double x, double y, double z) {
    return soft.stream().map(solid -> solid.moved(x, y, z)).toList();
  }
}
