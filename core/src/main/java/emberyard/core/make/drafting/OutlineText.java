package emberyard.core.make.drafting;

import emberyard.core.geometry.Outline;
import emberyard.core.units.Require;

/** Outlines written as SVG path data, as offcuts and pieces keep them. */
public final class OutlineText {
  private static final int LONGEST = 400_000;

  private OutlineText() {}

  /**
   * @throws emberyard.core.units.InvalidValue (field {@code path}) where it encloses nothing
   */
  public static Outline read(String path) {
    Require.that(path.length() <= LONGEST, "path", "The outline has more than 400,000 characters.");
    return PathData.outline(path);
  }
}
