package emberyard.core.fit.place;

import emberyard.core.build.Face;

/** The three directions of a box, by number as {@link emberyard.core.geometry.Box} counts them. */
public enum Axis {
  X("width", "wider", "widerMm"),
  Y("depth", "deeper", "deeperMm"),
  Z("height", "higher", "higherMm");

  private final String words;
  private final String more;
  private final String field;

  Axis(String words, String more, String field) {
    this.words = words;
    this.more = more;
    this.field = field;
  }

  public String words() {
    return words;
  }

  /** "11.5 mm higher". */
  public String more() {
    return more;
  }

  /** The field of a bay's change that makes it larger this way. */
  public String field() {
    return field;
  }

  /** The axis that a face looks along. */
  public static Axis of(Face face) {
    return switch (face) {
      case LEFT, RIGHT -> X;
      case FRONT, BACK -> Y;
      case TOP, BOTTOM -> Z;
    };
  }
}
