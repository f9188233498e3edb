package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * Space that has to stay free beside a component.
 *
 * @param side of the component as it stands upright, seen from its front
 * @param depthMm outwards, 0.5 to 500 mm; for a plug its depth + bend radius
 * @param hard whether anything in it is a failure; else it is a risk
 * @param what "plug and bend", "breathing", "reach of a hand"
 */
public record KeepOut(Face side, double depthMm, boolean hard, String what) {
  public KeepOut {
    Require.given("side", side);
    Require.between("depthMm", depthMm, 0.5, 500, "mm");
    what = Require.textOrEmpty("what", what);
  }

  /**
   * Depth of a plug with its lead: plug + least bend radius, or the plug alone where it is
   * right-angled.
   *
   * <p>The radius is 4 cable diameters for stiff display leads, 3 for power. Example: a plug of 38
   * mm with a display lead of 7 mm: 38 + 28 = 66 mm; right-angled 38 mm.
   */
  public static double plugDepthMm(
      double plugMm, double cableMm, boolean stiff, boolean rightAngle) {
    return rightAngle ? plugMm : plugMm + cableMm * (stiff ? 4 : 3);
  }
}
