package emberyard.core.fit.place;

import emberyard.core.build.Face;
import emberyard.core.build.Seat;
import emberyard.core.geometry.Box;
import java.util.List;

/**
 * A space to place things in.
 *
 * @param box what is usable at worst, in the enclosure
 * @param accepts what sits in it; {@link Seat#FREE} takes anything
 * @param access the side from which things go in
 */
public record Cavity(String id, String name, Box box, List<Seat> accepts, Face access) {
  public Cavity {
    accepts = List.copyOf(accepts);
  }

  /** Whether a thing that sits so may lie in it. */
  public boolean takes(List<Seat> seats) {
    return accepts.contains(Seat.FREE) || madeFor(seats);
  }

  /** Whether something so large would go in if it were empty. */
  public boolean wouldHold(Box hull) {
    return hull.widthMm() <= box.widthMm() + Box.TOUCH_MM
        && hull.depthMm() <= box.depthMm() + Box.TOUCH_MM
        && hull.heightMm() <= box.heightMm() + Box.TOUCH_MM;
  }

  /** Whether it is for such things, not for anything. */
  public boolean madeFor(List<Seat> seats) {
    return seats.stream().anyMatch(accepts::contains);
  }
}
