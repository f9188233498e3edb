package emberyard.core.build;

import emberyard.core.geometry.Box;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * The space a component takes.
 *
 * @param widthMm left to right as it stands upright, 0.5 to 3,000 mm; so are depth and height
 * @param keepOuts space beside it that stays free
 * @param seats where it may sit; none is read as a free bay
 * @param turns how it may lie; none is read as upright only
 * @param turnReason why not otherwise: "a cooler can't be inverted", "needs a riser"
 * @param spots where others sit on it
 */
@RecordBuilder
public record Body(
    double widthMm,
    double depthMm,
    double heightMm,
    List<KeepOut> keepOuts,
    List<Seat> seats,
    List<Turn> turns,
    String turnReason,
    List<Spot> spots)
    implements BodyBuilder.With {
  public Body {
    Require.between("widthMm", widthMm, 0.5, 3_000, "mm");
    Require.between("depthMm", depthMm, 0.5, 3_000, "mm");
    Require.between("heightMm", heightMm, 0.5, 3_000, "mm");
    keepOuts = Require.list(keepOuts);
    Require.that(keepOuts.size() <= 12, "keepOuts", "At most 12 keep-outs a component.");
    seats = Require.list(seats);
    turns = Require.list(turns);
    turnReason = Require.textOrEmpty("turnReason", turnReason);
    spots = Require.list(spots);
  }

  /** A plain box for these seats, in any of these turns. */
  public static Body box(
      double widthMm, double depthMm, double heightMm, List<Seat> seats, List<Turn> turns) {
    return new Body(widthMm, depthMm, heightMm, List.of(), seats, turns, "", List.of());
  }

  /** Its seats, a free bay where none is given. */
  public List<Seat> sits() {
    return seats.isEmpty() ? List.of(Seat.FREE) : seats;
  }

  /** Its turns, upright where none is given. */
  public List<Turn> lies() {
    return turns.isEmpty() ? List.of(Turn.UPRIGHT) : turns.stream().distinct().sorted().toList();
  }

  /** Whether it takes the very room another does: the same sides, the same kept free. */
  public boolean takesAsMuch(Body other) {
    return envelope().equals(other.envelope()) && keepOuts.equals(other.keepOuts);
  }

  /** The body itself from its own origin. */
  public Box envelope() {
    return new Box(0, 0, 0, widthMm, depthMm, heightMm);
  }

  /** The keep-outs of one hardness as boxes over the whole side. */
  public List<Box> keepOutBoxes(boolean hard) {
    List<Box> boxes = new ArrayList<>();
    for (KeepOut free : keepOuts) {
      if (free.hard() == hard) {
        boxes.add(beside(free.side(), free.depthMm()));
      }
    }
    return boxes;
  }

  private Box beside(Face side, double deep) {
    return switch (side) {
      case LEFT -> new Box(-deep, 0, 0, deep, depthMm, heightMm);
      case RIGHT -> new Box(widthMm, 0, 0, deep, depthMm, heightMm);
      case FRONT -> new Box(0, -deep, 0, widthMm, deep, heightMm);
      case BACK -> new Box(0, depthMm, 0, widthMm, deep, heightMm);
      case BOTTOM -> new Box(0, 0, -deep, widthMm, depthMm, deep);
      case TOP -> new Box(0, 0, heightMm, widthMm, depthMm, deep);
    };
  }
}
