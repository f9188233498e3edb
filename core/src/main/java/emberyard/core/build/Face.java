package emberyard.core.build;

import emberyard.core.geometry.Box;
import emberyard.core.geometry.Rect;
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

  /**
   * What a thing on this face takes of the space, from the lower left front corner of a body.
   *
   * <p>Seen straight on from outside: the left edge of the right side is its front, that of the
   * left and the back side lie across; the lower edge of the top is its front, that of the bottom
   * its back.
   *
   * <p>Example: 100 × 50 at 20, 10 on the left side of 400 × 300 × 200 mm (width, depth, height),
   * 30 deep inwards: x 0 to 30, y 180 to 280, z 10 to 60 mm.
   *
   * @param size of the body
   * @param at on the face, mm
   * @param deepMm from the face, 0 or more
   * @param outwards whether it lies on the face rather than behind it
   */
  public Box box(Size size, Rect at, double deepMm, boolean outwards) {
    double near = outwards ? -deepMm : 0;
    double far = outwards ? 0 : -deepMm;
    double w = at.widthMm();
    double h = at.heightMm();
    double acrossX = size.widthMm() - at.right();
    double acrossY = size.depthMm() - at.right();
    return switch (this) {
      case FRONT -> new Box(at.xMm(), near, at.yMm(), w, deepMm, h);
      case BACK -> new Box(acrossX, size.depthMm() + far, at.yMm(), w, deepMm, h);
      case LEFT -> new Box(near, acrossY, at.yMm(), deepMm, w, h);
      case RIGHT -> new Box(size.widthMm() + far, at.xMm(), at.yMm(), deepMm, w, h);
      case TOP -> new Box(at.xMm(), at.yMm(), size.heightMm() + far, w, h, deepMm);
      case BOTTOM -> new Box(at.xMm(), size.depthMm() - at.top(), near, w, h, deepMm);
    };
  }

  /**
   * What is seen of a box from outside, straight on: the way back of {@link #box}.
   *
   * <p>Example: x 0 to 30, y 180 to 280, z 10 to 60 mm of a body 400 × 300 × 200 mm (width, depth,
   * height) lies on its left side at 20, 10, 100 × 50 mm.
   */
  public Rect seen(Size size, Box box) {
    double w = box.widthMm();
    double d = box.depthMm();
    double h = box.heightMm();
    double acrossX = size.widthMm() - box.xMm() - w;
    double acrossY = size.depthMm() - box.yMm() - d;
    return switch (this) {
      case FRONT -> new Rect(box.xMm(), box.zMm(), w, h);
      case BACK -> new Rect(acrossX, box.zMm(), w, h);
      case LEFT -> new Rect(acrossY, box.zMm(), d, h);
      case RIGHT -> new Rect(box.yMm(), box.zMm(), d, h);
      case TOP -> new Rect(box.xMm(), box.yMm(), w, d);
      case BOTTOM -> new Rect(box.xMm(), acrossY, w, d);
    };
  }

  /** How far a box lies behind it, mm; less than 0 for one that stands out. */
  public double behindMm(Size size, Box box) {
    return switch (this) {
      case FRONT -> box.yMm();
      case BACK -> size.depthMm() - box.yMm() - box.depthMm();
      case LEFT -> box.xMm();
      case RIGHT -> size.widthMm() - box.xMm() - box.widthMm();
      case TOP -> size.heightMm() - box.zMm() - box.heightMm();
      case BOTTOM -> box.zMm();
    };
  }

  /** How far a box goes on away from it, mm. */
  public double deepMm(Box box) {
    return switch (this) {
      case FRONT, BACK -> box.depthMm();
      case LEFT, RIGHT -> box.widthMm();
      case TOP, BOTTOM -> box.heightMm();
    };
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
