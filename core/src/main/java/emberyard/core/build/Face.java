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
}
