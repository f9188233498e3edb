package emberyard.server.supply;

import emberyard.core.record.OrderLine;

/** A line that is about to be ordered, and whose it is. */
record OutgoingLine(String buildId, OrderLine line) {

  /** What is bought over a counter is paid there. */
  boolean paidAtOnce() {
    boolean there = line.way() == OrderLine.Way.COUNTER || line.way() == OrderLine.Way.CASH;
    return there && line.totalMinor() > 0;
  }
}
