package emberyard.core.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where one step lies: its occupied time [start, finish) and its pieces of hands-on time. */
record Placement(@Nullable String worker, List<Span> pieces, long start, long finish) {
  long handsOnEnd() {
    return pieces.isEmpty() ? start : pieces.get(pieces.size() - 1).to();
  }

  /** When so many minutes of its hands-on time are worked, its end where there are no more. */
  long worked(long minutes) {
    long left = minutes;
    for (Span piece : pieces) {
      if (left <= piece.minutes()) {
        return piece.from() + left;
      }
      left -= piece.minutes();
    }
    return handsOnEnd();
  }

  /** When it holds its station, never where it has none. */
  List<Span> held(Step step) {
    if (step.place() == null) {
      return List.of();
    }
    return step.holdsPlace() ? List.of(new Span(start, finish)) : pieces;
  }

  Placement mirrored() {
    List<Span> turned =
        java.util.stream.IntStream.range(0, pieces.size())
            .mapToObj(i -> pieces.get(pieces.size() - 1 - i).mirrored())
            .toList();
    return new Placement(worker, turned, -finish, -start);
  }
}
