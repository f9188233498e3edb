package emberyard.core.finish.optic;

import emberyard.core.colour.Colour;

/**
 * Layers as light meets them: what they send back to the front and to the back, and what they let
 * through, per channel of linear light. Slabs are laid on each other with Kubelka's formulas (1954)
 * for layers that are not alike from both sides; laying is associative.
 *
 * @param front reflectance seen from the front, over black
 * @param back reflectance seen from the back, over black
 * @param through transmittance, the same both ways
 */
public record Slab(Colour front, Colour back, Colour through) {
  /** Nothing: all light passes. */
  public static final Slab NOTHING = new Slab(Colour.BLACK, Colour.BLACK, Colour.WHITE);

  /** A layer that is alike from both sides. */
  public static Slab alike(Colour reflects, Colour through) {
    return new Slab(reflects, reflects, through);
  }

  /** A layer that only colours what passes: a clear, a candy, a tinted sheet. */
  public static Slab glaze(Colour through) {
    return alike(Colour.BLACK, through);
  }

  /** A layer that nothing passes. */
  public static Slab opaque(Colour colour) {
    return alike(colour, Colour.BLACK);
  }

  /** This one before another, seen from the front. */
  public Slab before(Slab behind) {
    return new Slab(
        each(front, through, back, behind.front),
        each(behind.back, behind.through, behind.front, back),
        passing(through, back, behind.front, behind.through));
  }

  /**
   * What is seen from the front with a ground of this reflectance behind.
   *
   * <p>Example: a candy that passes 0.5 of red over white shows 0.25 of red.
   */
  public Colour on(Colour ground) {
    return each(front, through, back, ground);
  }

  /** The same seen from the other side. */
  public Slab turned() {
    return new Slab(back, front, through);
  }

  private static Colour each(Colour first, Colour t, Colour inner, Colour second) {
    return Colour.linear(
        lit(first.red(), t.red(), inner.red(), second.red()),
        lit(first.green(), t.green(), inner.green(), second.green()),
        lit(first.blue(), t.blue(), inner.blue(), second.blue()));
  }

  private static double lit(double first, double t, double inner, double second) {
    return first + t * t * second / (1 - inner * second);
  }

  private static Colour passing(Colour t1, Colour inner, Colour second, Colour t2) {
    return Colour.linear(
        t1.red() * t2.red() / (1 - inner.red() * second.red()),
        t1.green() * t2.green() / (1 - inner.green() * second.green()),
        t1.blue() * t2.blue() / (1 - inner.blue() * second.blue()));
  }
}
