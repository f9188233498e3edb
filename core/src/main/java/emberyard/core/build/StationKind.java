package emberyard.core.build;

/** The places a step can occupy. */
public enum StationKind {
  BENCH,
  SPRAY_CORNER,
  LASER,
  PRINTER,
  SAW
}
