package emberyard.core.build;

import emberyard.core.geometry.Box;

/**
 * One of the six ways a box can lie along the axes. x runs to the right, y to the back, z up. Each
 * is a true rotation: a plug on the front stays on the face that was the front.
 */
public enum Turn {
  UPRIGHT("upright", 1, 2, 3),
  QUARTER("turned a quarter to the left", -2, 1, 3),
  ON_BACK("laid on its back", 1, 3, -2),
  ON_SIDE("laid on its side", -3, 2, 1),
  ON_SIDE_QUARTER("on its side, turned a quarter", 2, 3, 1),
  ON_BACK_QUARTER("on its back, turned a quarter", 3, -1, -2);

  private final String words;

  /** Which own axis (1 x, 2 y, 3 z, negative for reversed) lies along x, y and z. */
  private final int[] along;

  Turn(String words, int alongX, int alongY, int alongZ) {
    this.words = words;
    this.along = new int[] {alongX, alongY, alongZ};
  }

  public String words() {
    return words;
  }

  /** The axis that its own upright edge lies along after the turn: 0 x, 1 y, 2 z. */
  public int upAxis() {
    for (int axis = 0; axis < 3; axis++) {
      if (Math.abs(along[axis]) == 3) {
        return axis;
      }
    }
    throw new IllegalStateException("a turn has three axes");
  }

  /** The same after “let it lie”: "on its side". */
  public String lying() {
    return words.startsWith("laid ") ? words.substring("laid ".length()) : words;
  }

  /**
   * A box of the component's own axes, as it lies after the turn about the origin.
   *
   * <p>Example: ON_SIDE takes a box 30 wide, 244 deep and 305 high from the origin to x −305 to 0,
   * y 0 to 244, z 0 to 30.
   */
  public Box of(Box own) {
    double[] from = new double[3];
    double[] length = new double[3];
    for (int axis = 0; axis < 3; axis++) {
      int source = Math.abs(along[axis]) - 1;
      length[axis] = own.length(source);
      from[axis] = along[axis] > 0 ? own.from(source) : -own.to(source);
    }
    return new Box(from[0], from[1], from[2], length[0], length[1], length[2]);
  }
}
