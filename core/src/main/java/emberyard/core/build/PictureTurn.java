package emberyard.core.build;

import emberyard.core.build.ScreenMount.Standing;

/** How far software can turn a screen’s picture, so that it is upright however the body stands. */
public enum PictureTurn {
  NOT_AT_ALL("not at all"),
  HALF("0° and 180°"),
  ANY("0°, 90°, 180° and 270°");

  private final String words;

  PictureTurn(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether the picture can be made upright on a body that stands like this. */
  public boolean rights(Standing standing) {
    return switch (this) {
      case NOT_AT_ALL -> standing == Standing.UPRIGHT;
      case HALF -> !standing.onItsSide();
      case ANY -> true;
    };
  }
}
