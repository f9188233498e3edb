package emberyard.core.light.port;

/** Sums of whole numbers: they come out the same in whatever order they are added up. */
final class PortUnits {
  private PortUnits() {}

  static long kbit(double gbitPerSecond) {
    return Math.round(gbitPerSecond * 1e6);
  }

  static long milliamps(double amps) {
    return Math.round(amps * 1e3);
  }

  static long kilobytes(double megabytesPerSecond) {
    return Math.round(megabytesPerSecond * 1e3);
  }
}
