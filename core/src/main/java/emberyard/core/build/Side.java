package emberyard.core.build;

import java.util.Locale;

/** One side of a part: the front is what the build shows. */
public enum Side {
  FRONT,
  BACK;

  public String words() {
    return name().toLowerCase(Locale.ROOT);
  }

  public Side across() {
    return this == FRONT ? BACK : FRONT;
  }
}
