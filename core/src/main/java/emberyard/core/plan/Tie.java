package emberyard.core.plan;

import emberyard.core.work.BeginWindow;

/**
 * A window between two steps of a network: {@code step} has to be begun in what {@code opener}
 * opens.
 */
record Tie(int opener, int step, BeginWindow window) {

  /** The last minute to begin, as the opener is placed. */
  long closes(Placement[] placed) {
    return closes(placed[opener].handsOnEnd());
  }

  long closes(long handsOnEnd) {
    return window.paces().usual()
        ? handsOnEnd + window.minutes()
        : BenchClock.minute(window.closes(BenchClock.moment(handsOnEnd)));
  }

  /** Minutes by which it is begun after the window has closed, 0 where it is kept. */
  long missedBy(Placement[] placed) {
    return Math.max(0, placed[step].start() - closes(placed));
  }
}
