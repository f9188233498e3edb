package emberyard.core.work;

/** The places a step can occupy. */
public enum StationKind {
  BENCH,
  SPRAY_CORNER,
  LASER,
  PRINTER,
  SAW
}
