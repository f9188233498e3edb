package emberyard.core.build;

/** One side of the build, seen straight on. */
public enum Face {
  FRONT,
  BACK,
  LEFT,
  RIGHT,
  TOP,
  BOTTOM
}
