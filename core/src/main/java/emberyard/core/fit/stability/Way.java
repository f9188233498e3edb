package emberyard.core.fit.stability;

import emberyard.core.build.Enclosure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** A direction on the floor in which something may be moved. */
enum Way {
  FORWARD(0, -1, "to the front"),
  BACK(0, 1, "back"),
  LEFT(-1, 0, "left"),
  RIGHT(1, 0, "right");

  private static final double STEP_MM = 5;

  private final int right;
  private final int back;
  private final String words;

  Way(int right, int back, String words) {
    this.right = right;
    this.back = back;
    this.words = words;
  }

  int right() {
    return right;
  }

  int back() {
    return back;
  }

  String words() {
    return words;
  }

  /** How far what reaches so far may go until it leaves the ground under the enclosure, mm. */
  double room(double leftMm, double rightMm, double frontMm, double backMm, Enclosure enclosure) {
    return switch (this) {
      case FORWARD -> frontMm;
      case BACK -> enclosure.depthMm() - backMm;
      case LEFT -> leftMm;
      case RIGHT -> enclosure.widthMm() - rightMm;
    };
  }

  /** So far that way. */
  record Shift(Way way, double mm) {}

  /** Whether it is enough to move so far. */
  interface Enough {
    boolean at(Way way, double mm);
  }

  /** The shortest way that is enough, on whole millimetres: coarse first, then each one. */
  static Optional<Shift> shortest(ToDoubleFunction<Way> roomMm, Enough enough) {
    List<Shift> shifts = new ArrayList<>();
    for (Way way : values()) {
      double room = Math.floor(roomMm.applyAsDouble(way));
      for (double mm = Math.min(STEP_MM, room); mm > 0 && mm <= room; mm = next(mm, room)) {
        if (enough.at(way, mm)) {
          shifts.add(new Shift(way, finest(way, mm, enough)));
          break;
        }
      }
    }
    return shifts.stream().min(Comparator.comparingDouble(Shift::mm));
  }

  private static double next(double mm, double room) {
    return mm < room ? Math.min(mm + STEP_MM, room) : room + 1;
  }

  private static double finest(Way way, double mm, Enough enough) {
    double least = mm;
    while (least > 1 && least > mm - STEP_MM + 1 && enough.at(way, least - 1)) {
      least--;
    }
    return least;
  }
}
