package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * A place on a component where another sits, such as a memory slot.
 *
 * @param xMm from the component's left, −500 to 500 mm; so are y from its front and z from its
 *     underside
 */
public record Spot(Seat seat, double xMm, double yMm, double zMm) {
  public Spot {
    Require.given("seat", seat);
    Require.that(seat.onBoard(), "seat", "A spot is for a processor's cooler, memory or M.2.");
    Require.between("xMm", xMm, -500, 500, "mm");
    Require.between("yMm", yMm, -500, 500, "mm");
    Require.between("zMm", zMm, -500, 500, "mm");
  }
}
