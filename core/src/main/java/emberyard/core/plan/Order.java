package emberyard.core.plan;

/**
 * In which order steps get their place, as numbers of each step: by the first, then the second,
 * then the last, which no two steps share.
 */
record Order(long[] first, long[] second, int[] last) {
  boolean before(int one, int other) {
    if (first[one] != first[other]) {
      return first[one] < first[other];
    }
    if (second[one] != second[other]) {
      return second[one] < second[other];
    }
    return last[one] < last[other];
  }
}
