package emberyard.core.plan;

/**
 * A window between two steps of a network: {@code step} has to be begun in what {@code opener}
 * opens.
 *
 * @param minutes from the end of the opener's hands-on time
 */
record Tie(int opener, int step, int minutes, MinutePaces paces) {

  /** The last minute to begin, as the opener is placed. */
  long closes(Placement[] placed) {
    return closes(placed[opener].handsOnEnd());
  }

  long closes(long handsOnEnd) {
    return paces.end(handsOnEnd, minutes);
  }

  /** Minutes by which it is begun after the window has closed, 0 where it is kept. */
  long missedBy(Placement[] placed) {
    return Math.max(0, placed[step].start() - closes(placed));
  }
}
