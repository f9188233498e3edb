package emberyard.core.fit.place;

import emberyard.core.geometry.Box;
import java.util.List;

/**
 * A thing in its place.
 *
 * @param xMm lower left front corner of all its hard boxes, in the enclosure
 */
public record Placed(
    Item item, Cavity cavity, Posture posture, double xMm, double yMm, double zMm) {
  /** Its hard boxes where they are. */
  public List<Solid> hard() {
    return posture.hardAt(xMm, yMm, zMm);
  }

  /** Its soft keep-outs where they are. */
  public List<Solid> soft() {
    return posture.softAt(xMm, yMm, zMm);
  }

  /** Around all its hard boxes. */
  public Box hull() {
    return posture.hull().moved(xMm, yMm, zMm);
  }

  Placed moved(int axis, double to) {
    return new Placed(
        item, cavity, posture, axis == 0 ? to : xMm, axis == 1 ? to : yMm, axis == 2 ? to : zMm);
  }
}
