package emberyard.core.fit.place;

import emberyard.core.geometry.Box;

/**
 * A box that nothing may overlap, or a soft keep-out that had better stay free.
 *
 * @param ofId the component it belongs to
 * @param what "body" or what the keep-out is for
 * @param body whether it is the component itself
 * @param hard whether overlapping it is a failure
 */
public record Solid(String ofId, String what, boolean body, boolean hard, Box box) {
  /** The same box of no component in particular. */
  Solid like() {
    return new Solid("", what, body, hard, box);
  }

  Solid moved(double x, double y, double z) {
    return new Solid(ofId, what, body, hard, box.moved(x, y, z));
  }
}
