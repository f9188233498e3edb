package emberyard.core.build;

import java.util.Locale;

/** One side of the build, seen straight on. */
public enum Face {
  FRONT,
  BACK,
  LEFT,
  RIGHT,
  TOP,
  BOTTOM;

  public String words() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The face across. */
  public Face mirror() {
    return switch (this) {
      case FRONT -> BACK;
      case BACK -> FRONT;
      case LEFT -> RIGHT;
      case RIGHT -> LEFT;
      case TOP -> BOTTOM;
      case BOTTOM -> TOP;
    };
  }

  /** Seen straight on: width × depth lie across for top and bottom, depth for left and right. */
  public double widthMm(Size size) {
    return this == LEFT || this == RIGHT ? size.depthMm() : size.widthMm();
  }

  /** Seen straight on. */
  public double heightMm(Size size) {
    return this == TOP || this == BOTTOM ? size.depthMm() : size.heightMm();
  }

  /** The size that something so large on this face makes of a size, seen straight on. */
  Size covering(Size size, double wideMm, double highMm) {
    double across = Math.max(widthMm(size), wideMm);
    double up = Math.max(heightMm(size), highMm);
    return switch (this) {
      case FRONT, BACK -> new Size(across, up, size.depthMm());
      case LEFT, RIGHT -> new Size(size.widthMm(), up, across);
      case TOP, BOTTOM -> new Size(across, size.heightMm(), up);
    };
  }
}
