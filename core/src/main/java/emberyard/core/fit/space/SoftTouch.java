package emberyard.core.fit.space;

import emberyard.core.build.Enclosure;
import emberyard.core.fit.place.Axis;
import emberyard.core.fit.place.Cavity;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Solid;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A soft keep-out that something lies in, or that ends in a closed wall.
 *
 * @param thingId of the placed thing that the keep-out goes with
 * @param keepOut as it lies
 * @param otherId what lies in it, {@link #WALL} for a wall
 * @param otherThingId of the placed thing that lies in it, empty for a wall
 */
record SoftTouch(String thingId, Solid keepOut, String otherId, String otherThingId) {
  static final String WALL = "wall";

  /** All of them among placed things, each pair once. */
  static List<SoftTouch> of(List<Placed> placed, List<Cavity> cavities, Enclosure enclosure) {
    List<SoftTouch> touches = new ArrayList<>();
    for (Placed thing : placed) {
      placed.forEach(other -> touches.addAll(between(thing, other)));
      touches.addAll(ended(thing, cavities, enclosure));
    }
    return touches;
  }

  /** How many there would be more with another thing. */
  static int count(Placed thing, List<Placed> others, List<Cavity> cavities, Enclosure enclosure) {
    int count = between(thing, thing).size() + ended(thing, cavities, enclosure).size();
    for (Placed other : others) {
      count += between(thing, other).size() + between(other, thing).size();
    }
    return count;
  }

  private static List<SoftTouch> between(Placed thing, Placed other) {
    List<Solid> soft = thing.soft();
    if (soft.isEmpty()) {
      return List.of();
    }
    Set<String> said = new HashSet<>();
    List<SoftTouch> touches = new ArrayList<>();
    for (Solid solid : other.hard()) {
      for (Solid keepOut : soft) {
        boolean own = solid.ofId().equals(keepOut.ofId());
        if (!own
            && solid.body()
            && solid.box().overlaps(keepOut.box())
            && said.add(keepOut.ofId() + solid.ofId())) {
          touches.add(new SoftTouch(thing.item().id(), keepOut, solid.ofId(), other.item().id()));
        }
      }
    }
    return touches;
  }

  private static List<SoftTouch> ended(Placed thing, List<Cavity> cavities, Enclosure enclosure) {
    return thing.soft().stream()
        .filter(keepOut -> !free(keepOut.box(), thing, cavities, enclosure))
        .map(keepOut -> new SoftTouch(thing.item().id(), keepOut, WALL, ""))
        .toList();
  }

  /** Within its own bay or another, or out through the side its bay opens to. */
  private static boolean free(
      Box keepOut, Placed placed, List<Cavity> cavities, Enclosure enclosure) {
    Box own = placed.cavity().box();
    if (own.contains(keepOut)) {
      return true;
    }
    for (int axis = 0; axis < 3; axis++) {
      boolean out =
          keepOut.from(axis) < own.from(axis) - Box.TOUCH_MM
              || keepOut.to(axis) > own.to(axis) + Box.TOUCH_MM;
      if (out && !opens(placed, axis, enclosure) && !inAnother(keepOut, own, axis, cavities)) {
        return false;
      }
    }
    return true;
  }

  /** Along the axis things go in, or where the enclosure has an opening. */
  private static boolean opens(Placed placed, int axis, Enclosure enclosure) {
    return Axis.of(placed.cavity().access()).ordinal() == axis
        || enclosure.openings().stream()
            .anyMatch(o -> !o.sealed() && Axis.of(o.face()).ordinal() == axis);
  }

  private static boolean inAnother(Box keepOut, Box own, int axis, List<Cavity> cavities) {
    Box beyond =
        keepOut.to(axis) > own.to(axis)
            ? keepOut.between(axis, Math.max(own.to(axis), keepOut.from(axis)), keepOut.to(axis))
            : keepOut.between(axis, keepOut.from(axis), Math.min(own.from(axis), keepOut.to(axis)));
    return cavities.stream().anyMatch(cavity -> cavity.box().overlaps(beyond));
  }
}
