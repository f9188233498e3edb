package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * What a build stands on: a line of support at the front and one at the back, or two axles.
 *
 * @param frontMm the front line from the front, −2,000 to 5,000 mm; back behind it
 * @param leftMm outer left end of the lines, −2,000 to 5,000 mm; right beyond it
 */
public record Supports(Kind kind, double frontMm, double backMm, double leftMm, double rightMm) {
  /** Share of the size by which feet stand in from the edges; a default. */
  private static final double INSET = 0.08;

  public Supports {
    Require.given("kind", kind);
    Require.between("frontMm", frontMm, -2_000, 5_000, "mm");
    Require.between("backMm", backMm, -2_000, 5_000, "mm");
    Require.between("leftMm", leftMm, -2_000, 5_000, "mm");
    Require.between("rightMm", rightMm, -2_000, 5_000, "mm");
    Require.that(
        backMm > frontMm,
        "backMm",
        "The back line must lie behind the front one, %.0f mm.".formatted(frontMm));
    Require.that(
        rightMm > leftMm,
        "rightMm",
        "The right end must lie right of the left one, %.0f mm.".formatted(leftMm));
  }

  /** What stands there. */
  public enum Kind {
    FEET,
    AXLES,
    SHELF
  }

  /** Four feet a little in from the corners. */
  public static Supports feet(double widthMm, double depthMm) {
    return new Supports(
        Kind.FEET, depthMm * INSET, depthMm * (1 - INSET), widthMm * INSET, widthMm * (1 - INSET));
  }
}
