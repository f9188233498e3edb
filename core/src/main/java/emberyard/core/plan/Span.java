package emberyard.core.plan;

/**
 * A stretch of time in whole minutes since 1970-01-01T00:00 on the bench clock.
 *
 * @param from inclusive
 * @param to exclusive, not before {@code from}
 */
record Span(long from, long to) {
  Span {
    if (to < from) {
      throw new IllegalArgumentException("a span can't end before it begins");
    }
  }

  long minutes() {
    return to - from;
  }

  /** The same stretch on a clock that runs backwards. */
  Span mirrored() {
    return new Span(-to, -from);
  }
}
